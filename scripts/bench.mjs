// npm run bench: bundles the benchmarks and runs each once: the core beside a straightforward one, the demo, the server on grown data.
import { build, bundle, chromium, install, run } from './install.mjs'

install()
run(process.execPath, [bundle('bench/bench.ts', 'bench')])
if (!process.argv.includes('--core')) {
  chromium()
  build()
  run(process.execPath, [bundle('bench/demo.ts', 'demo')])
  bundle('tests/grow/main.ts', 'grow')
  run(process.execPath, [bundle('bench/grown.ts', 'grown')])
}
