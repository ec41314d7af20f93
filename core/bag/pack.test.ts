import loadHighs, { type Highs } from 'highs'
import { seeded } from '../../tests/support/random'
import { pack, type PackQuestion } from './pack'

let highs: Highs
beforeAll(async () => {
  highs = await loadHighs()
})

const LIMIT_MS = 20_000
const SAME = 1e-6

function randomQuestion(seed: number): PackQuestion {
  const random = seeded(seed)
  const whole = (least: number, most: number) => Math.floor(random.between(least, most + 1))
  const bags = Array.from({ length: whole(1, 3) }, (_, i) => ({
    id: `bag ${i}`,
    volumeMl: whole(5, 40),
    limitG: whole(5, 40),
  }))
  const names = Array.from({ length: whole(1, 6) }, (_, i) => `thing ${i}`)
  const things = names.map((id, i) => ({
    id,
    volumeMl: random.next() < 0.3 ? whole(1, 300) / 10 : whole(0, 25),
    massG: whole(0, 25),
    worth: random.next() < 0.2 ? 0 : whole(1, 20),
    ...(random.next() < 0.25 ? { must: true } : {}),
    ...(random.next() < 0.3 ? { needs: names.filter((_, k) => k !== i && random.next() < 0.4) } : {}),
    ...(random.next() < 0.3 ? { bag: bags.filter(() => random.next() < 0.6).map(b => b.id) } : {}),
  }))
  return { things, bags, ...(random.next() < 0.5 ? { limitG: whole(5, 60) } : {}) }
}

interface Counted {
  worth: number | null
  missing: { volumeMl: number; massG: number }
}
/** Every way to put things into bags, or not. */
function counted({ things, bags, limitG = Infinity }: PackQuestion): Counted {
  const must = new Set(things.flatMap(t => (t.must ? [t.id] : [])))
  for (let size = -1; size !== must.size;) {
    size = must.size
    for (const t of things) if (must.has(t.id)) t.needs?.forEach(id => must.add(id))
  }
  let worth: number | null = null
  const least = { volumeMl: Infinity, massG: Infinity, both: Infinity }
  const lies = things.map(() => -1)
  const go = (i: number): void => {
    if (i < things.length) {
      for (let k = -1; k < bags.length; k++) {
        lies[i] = k
        if (k < 0 ? !must.has(things[i]!.id) : !things[i]!.bag?.length || things[i]!.bag!.includes(bags[k]!.id))
          go(i + 1)
      }
      return
    }
    const inBag = bags.map((_, k) => things.filter((_, j) => lies[j] === k))
    const over = (of: 'volumeMl' | 'massG', cap: (k: number) => number) =>
      inBag.reduce((sum, some, k) => sum + Math.max(0, some.reduce((all, t) => all + t[of], 0) - cap(k)), 0)
    const along = things.filter((_, j) => lies[j]! >= 0)
    const [room, mass] = [over('volumeMl', k => bags[k]!.volumeMl), over('massG', k => bags[k]!.limitG)]
    const all = Math.max(0, along.reduce((sum, t) => sum + t.massG, 0) - limitG!)
    const ids = new Set(along.map(t => t.id))
    if (along.every(t => must.has(t.id))) {
      least.volumeMl = Math.min(least.volumeMl, room)
      least.massG = Math.min(least.massG, Math.max(mass, all))
      if (Math.max(mass, all) < SAME) least.both = Math.min(least.both, room)
    }
    if (room > SAME || mass > SAME || all > SAME) return
    if (along.some(t => t.needs?.some(id => !ids.has(id)))) return
    worth = Math.max(
      worth ?? 0,
      along.reduce((sum, t) => sum + t.worth, 0),
    )
  }
  go(0)
  const { volumeMl, massG, both } = least
  return { worth, missing: volumeMl > SAME || massG > SAME ? { volumeMl, massG } : { volumeMl: both, massG: 0 } }
}

describe('what goes into which bag', () => {
  it('is worth as much as anything that could go, on two hundred small questions counted out', () => {
    let without = 0
    for (let seed = 1; seed <= 200; seed++) {
      const question = randomQuestion(seed)
      const is = pack(highs, question, LIMIT_MS)
      const should = counted(question)
      const what = { seed, feasible: is.feasible, worth: is.worth }
      expect(what).toEqual({ seed, feasible: should.worth !== null, worth: should.worth ?? 0 })
      expect(is.proof.optimal).toBe(true)
      if (is.feasible) kept(question, is)
      else {
        without++
        expect(is.missing!.volumeMl).toBeCloseTo(should.missing.volumeMl, 5)
        expect(is.missing!.massG).toBeCloseTo(should.missing.massG, 5)
      }
    }
    expect(without).toBeGreaterThan(10)
  })

  function kept({ things, bags, limitG = Infinity }: PackQuestion, { placed, left, worth }: ReturnType<typeof pack>) {
    const lies = new Map(placed.map(p => [p.id, p.bagId]))
    expect([...lies.keys(), ...left].sort()).toEqual(things.map(t => t.id).sort())
    const sum = (of: 'volumeMl' | 'massG' | 'worth', bag?: string) =>
      things.reduce((all, t) => all + (lies.has(t.id) && (!bag || lies.get(t.id) === bag) ? t[of] : 0), 0)
    for (const b of bags) {
      expect(sum('volumeMl', b.id)).toBeLessThanOrEqual(b.volumeMl + SAME)
      expect(sum('massG', b.id)).toBeLessThanOrEqual(b.limitG + SAME)
    }
    expect(sum('massG')).toBeLessThanOrEqual(limitG! + SAME)
    expect(sum('worth')).toBeCloseTo(worth, 6)
    for (const t of things) {
      if (t.must) expect(lies.has(t.id)).toBe(true)
      if (!lies.has(t.id)) continue
      if (t.bag?.length) expect(t.bag).toContain(lies.get(t.id))
      for (const id of t.needs ?? []) expect(lies.has(id)).toBe(true)
    }
  }

  it('says what it would be at most where the time is over', () => {
    const random = seeded(7)
    const things = Array.from({ length: 120 }, (_, i) => ({
      id: `${i}`,
      volumeMl: random.between(5, 200),
      massG: random.between(5, 300),
      worth: random.between(1, 100),
    }))
    const bags = Array.from({ length: 7 }, (_, i) => ({ id: `b${i}`, volumeMl: 900, limitG: 1300 }))
    const { worth, proof } = pack(highs, { things, bags }, 300)
    expect(worth).toBeGreaterThan(0)
    expect(proof.upperBound).toBeGreaterThanOrEqual(worth)
  })
  it('leaves everything where there is no bag, and misses all of what must go', () => {
    const thing = { id: 'a', volumeMl: 5, massG: 7, worth: 1 }
    expect(pack(highs, { things: [thing], bags: [] }, 1000)).toMatchObject({ feasible: true, left: ['a'] })
    expect(pack(highs, { things: [{ ...thing, must: true }], bags: [] }, 1000)).toMatchObject({
      feasible: false,
      missing: { volumeMl: 5, massG: 7 },
    })
  })
})
