import type { Block, HairOrder, Morning, MorningFace, Timetable } from '#core/schedule/timetable'
import type { seeded } from './random'

/* Mornings for tests: random ones, whether a timetable keeps to them, and the best start by counting everything out. */

type Random = ReturnType<typeof seeded>

export function randomMorning(
  random: Random,
  { faces, artists, stations }: { faces: number; artists: number; stations: number },
): Morning {
  const whole = (least: number, most: number) => Math.floor(random.between(least, most + 1))
  const names = ['Ada', 'Bo', 'Cleo'].slice(0, artists)
  const made = Array.from({ length: faces }, (_, i): MorningFace => {
    const blocks: Block[] = Array.from({ length: random.next() < 0.5 ? 1 : 2 }, () => ({ minutes: whole(2, 25) }))
    if (blocks.length > 1 && random.next() < 0.8) {
      const least = whole(0, 12)
      blocks[0]!.gap = { least, most: least + whole(0, 25) }
    }
    return {
      id: `face ${i}`,
      readyBy: whole(500, 600),
      blocks,
      ...(stations > 0 && random.next() < 0.5
        ? { hair: { minutes: whole(5, 40), order: random.pick<HairOrder>(['before', 'after', 'either']) } }
        : {}),
      ...(random.next() < 0.25 ? { artists: [random.pick(names)] } : {}),
    }
  })
  if (random.next() < 0.5) made[whole(0, faces - 1)]!.lead = true
  return { artists: names, hairStations: stations, setUp: whole(0, 30), changeover: whole(0, 6), faces: made }
}

/** What of a morning a timetable does not keep to; none where it does. */
export function broken(morning: Morning, { rows, hair, start }: Timetable): string[] {
  const wrong: string[] = []
  const say = (no: boolean, what: string) => {
    if (no) wrong.push(what)
  }
  const last = new Map<string, number>()
  for (const face of morning.faces) {
    const own = rows.filter(r => r.faceId === face.id).sort((x, y) => x.block - y.block)
    say(own.length !== face.blocks.length, `${face.id} has ${own.length} blocks`)
    say(new Set(own.map(r => r.artist)).size > 1, `${face.id} has two artists`)
    say(
      own.some(r => face.artists?.length && !face.artists.includes(r.artist)),
      `${face.id} has another artist`,
    )
    for (const [i, row] of own.entries()) {
      say(row.to - row.from !== face.blocks[i]!.minutes, `${face.id} block ${i} is cut`)
      say(row.to > face.readyBy, `${face.id} is late`)
      const next = own[i + 1]
      const gap = face.blocks[i]!.gap ?? { least: 0, most: 0 }
      if (next) say(next.from - row.to < gap.least || next.from - row.to > gap.most, `${face.id} gap ${i}`)
    }
    last.set(face.id, own.at(-1)!.to)
    const head = hair.filter(h => h.faceId === face.id)
    say(head.length !== (face.hair ? 1 : 0), `${face.id} hair`)
    for (const h of head) {
      const [before, after] = [h.to <= own[0]!.from, h.from >= own.at(-1)!.to]
      const { order, minutes } = face.hair!
      say(h.to - h.from !== minutes || h.to > face.readyBy, `${face.id} hair time`)
      say(!(order === 'before' ? before : order === 'after' ? after : before || after), `${face.id} hair order`)
    }
  }
  for (const artist of morning.artists) {
    const own = rows.filter(r => r.artist === artist).sort((x, y) => x.from - y.from)
    for (let i = 0; i + 1 < own.length; i++)
      say(
        own[i + 1]!.from < own[i]!.to + (own[i + 1]!.faceId === own[i]!.faceId ? 0 : morning.changeover),
        `${artist} has two at once`,
      )
  }
  for (let s = 0; s < morning.hairStations; s++) {
    const own = hair.filter(h => h.station === s).sort((x, y) => x.from - y.from)
    for (let i = 0; i + 1 < own.length; i++) say(own[i + 1]!.from < own[i]!.to, `station ${s} has two at once`)
  }
  say(
    hair.some(h => h.station < 0 || h.station >= morning.hairStations),
    'no such station',
  )
  const lead = morning.faces.find(f => f.lead)
  if (lead && morning.faces.length >= 3) {
    const at = last.get(lead.id)!
    const others = [...last].filter(([id]) => id !== lead.id)
    say(others.filter(([, to]) => to > at).length !== 1, 'the lead is not last but one')
    say(!others.some(([, to]) => to < at), 'the lead is first')
  }
  const first = Math.min(...rows.map(r => r.from), ...hair.map(h => h.from))
  say(start !== first - morning.setUp, 'the start is another')
  return wrong
}

