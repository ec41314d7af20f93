// npm run bench: bundles the benchmark and runs it once.
import { join } from 'node:path'
import { bin, install, root, run } from './install.mjs'

install()
const out = join(root, 'node_modules/.varietas/bench.mjs')
run(bin('esbuild'), [
  'bench/bench.ts',
  '--bundle',
  '--platform=node',
  '--format=esm',
  `--outfile=${out}`,
  '--alias:#core=./core',
  '--log-level=warning',
])
run(process.execPath, [out])
