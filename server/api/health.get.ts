import { version } from '../../package.json'

// Answers only once server/plugins/start.ts has migrated the database and started the pool.
export default defineEventHandler(() => ({ status: 'ok' as const, version }))
