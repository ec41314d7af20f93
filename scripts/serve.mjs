// npm run demo / npm start: install, build, migrate and serve.
import { randomUUID } from 'node:crypto'
import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { homedir } from 'node:os'
import { build, install, root } from './install.mjs'

const demo = process.argv[2] === 'demo'
const host = process.env.HOST ?? '127.0.0.1'
const port = process.env.PORT ?? '4180'
const data =
  process.env.VARIETAS_DATA ?? (demo ? join(root, '.varietas/demo') : join(homedir(), '.local/share/varietas'))

install()
build()

// A small computer has no memory to spare: collected often; threads share two pools; what is large goes back as soon as it is free.
const frugal = JSON.parse(readFileSync(join(root, 'scripts/frugal.json'), 'utf8'))

// Told back by the health page, so that another program on this port is not taken for this one.
const start = randomUUID()
const env = {
  ...frugal.env,
  ...process.env,
  HOST: host,
  PORT: port,
  NITRO_HOST: host,
  NITRO_PORT: port,
  VARIETAS_DATA: data,
  VARIETAS_START: start,
  NODE_ENV: 'production',
}
if (demo) {
  env.VARIETAS_DEMO = '1'
  // The demo never touches a database that the environment names for real work.
  delete env.DATABASE_URL
}
const server = spawn(process.execPath, [...frugal.flags, join(root, '.output/server/index.mjs')], {
  env,
  stdio: ['inherit', 'ignore', 'inherit'],
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
let ended = false
server.on('exit', (code, signal) => {
  ended = true
  process.exit(code ?? (signal ? 1 : 0))
})

const address = `http://${host.includes(':') ? `[${host}]` : host}:${port}`
const reach = host === '0.0.0.0' || host === '::' ? `http://127.0.0.1:${port}` : address
for (;;) {
  const status = await fetch(`${reach}/api/health`).then(
    answer => (answer.headers.get('x-varietas-start') === start ? answer.status : 0),
    () => 0,
  )
  if (ended) break
  if (status === 200) {
    console.log(`Varietas${demo ? ' with the demo data' : ''} is at ${address}\nData: ${data}\nStop with Ctrl+C.`)
    break
  }
  if (status === 503) {
    console.log(`What can be done is at ${address}\nData: ${data}\nStop with Ctrl+C.`)
    break
  }
  await new Promise(resolve => setTimeout(resolve, 150))
}
