// npm run grow -- --faces 5000 --items 10000: fills the folder of VARIETAS_DATA with as much as grows in years, the same each time.
import { bundle, install, run } from './install.mjs'

if (!process.env.VARIETAS_DATA) {
  console.error('Name an empty folder in VARIETAS_DATA: nothing of yours is to be filled up.')
  process.exit(1)
}
install()
run(process.execPath, [bundle('tests/grow/main.ts', 'grow'), ...process.argv.slice(2)])
