// Brings node_modules and the built application up to date, doing nothing when nothing changed.
// Uses only what comes with Node, since on a fresh clone there is nothing else yet.
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
export const bin = name => join(root, 'node_modules/.bin', name)
const stamps = join(root, 'node_modules/.varietas')

/** Runs a command with its output on this terminal; ends the process with its code when it fails. */
export function run(command, args, env = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } })
  if (error) console.error(error.message)
  if (status !== 0) process.exit(status ?? 1)
}

/** Runs rows of commands at the same time, each row in its order; ends the process with the code of the first that fails. */
export async function runTogether(rows) {
  const one = ([command, args]) =>
    new Promise(resolve => {
      spawn(command, args, { cwd: root, stdio: 'inherit' })
        .on('error', error => {
          console.error(error.message)
          resolve(1)
        })
        .on('exit', code => resolve(code ?? 1))
    })
  const codes = await Promise.all(
    rows.map(async row => {
      for (const command of row) {
        const code = await one(command)
        if (code !== 0) return code
      }
      return 0
    }),
  )
  const failed = codes.find(code => code !== 0)
  if (failed !== undefined) process.exit(failed)
}

function* files(path) {
  const full = join(root, path)
  if (!existsSync(full)) return
  if (statSync(full).isFile()) yield full
  else for (const name of readdirSync(full).sort()) yield* files(join(path, name))
}

function fingerprint(paths) {
  const hash = createHash('sha256')
  for (const path of paths) {
    for (const file of files(path))
      hash.update(relative(root, file)).update('\0').update(readFileSync(file)).update('\0')
  }
  return hash.digest('hex')
}

/** Does the work when the fingerprint of its inputs is not the one of last time. */
function once(stamp, inputs, present, work) {
  const now = fingerprint(inputs)
  const file = join(stamps, stamp)
  if (present() && existsSync(file) && readFileSync(file, 'utf8') === now) return
  work()
  mkdirSync(stamps, { recursive: true })
  writeFileSync(file, now)
}

export function install() {
  once(
    'installed',
    ['package.json', 'package-lock.json', '.npmrc'],
    () => existsSync(bin('nuxt')),
    () => {
      console.log('Installing packages (about two minutes the first time) …')
      // Not `npm ci`: some optional packages of other platforms may be missing from the lock, and it refuses that.
      run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'])
    },
  )
}

const browser = JSON.parse(readFileSync(join(root, 'scripts/browser.json'), 'utf8'))
export const browserArgs = browser.args
export const browserPath = () => process.env.CHROMIUM ?? browser.paths.find(path => existsSync(path))

/** The browser of the tests, the benchmark and the pictures; the headless shell is installed from Debian's packages where it can be. */
export function chromium() {
  const [shell] = browser.paths
  if (existsSync(process.env.CHROMIUM ?? shell)) return
  const command = `apt-get update && apt-get install -y --no-install-recommends ${browser.debianPackage}`
  const canInstall =
    !process.env.CHROMIUM && process.getuid?.() === 0 && spawnSync('apt-get', ['--version']).status === 0
  if (canInstall) {
    console.log('Installing the browser …')
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
    spawnSync('sh', ['-c', `(${command}) > /dev/null`], { stdio: 'inherit', env })
  }
  const path = browserPath()
  if (path && existsSync(path)) return
  console.error(
    `This needs Chromium at ${path ?? shell}. Install it once: sudo sh -c '${command}' — or name another in CHROMIUM.`,
  )
  process.exit(1)
}

/** One file with all it imports, as Node runs it; returns where it stands. */
export function bundle(entry, name) {
  const out = join(stamps, `${name}.mjs`)
  run(bin('esbuild'), [
    entry,
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    `--outfile=${out}`,
    '--alias:#core=./core',
    '--alias:#shared=./shared',
    '--external:@libsql/client',
    '--external:@playwright/test',
    '--tsconfig-raw={"compilerOptions":{"experimentalDecorators":true,"useDefineForClassFields":false}}',
    "--banner:js=import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    '--log-level=warning',
  ])
  return out
}

const SOURCES = [
  'app',
  'core',
  'shared',
  'server',
  'demo',
  'modules',
  'public',
  'nuxt.config.ts',
  'package.json',
  'package-lock.json',
]

export function build() {
  once(
    'built',
    SOURCES,
    () => existsSync(join(root, '.output/server/index.mjs')),
    () => {
      console.log('Building (about a minute) …')
      run(bin('nuxt'), ['build', '--logLevel=silent'])
    },
  )
}
