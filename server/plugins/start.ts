import { migrateDatabase } from '../db/connection'
import { stockSimulatedSuppliers } from '../services/buys'
import { loadDemo } from '../services/demo'
import { warmPool } from '../services/pool'

// Top-level await: Nitro does not wait for async plugins, and a failed migration must end the process before it listens.
await migrateDatabase()
await stockSimulatedSuppliers()
if (process.env.VARIETAS_DEMO === '1') await loadDemo()
await warmPool()

export default defineNitroPlugin(() => undefined)