interface Span {
  face: number
  minutes: number
  /** −1 for hair. */
  block: number
}

/** All orders of some lists into one, each list in its own order. */
function* merges(lists: readonly (readonly number[])[]): Generator<number[]> {
  if (lists.every(l => l.length === 0)) yield []
  for (const [i, list] of lists.entries())
    if (list.length > 0)
      for (const rest of merges(lists.map((l, k) => (k === i ? l.slice(1) : l)))) yield [list[0]!, ...rest]
}
function* choices<T>(lists: readonly (readonly T[])[]): Generator<T[]> {
  const [first, ...rest] = lists
  if (!first) yield []
  else for (const one of first) for (const others of choices(rest)) yield [one, ...others]
}

/** The latest start there is, every order tried; null where there are more than `most` of them. */
export function latestStart(morning: Morning, most: number): number | null {
  const { faces, artists, changeover, setUp } = morning
  const spans: Span[] = faces.flatMap((f, face) => [
    ...f.blocks.map((b, block) => ({ face, minutes: b.minutes, block })),
    ...(f.hair ? [{ face, minutes: f.hair.minutes, block: -1 }] : []),
  ])
  const chainOf = faces.map((_, f) => spans.flatMap((s, i) => (s.face === f && s.block >= 0 ? [i] : [])))
  const hairOf = faces.map((_, f) => spans.findIndex(s => s.face === f && s.block < 0))
  const lead = faces.length < 3 ? -1 : faces.findIndex(f => f.lead)
  const others = faces.map((_, f) => f).filter(f => f !== lead)
  const ranks = lead < 0 ? [[-1, -1]] : others.flatMap(l => others.filter(e => e !== l).map(e => [l, e]))
  const heads = hairOf.filter(h => h >= 0)
  const doing = faces.map(f => artists.flatMap((a, i) => (!f.artists?.length || f.artists.includes(a) ? [i] : [])))
  const orders = faces.map(f => (f.hair ? (f.hair.order === 'either' ? ['before', 'after'] : [f.hair.order]) : ['']))
  let tried = 0
  let best = -Infinity
  for (const doneBy of choices(doing))
    for (const stationOf of choices(heads.map(() => Array.from({ length: morning.hairStations }, (_, s) => s))))
      for (const chairs of choices(
        artists.map((_, a) => [...merges(faces.flatMap((_, f) => (doneBy[f] === a ? [chainOf[f]!] : [])))]),
      ))
        for (const stations of choices(
          Array.from({ length: morning.hairStations }, (_, s) => [
            ...merges(heads.flatMap((h, i) => (stationOf[i] === s ? [[h]] : []))),
          ]),
        ))
          for (const hair of choices(orders))
            for (const [later, earlier] of ranks as [number, number][]) {
              if (++tried > most) return null
              best = Math.max(best, first(chairs, stations, hair, later, earlier))
            }
  return best - setUp

  /** Everything as late as these orders allow. */
  function first(chairs: number[][], stations: number[][], hair: string[], later: number, earlier: number): number {
    const end = spans.map(s => faces[s.face]!.readyBy)
    const from = (i: number) => end[i]! - spans[i]!.minutes
    for (let round = 0, moved = true; moved; round++) {
      if (round > 60) return -Infinity
      moved = false
      const no = (i: number, latest: number) => {
        if (end[i]! <= latest) return
        end[i] = latest
        moved = true
      }
      for (const [line, change] of [
        ...chairs.map(c => [c, changeover] as const),
        ...stations.map(s => [s, 0] as const),
      ])
        for (let i = 0; i + 1 < line.length; i++) {
          const [u, v] = [line[i]!, line[i + 1]!]
          no(u, from(v) - (spans[u]!.face === spans[v]!.face ? 0 : change))
        }
      for (const [f, chain] of chainOf.entries()) {
        for (let i = 0; i + 1 < chain.length; i++) {
          const [u, v] = [chain[i]!, chain[i + 1]!]
          const gap = faces[f]!.blocks[i]!.gap ?? { least: 0, most: 0 }
          no(u, from(v) - gap.least)
          no(v, end[u]! + gap.most + spans[v]!.minutes)
        }
        if (hair[f] === 'before') no(hairOf[f]!, from(chain[0]!))
        if (hair[f] === 'after') no(chain.at(-1)!, from(hairOf[f]!))
        if (lead < 0) continue
        const [own, leading] = [chain.at(-1)!, chainOf[lead]!.at(-1)!]
        if (f === later) no(leading, end[own]! - 1)
        else if (f === earlier) no(own, end[leading]! - 1)
        else no(own, end[leading]!)
      }
    }
    return Math.min(...spans.map((_, i) => from(i)))
  }
}
