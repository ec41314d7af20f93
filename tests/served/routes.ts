import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import * as consultation from '#shared/records/method/consultation'
import * as bags from '#shared/records/days/bags'
import * as buys from '#shared/records/kit/buys'
import * as faces from '#shared/records/people/faces'
import * as forgetting from '#shared/records/people/forgetting'
import * as forecasts from '#shared/records/days/forecasts'
import * as gear from '#shared/records/kit/gear'
import * as jobs from '#shared/records/days/jobs'
import * as keeping from '#shared/records/record/keeping'
import * as kit from '#shared/records/kit/kit'
import * as imported from '#shared/records/kit/imported'
import * as standingLists from '#shared/records/kit/standingLists'
import * as listed from '#shared/records/kit/listed'
import * as meter from '#shared/records/people/meter'
import * as mixes from '#shared/records/kit/mixes'
import * as plans from '#shared/records/people/plans'
import * as quotes from '#shared/records/days/quotes'
import * as settings from '#shared/records/method/settings'
import * as stillThere from '#shared/records/record/stillThere'
import * as standards from '#shared/records/kit/standards'
import * as things from '#shared/records/kit/things'
import * as ticks from '#shared/records/days/ticks'
import * as wraps from '#shared/records/days/wraps'
import { ENDPOINTS, type ComputeTask } from '#shared/compute/endpoints'
import type { Dto } from '#shared/checks/shape'

/* Every route of the server, read off its files: a new one is tried without anybody naming it here. */

export interface Route {
  method: 'GET' | 'POST' | 'PUT' | 'DELETE'
  /** With its parameters as [id]. */
  path: string
  /** What its body is checked against. */
  dto: Dto | null
  /** Whether it works out something first, with a time limit of its own. */
  computes: boolean
  /** Takes something else than JSON. */
  raw: boolean
}

const CLASSES: Record<string, unknown> = {
  ...consultation,
  ...bags,
  ...buys,
  ...faces,
  ...forecasts,
  ...forgetting,
  ...gear,
  ...jobs,
  ...keeping,
  ...kit,
  ...imported,
  ...standingLists,
  ...listed,
  ...meter,
  ...mixes,
  ...plans,
  ...quotes,
  ...settings,
  ...standards,
  ...stillThere,
  ...things,
  ...ticks,
  ...wraps,
}
const FILE = /^(.*)\.(get|post|put|delete)\.ts$/

function* files(folder: string, at = ''): Generator<string> {
  for (const entry of readdirSync(join(folder, at), { withFileTypes: true })) {
    const path = at ? `${at}/${entry.name}` : entry.name
    if (entry.isDirectory()) yield* files(folder, path)
    else yield path
  }
}

export function allRoutes(root = process.cwd()): Route[] {
  const folder = join(root, 'server/api')
  return [...files(folder)].flatMap((file): Route[] => {
    const parts = FILE.exec(file)
    if (!parts) return []
    const source = readFileSync(join(folder, file), 'utf8')
    const named = /with(?:Body|Computing)\(\s*(\w+)/.exec(source)?.[1]
    const task = /computeRoute\('(\w+)'\)/.exec(source)?.[1] as ComputeTask | undefined
    const dto = named ? (CLASSES[named] as Dto | undefined) : task ? ENDPOINTS[task].request : undefined
    if ((named || task) && !dto)
      throw new Error(`${file} checks its body against ${named ?? task}, which no record exports`)
    return [
      {
        method: parts[2]!.toUpperCase() as Route['method'],
        path: `/api/${parts[1]!.replace(/(?:^|\/)index$/, '')}`.replace(/\/$/, ''),
        dto: dto ?? null,
        computes: task !== undefined || /\b(?:withComputing|actsComputing|computing|paper)\(/.test(source),
        raw: /readBytes\(event|event\.node\.req/.test(source),
      },
    ]
  })
}
