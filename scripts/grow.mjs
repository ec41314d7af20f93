// npm run grow -- --faces 5000 --items 10000: fills the folder of VARIETAS_DATA with as much as grows in years, the same each time.
import { join } from 'node:path'
import { bin, install, root, run } from './install.mjs'

if (!process.env.VARIETAS_DATA) {
  console.error('Name an empty folder in VARIETAS_DATA: nothing of yours is to be filled up.')
  process.exit(1)
}
install()
const out = join(root, 'node_modules/.varietas/grow.mjs')
run(bin('esbuild'), [
  'tests/grow/main.ts',
  '--bundle',
  '--platform=node',
  '--format=esm',
  '--target=node20',
  `--outfile=${out}`,
  '--alias:#core=./core',
  '--alias:#shared=./shared',
  '--external:@libsql/client',
  '--tsconfig-raw={"compilerOptions":{"experimentalDecorators":true,"useDefineForClassFields":false}}',
  "--banner:js=import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  '--log-level=warning',
])
run(process.execPath, [out, ...process.argv.slice(2)])
