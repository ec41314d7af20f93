import { emptyDatabase } from './database'

/* The connection opens when it is imported, so everything that stands on it is imported after the folder is set. */
const load = async () => ({
  ...(await import('../../server/db/connection')),
  ...(await import('../../server/devices/simulatedMeter')),
  ...(await import('../../server/services/blends')),
  ...(await import('../../server/services/board')),
  ...(await import('../../server/services/buys')),
  ...(await import('../../server/services/changes')),
  ...(await import('../../server/services/clientele')),
  ...(await import('../../server/services/command')),
  ...(await import('../../server/services/demo')),
  ...(await import('../../server/services/exported')),
  ...(await import('../../server/services/faceList')),
  ...(await import('../../server/services/faces')),
  ...(await import('../../server/services/forget')),
  ...(await import('../../server/services/gear')),
  ...(await import('../../server/services/handling')),
  ...(await import('../../server/services/imported')),
  ...(await import('../../server/services/bags')),
  ...(await import('../../server/services/jobs')),
  ...(await import('../../server/services/dayPlans')),
  ...(await import('../../server/services/jobChair')),
  ...(await import('../../server/services/packing')),
  ...(await import('../../server/services/quotes')),
  ...(await import('../../server/services/ready')),
  ...(await import('../../server/services/ticks')),
  ...(await import('../../server/services/ownUse')),
  ...(await import('../../server/services/wraps')),
  ...(await import('../../server/services/years')),
  ...(await import('../../server/services/jobTogether')),
  ...(await import('../../server/services/kit')),
  ...(await import('../../server/services/kitList')),
  ...(await import('../../server/services/listed')),
  ...(await import('../../server/services/meter')),
  ...(await import('../../server/services/mixes')),
  ...(await import('../../server/services/mornings')),
  ...(await import('../../server/services/moving')),
  ...(await import('../../server/services/oldReasons')),
  ...(await import('../../server/services/owned')),
  ...(await import('../../server/services/personRecord')),
  ...(await import('../../server/services/pictures')),
  ...(await import('../../server/services/places')),
  ...(await import('../../server/services/plans')),
  ...(await import('../../server/services/setAside')),
  ...(await import('../../server/services/settings')),
  ...(await import('../../server/services/standards')),
  ...(await import('../../server/services/standingLists')),
  ...(await import('../../server/services/stillThere')),
  ...(await import('../../server/services/ahead')),
  ...(await import('../../server/services/targets')),
  ...(await import('../../server/services/things')),
  ...(await import('../../server/services/units')),
  ...(await import('../../server/services/together')),
  tables: await import('../../server/db/schema'),
})

export type Services = Awaited<ReturnType<typeof load>>

/** Every service on an empty database of this test file's own, or on what is put into its folder, ready when its tests run. */
export function services(prepare?: (on: Services) => Promise<unknown>, put?: (folder: string) => void): Services {
  const folder = emptyDatabase()
  put?.(folder)
  const on = {} as Services
  beforeAll(async () => {
    Object.assign(on, await load())
    await on.migrateDatabase()
    await prepare?.(on)
  })
  return on
}
