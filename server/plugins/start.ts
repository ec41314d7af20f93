import { migrateDatabase } from '../db/connection'
import { stockSimulatedSuppliers } from '../services/buys'
import { loadDemo } from '../services/demo'
import { warmPlans } from '../services/plans'

// Top-level await: Nitro does not wait for async plugins, and a failed migration must end the process before it listens.
await migrateDatabase()
await stockSimulatedSuppliers()
if (process.env.VARIETAS_DEMO === '1') await loadDemo()
await warmPlans()

export default defineNitroPlugin(() => undefined)
