// npm run soak: kills, tampered requests and many users against the built server; --short is what npm test runs.
import { build, bundle, install, run } from './install.mjs'

install()
build()
run(process.execPath, [bundle('tests/soak/main.ts', 'soak'), ...process.argv.slice(2)])
