// npm run soak: kills, tampered requests and many users against the built server; --short is what npm test runs.
import { join } from 'node:path'
import { bin, build, install, root, run } from './install.mjs'

install()
build()
const out = join(root, 'node_modules/.varietas/soak.mjs')
run(bin('esbuild'), [
  'tests/soak/main.ts',
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
