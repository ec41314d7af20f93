import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const { paths, args } = JSON.parse(readFileSync(join(process.cwd(), 'scripts/browser.json'), 'utf8')) as {
  paths: string[]
  args: string[]
}

/** How the browser of the tests, the benchmark and the pictures is started: Debian's headless shell, else its Chromium. */
export const BROWSER = {
  executablePath: process.env.CHROMIUM ?? paths.find(path => existsSync(path)) ?? paths[0]!,
  args,
}
