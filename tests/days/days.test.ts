import { readFileSync, writeFileSync } from 'node:fs'
import { planFace, type FacePlan } from '#core/plan/facePlan'
import { skinPlace } from '#core/complexion/skins/skin'
import { itemOf } from '#shared/asked/kitItem'
import { demoProduct } from '../support/demo'
import { DEMO_KIT } from '../../demo/kit'
import { question, settings } from '../support/suitability'
import type { DayCase } from './case'
import { LOOKS } from './looks'
import { PEOPLE } from './people'

const DAYS = [...PEOPLE, ...LOOKS]
const KIT = DEMO_KIT.map((carried, i) => itemOf(demoProduct(carried, `k${i}`)))
const planOf = ({ face, job, settings: how, extra = [], without }: DayCase): FacePlan =>
  planFace(question([...KIT.filter(i => !without?.(i)), ...extra], { face, job, settings: settings(how) }))

describe('faces in a day', () => {
  it.each(DAYS.map(day => [day.who, day] as const))('%s', (_who, day) => {
    const plan = planOf(day)
    const {
      programme,
      has = [],
      lacks = [],
      is = {},
      never,
      tells = [],
      steps = [],
      noSteps = [],
      minutes,
      order = [],
    } = day.expect
    const keys: readonly string[] = plan.layers.map(l => l.key)
    if (programme) expect(plan.programme).toBe(programme)
    expect(keys).toEqual(expect.arrayContaining([...has]))
    expect(keys.filter(k => lacks.includes(k))).toEqual([])
    for (const [key, fits] of Object.entries(is)) {
      const item = plan.layers.find(l => l.key === key)?.item
      expect([key, item?.name, item ? fits(item) : 'empty']).toEqual([key, item?.name, true])
    }
    if (never) {
      const everywhere = plan.layers.flatMap(l => [l.item, ...l.alternatives.map(a => a.item)])
      expect(everywhere.filter(never).map(i => i.name)).toEqual([])
    }
    const told = [...plan.missing.flatMap(m => m.sentences), ...plan.leftOut.map(l => l.finding.sentence)].join('; ')
    for (const sentence of tells) expect(told).toMatch(sentence)
    const done = plan.steps.map(s => s.id)
    expect(done).toEqual(expect.arrayContaining([...steps]))
    expect(done.filter(s => noSteps.includes(s))).toEqual([])
    if (minutes) {
      expect(plan.minutes.full).toBeGreaterThanOrEqual(minutes[0])
      expect(plan.minutes.full).toBeLessThanOrEqual(minutes[1])
    }
    for (const [before, after] of order)
      expect([before, after, keys.includes(before) && keys.indexOf(before) < keys.indexOf(after)]).toEqual([
        before,
        after,
        true,
      ])
    for (const layer of plan.layers) expect(layer.asked.length).toBeGreaterThan(0)
  })

  it('there are forty of them, of every job, every programme and depths 1 to 12', () => {
    expect(DAYS.length).toBeGreaterThanOrEqual(40)
    expect(new Set(DAYS.map(d => d.job.type)).size).toBe(8)
    expect(new Set(DAYS.map(d => planOf(d).programme)).size).toBe(7)
    const depths = DAYS.map(d => skinPlace(d.face.skin).depth)
    expect(Math.min(...depths)).toBeLessThan(1.5)
    expect(Math.max(...depths)).toBeGreaterThan(11)
  })
})

/** A plan in one line, as an artist would tell it. */
function inOneLine(plan: FacePlan): string {
  const name = (key: string) => plan.layers.find(l => l.key === key)?.item.name
  const layers = plan.layers.map(l => `${l.name.toLowerCase()}${l.where ? ` (${l.where})` : ''} ${l.item.name}`)
  const missing = plan.missing.map(m => `${m.slot}: ${m.sentences[0]}`)
  const steps = plan.steps.map(s => s.name.toLowerCase())
  return [
    `${plan.programme}, ${plan.minutes.full} min: ${layers.join(', ')}`,
    steps.length > 0 && `then ${steps.join(', ')}`,
    missing.length > 0 && `not as it should be: ${missing.join('; ')}`,
    name('foundation') === undefined && plan.programme === 'full face' && 'no base',
  ]
    .filter(Boolean)
    .join('. ')
}

const FILE = 'docs/plan-cases.md'
const HEAD = `# Faces in a day

What the plan makes of faces and days that are not in the demo, on the demo's kit. Each stands with what must and must not be in it in
\`tests/days/\`; this table is written by \`VARIETAS_WRITE=1 npx jest tests/days\`.

| who and what for | the plan |
|---|---|
`
it('docs/plan-cases.md shows them as they are planned now', () => {
  const table = `${HEAD}${DAYS.map(d => `| ${d.who} | ${inOneLine(planOf(d))} |`).join('\n')}\n`
  if (process.env.VARIETAS_WRITE) writeFileSync(FILE, table)
  expect(readFileSync(FILE, 'utf8')).toBe(table)
})
