import { homedir } from 'node:os'
import { dirname, join, resolve } from 'node:path'
import { parseHost } from '#shared/checks/parse'

/* What the environment says, read in one place. */

/** The folder of the database, pictures in it, and the backups. */
export const dataFolder = (): string => resolve(process.env.VARIETAS_DATA ?? join(homedir(), '.local/share/varietas'))

export const databaseFile = (): string => join(dataFolder(), 'varietas.db')
export const backupFolder = (): string => join(dataFolder(), 'backups')

/** A libSQL server instead of the file. */
export const databaseServer = (): { url: string; authToken?: string } | null =>
  process.env.DATABASE_URL ? { url: process.env.DATABASE_URL, authToken: process.env.DATABASE_AUTH_TOKEN } : null

/** Whether this is the demo: an invented kit, people and jobs. */
export const isDemo = (): boolean => process.env.VARIETAS_DEMO === '1'
/** The port of the artist's own kit that this demo was opened from; null where there is none. */
export const demoIsBesidePort = (): number | null => Number(process.env.VARIETAS_BESIDE) || null
/** Where this server listens, as Nitro reads it. */
export const servedAt = (): { host: string; port: number } => ({
  host: process.env.NITRO_HOST ?? process.env.HOST ?? '127.0.0.1',
  port: Number(process.env.NITRO_PORT ?? process.env.PORT ?? 3000),
})

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]']
const EVERYWHERE = ['0.0.0.0', '[::]']

/** The names this server answers to; a request for any other host is refused. */
export function allowedHosts(): ReadonlySet<string> {
  const bound = process.env.HOST ?? process.env.NITRO_HOST ?? ''
  const named = (process.env.VARIETAS_HOSTS ?? '').split(',').map(host => host.trim())
  const own = [bound.includes(':') && !bound.startsWith('[') ? `[${bound}]` : bound, ...named]
  return new Set([...LOOPBACK, ...own.flatMap(host => parseHost(host) ?? []).filter(h => !EVERYWHERE.includes(h))])
}

// Nitro writes NODE_ENV into the built server as production; everything else runs from the source tree.
export const isBuilt = (): boolean => process.env.NODE_ENV === 'production'

/** Memory of one computing thread, MB: past it the computation breaks off and nothing else does. */
export const computeHeapMb = (): number => Math.max(16, Number(process.env.VARIETAS_COMPUTE_MB) || 72)

/** Whether a plan for a stranger is computed after the start, so that the first artist of the day does not wait for it. */
export const warmsUp = (): boolean => process.env.VARIETAS_WARM !== '0'

/** The generated migrations: beside the built server, or in the source tree. */
export const migrationsFolder = (): string =>
  process.env.VARIETAS_MIGRATIONS
  ?? (isBuilt() ? join(dirname(process.argv[1]!), 'migrations') : join(process.cwd(), 'server/db/migrations'))

/** The type that papers are printed in, a folder a family: beside the built server, or where the packages are. */
export const fontsFolder = (): string =>
  isBuilt() ? join(dirname(process.argv[1]!), 'fonts') : join(process.cwd(), 'node_modules/@fontsource')

/** The bundled worker threads. */
export const workersFolder = (): string =>
  isBuilt() ? join(dirname(process.argv[1]!), 'workers') : join(process.cwd(), '.nuxt/server-workers')
