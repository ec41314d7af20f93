import { emptyDatabase } from './database'

/* The connection opens when it is imported, so everything that stands on it is imported after the folder is set. */
const load = async () => ({
  // Before the bags, which take out as well.
  ...(await import('../../server/services/kit/used')),
  ...(await import('../../server/db/connection')),
  ...(await import('../../server/devices/simulatedMeter')),
  ...(await import('../../server/services/kit/blends')),
  ...(await import('../../server/services/kit/board')),
  ...(await import('../../server/services/buying/buys')),
  ...(await import('../../server/services/record/changes')),
  ...(await import('../../server/services/people/clientele')),
  ...(await import('../../server/services/record/command')),
  ...(await import('../../server/demo/demo')),
  ...(await import('../../server/services/data/exported')),
  ...(await import('../../server/services/people/faceList')),
  ...(await import('../../server/services/people/faces')),
  ...(await import('../../server/services/people/forget')),
  ...(await import('../../server/services/kit/gear')),
  ...(await import('../../server/services/kit/handling')),
  ...(await import('../../server/services/data/imported')),
  ...(await import('../../server/services/days/ahead')),
  ...(await import('../../server/services/days/bags')),
  ...(await import('../../server/services/jobs/jobs')),
  ...(await import('../../server/services/days/dayPlans')),
  ...(await import('../../server/services/days/jobChair')),
  ...(await import('../../server/services/days/packing')),
  ...(await import('../../server/services/days/quotes')),
  ...(await import('../../server/services/days/ready')),
  ...(await import('../../server/services/jobs/ticks')),
  ...(await import('../../server/services/kit/ownUse')),
  ...(await import('../../server/services/days/wraps')),
  ...(await import('../../server/services/days/years')),
  ...(await import('../../server/services/days/jobTogether')),
  ...(await import('../../server/services/kit/kit')),
  ...(await import('../../server/services/kit/kinds')),
  ...(await import('../../server/services/kit/kitList')),
  ...(await import('../../server/services/kit/listed')),
  ...(await import('../../server/services/people/meter')),
  ...(await import('../../server/services/kit/mixes')),
  ...(await import('../../server/services/days/mornings')),
  ...(await import('../../server/services/kit/moving')),
  ...(await import('../../server/services/record/oldReasons')),
  ...(await import('../../server/services/kit/owned')),
  ...(await import('../../server/services/data/personRecord')),
  ...(await import('../../server/services/people/pictures')),
  ...(await import('../../server/services/kit/places')),
  ...(await import('../../server/services/plans/plans')),
  ...(await import('../../server/services/data/quarantine')),
  ...(await import('../../server/services/record/settings')),
  ...(await import('../../server/services/plans/standards')),
  ...(await import('../../server/services/kit/standingLists')),
  ...(await import('../../server/services/record/stillThere')),
  ...(await import('../../server/services/buying/ahead')),
  ...(await import('../../server/services/people/targets')),
  ...(await import('../../server/services/kit/things')),
  ...(await import('../../server/services/kit/units')),
  ...(await import('../../server/services/record/together')),
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
