import { and, asc, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import type { Lab } from '#core/colour/lab'
import type { Clientele, ClienteleFace, Evidence } from '#shared/records/people/clientele'
import { today } from '#shared/today'
import { db } from '../../db/connection'
import { faces, seenVerdicts } from '../../db/schema'
import { comingDay, linesOf } from './faceList'
import { consultationOf } from './faces'
import { validRows } from '../record/validRows'
import { targetsOf } from './targets'
import { untilWritten } from '../record/untilWritten'

// More people than anybody has in mind at once; the shares of Buys count all.
const MOST_FACES = 400
// Skins nearer than this to each other are one to a share.
const GRID = 1.5

/** Whom the kit is for: see {@link Clientele}. */
export const clientele = untilWritten(reckoned, today)

async function reckoned(): Promise<Clientele> {
  const day = comingDay(today())
  const rows = await db
    .select()
    .from(faces)
    .where(isNull(faces.deletedAt))
    .orderBy(asc(sql`${day} IS NULL`), asc(day), desc(faces.createdAt), asc(faces.id))
    .limit(MOST_FACES)
  const asked = new Map(rows.map(row => [row.id, row]))
  const lines = (await linesOf(rows)).map((line): ClienteleFace => {
    const { sensitivities, mildOnly } = consultationOf(asked.get(line.id)!)
    return { ...line, sensitivities, mildOnly }
  })
  const ids = (await db.select({ id: faces.id }).from(faces).where(isNull(faces.deletedAt))).map(r => r.id)
  const targets = await targetsOf(ids)
  return {
    all: ids.length,
    unread: ids.filter(id => !targets.get(id)).length,
    faces: lines,
    skins: asCells([...targets.values()].flatMap(t => (t ? [t.mean] : []))),
    inRecipes: await productsInRecipes(),
  }
}

function asCells(labs: readonly Lab[]): Clientele['skins'] {
  const cells = new Map<string, { lab: Lab; weight: number }>()
  for (const { L, a, b } of labs) {
    const at = [L, a, b].map(v => Math.round(v / GRID)).join()
    const cell = cells.get(at)
    if (!cell) {
      cells.set(at, { lab: { L, a, b }, weight: 1 })
      continue
    }
    const share = 1 / (cell.weight + 1)
    const { lab } = cell
    cell.lab = { L: lab.L + (L - lab.L) * share, a: lab.a + (a - lab.a) * share, b: lab.b + (b - lab.b) * share }
    cell.weight++
  }
  const rounded = (v: number) => Math.round(v * 100) / 100
  return [...cells.values()].map(({ lab: { L, a, b }, weight }) => ({
    lab: { L: rounded(L), a: rounded(a), b: rounded(b) },
    weight,
  }))
}

async function productsInRecipes(): Promise<Record<string, number>> {
  const rows = await db.all<{ id: string; n: number }>(sql`
    SELECT json_extract(part.value, '$.id') AS id, count(DISTINCT recipes.face_id) AS n
    FROM recipes JOIN faces ON faces.id = recipes.face_id AND faces.deleted_at IS NULL,
      json_each(CASE WHEN json_valid(recipes.drops) THEN recipes.drops ELSE '[]' END) AS part
    WHERE recipes.deleted_at IS NULL AND part.type = 'object' GROUP BY 1`)
  return Object.fromEntries(rows.filter(r => typeof r.id === 'string').map(r => [r.id, r.n]))
}

// The newest say most of the bottles as they are.
const MOST_VERDICTS = 300

/** What was seen of mixes so far, newest first, and skins one more look could be had on. */
export async function evidence(): Promise<Evidence> {
  const seen = await validRows(
    'seen',
    await db
      .select()
      .from(seenVerdicts)
      .innerJoin(faces, and(eq(faces.id, seenVerdicts.faceId), isNull(faces.deletedAt)))
      .orderBy(desc(sql`seen_verdicts.rowid`))
      .limit(MOST_VERDICTS)
      .then(rows => rows.map(r => r.seen_verdicts)),
  )
  const { faces: known } = await clientele()
  const ids = [...new Set([...seen.map(s => s.faceId), ...known.map(f => f.id)])]
  const targets = await targetsOf(ids)
  const names = await db.select({ id: faces.id, name: faces.name }).from(faces).where(inArray(faces.id, ids))
  return {
    faces: names.flatMap(({ id, name }) => {
      const target = targets.get(id)
      return target ? [{ id, name, mean: target.mean, covariance: [...target.covariance] }] : []
    }),
    verdicts: seen.map(({ id, faceId, drops, seen: what, degree, seenAt }) => ({
      id,
      faceId,
      drops,
      seen: what,
      degree,
      seenAt,
    })),
  }
}
