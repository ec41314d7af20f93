import { and, eq, gte, lt } from 'drizzle-orm'
import { yearOf, type ClosedJob } from '#core/money/year'
import { isUsed } from '#core/stock/things/thing'
import type { YearAnswer, YearQuery } from '#shared/records/days/years'
import { today } from '#shared/today'
import { db } from '../../db/connection'
import { fills, uses } from '../../db/schema'
import { allJobs, jobById } from '../jobs/jobs'
import { ownUse } from '../kit/ownUse'
import { placeLines } from '../kit/places'
import { minutesThere, usedOn } from './quotes'
import { settings } from '../record/settings'
import { allThings } from '../kit/things'

/* What a year of jobs used, cost and brought. */

const yearOfDay = (day: string) => Number(day.slice(0, 4))
const MOST_UNUSED = 40

export async function yearAnswer({ year }: YearQuery): Promise<YearAnswer> {
  const lines = (await allJobs(today())).filter(j => j.day !== null && j.day <= today())
  const asked = year ?? yearOfDay(today())
  const mine = lines.filter(j => yearOfDay(j.day!) === asked)
  const kmMinor = (await settings()).kmMinor ?? 0
  const closed: ClosedJob[] = []
  const open: YearAnswer['open'] = []
  for (const { id, name, day, type, faces } of mine) {
    const { wrap, quote } = await jobById(id)
    if (!wrap) {
      if (faces > 0) open.push({ id, name, day: day! })
      continue
    }
    const { productsMinor = 0, disposablesMinor = 0 } = await usedOn(id)
    const extras = quote.extras.reduce((all, e) => all + e.minor, 0)
    closed.push({
      type,
      faces: Math.max(0, faces - wrap.notDone.length),
      inMinor: (wrap.paidMinor ?? 0) + wrap.tipMinor,
      usedMinor: Math.round(productsMinor + disposablesMinor),
      spentMinor: Math.round((wrap.km ?? quote.km) * kmMinor) + (wrap.spentMinor ?? quote.faresMinor) + extras,
      minutes: minutesThere(wrap),
    })
  }
  const years = [...new Set([...lines.map(j => yearOfDay(j.day!)), asked])].sort((x, y) => y - x)
  return { year: asked, years, ...yearOf(closed), open, own: await ownUse(), ...(await unusedIn(asked)) }
}

/** What was owned all year and is in no log of it. */
async function unusedIn(year: number): Promise<Pick<YearAnswer, 'unused' | 'unusedMinor'>> {
  const rows = await db
    .selectDistinct({ unitId: fills.unitId })
    .from(uses)
    .innerJoin(fills, eq(uses.fillId, fills.id))
    .where(and(gte(uses.at, `${year}-01-01`), lt(uses.at, `${year + 1}-01-01`)))
  const used = new Set(rows.map(r => r.unitId))
  const names = new Map((await placeLines()).map(p => [p.id, p.name]))
  const idle = (await allThings()).filter(
    t => isUsed(t) && t.sort === 'cosmetic' && !used.has(t.id) && yearOfDay(t.createdAt) <= year,
  )
  const dearest = [...idle].sort((x, y) => (y.priceMinor ?? 0) - (x.priceMinor ?? 0))
  return {
    unused: dearest.slice(0, MOST_UNUSED).map(t => ({
      unitId: t.id,
      name: t.name,
      priceMinor: t.priceMinor,
      place: t.placeId === null ? null : (names.get(t.placeId) ?? null),
    })),
    unusedMinor: idle.reduce((all, t) => all + (t.priceMinor ?? 0), 0),
  }
}
