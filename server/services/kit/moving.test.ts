import { ListedThing } from '#shared/records/kit/listed'
import Database from 'libsql'
import { seeded } from '../../../tests/support/random'
import { services } from '../../../tests/support/services'

const on = services()

/** A kit of so many bottles, with sets of brushes among them. */
async function kitOf(bottles: number, sets: number): Promise<string[]> {
  const things = [
    ...Array.from({ length: bottles }, (_, i) => ({ kind: 'foundation', name: `Bottle ${i}`, brand: 'Fictional' })),
    ...Array.from({ length: sets }, (_, i) => ({ kind: 'brush', name: `Brush ${i}`, count: 6 })),
  ]
  await on.addListed({ things: things.map(t => Object.assign(new ListedThing(), t)), intoPouches: false })
  return (await on.allThings()).map(t => t.id)
}

/** Statements that SQLite was given while this was done. */
async function statements(work: () => Promise<unknown>): Promise<number> {
  const prepare = jest.spyOn(Database.prototype as { prepare: (sql: string) => unknown }, 'prepare')
  await work()
  const count = prepare.mock.calls.length
  prepare.mockRestore()
  return count
}

describe('many things moved', () => {
  let ids: string[]
  beforeAll(async () => {
    ids = await kitOf(900, 12)
  })
  const places = async () => new Map((await on.allThings()).map(t => [t.id, t.placeId]))

  it('cost a few statements and not a few for each, there, back, and out of use', async () => {
    const before = await places()
    const units = ids.map(id => ({ id }))
    expect(await statements(() => on.move({ units, placeId: 'home' }))).toBeLessThan(200)
    expect(new Set((await places()).values())).toEqual(new Set(['home']))
    expect(await statements(() => on.undo())).toBeLessThan(200)
    expect(await places()).toEqual(before)
    expect(await statements(() => on.retireUnits({ ids, retired: true, why: 'tried' }))).toBeLessThan(100)
    await on.undo()
    expect((await on.allThings()).every(t => t.retiredAt === null)).toBe(true)
  })

  it('come to the same as one after the other, sets in part and things asked for twice among them', async () => {
    const random = seeded(31)
    const total = async (to: string) =>
      (await on.allThings()).filter(t => t.placeId === to).reduce((sum, t) => sum + t.count, 0)
    for (let round = 0; round < 8; round++) {
      const things = (await on.allThings()).filter(() => random.next() < 0.05)
      const moves = things.map(t => ({
        unitId: t.id,
        to: random.pick(['home', 'kit-case']),
        ...(t.count > 1 && random.next() < 0.6 ? { count: 1 + Math.floor(random.next() * (t.count - 1)) } : {}),
      }))
      if (moves.length > 1) moves.push({ ...moves[0]!, to: random.pick(['home', 'kit-case']) })
      const sum = (await total('home')) + (await total('kit-case'))
      const state = async () => (await on.allThings()).map(t => `${t.name} ${t.placeId} ${t.count}`).sort()
      const before = await state()
      const once = async (all: boolean) => {
        await on.command('moved', async act => {
          if (all) await on.moveAll(act, moves)
          else for (const move of moves) await on.moveAll(act, [move])
        })
        const after = await state()
        await on.undo()
        expect(await state()).toEqual(before)
        return after
      }
      const isRefused = async (all: boolean) => once(all).catch((e: unknown) => (e as Error).constructor.name)
      expect(await isRefused(true)).toEqual(await isRefused(false))
      expect((await total('home')) + (await total('kit-case'))).toBe(sum)
    }
  })

  it('all or none: one that is gone moves nothing', async () => {
    const before = await places()
    await expect(on.move({ units: [{ id: ids[0]! }, { id: 'gone' }], placeId: 'home' })).rejects.toThrow(
      'not here any more',
    )
    expect(await places()).toEqual(before)
  })
})
