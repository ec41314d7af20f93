import { planFace, type FacePlan, type PlanQuestion } from '#core/plan/facePlan'
import { mendMishap, MISHAPS } from '#core/plan/mishaps'
import { chainsWithout } from '#core/plan/chainForEveryone'
import { DEMO_FACES } from '../../demo/faces'
import { demoQuestion } from '../support/demo'
import { inShort } from '../support/inShort'
import { seeded } from '../support/random'
import { question, randomFace, randomItem, randomJob, settings } from '../support/suitability'

/*
 * What the demo's plans say, in full: whatever changes in one of them is a line here, to be looked at and, where it was meant,
 * taken with `npx jest tests/answers -u`.
 */
const effects = (findings: FacePlan['layers'][number]['findings']) =>
  findings.map(f => `${f.rule} ${f.effect.is === 'weight' ? f.effect.by : f.effect.is}`).join(', ')

function lines(plan: FacePlan): string[] {
  const { layers, seams, missing, leftOut, minutes, cost, pack, worn } = plan
  return [
    ...layers.map(l =>
      [
        `${l.key}${l.where ? ` on ${l.where}` : ''}: ${l.item.name}`,
        `${l.amount.value} ${l.amount.unit}, ${l.tool}, ${l.technique ?? 'as it comes'}, ${inShort(l.score)}`,
        effects(l.findings),
        l.asked.join('; '),
        l.alternatives.map(a => `or ${a.item.name} ${inShort(a.score)}`).join(', '),
        l.locked ? 'held' : '',
      ]
        .filter(Boolean)
        .join(' | '),
    ),
    ...seams.map(s => inShort(s)),
    missing
      .map(m => `missing ${m.key}: ${m.sentences.join('; ')}, ${m.offer ? inShort(m.offer) : 'no offer'}`)
      .join(' | '),
    leftOut.map(l => `not for ${l.slot}: ${l.products.map(p => p.name).join(', ')}: ${l.finding.rule}`).join(' | '),
    `${inShort(minutes)} ${inShort(cost)} ${pack.join(', ')}`,
    ...(worn ? [inShort(worn)] : []),
  ]
}

it.each(DEMO_FACES.map(({ face }) => face.name))('the plan for %s', name => {
  expect(lines(planFace(demoQuestion(name)))).toMatchSnapshot()
})

const WEIGHTS: Record<string, number>[] = [{}, { 'endurance': 0, 'pale-cast': 2 }]
it('plans of kits, faces and days nobody thought of', () => {
  const random = seeded(77)
  const plans = Array.from({ length: 30 }, (_, round) => {
    const items = Array.from({ length: 40 }, (_, i) => randomItem(`${round}-${i}`, random))
    const asked: PlanQuestion = question(items, {
      face: randomFace(random, items),
      job: randomJob(random),
      settings: settings({
        primer: random.pick(['always', 'only with a reason'] as const),
        powder: random.pick(['by zone', 'all over', 'blot only'] as const),
        order: random.pick(['eyes first', 'eyes while skincare settles', 'skin straight through'] as const),
        mixing: random.pick(['strict', 'practical'] as const),
        ruleWeights: random.pick(WEIGHTS),
      }),
      offers: items.slice(0, 10).map(i => ({ ...i, id: `offered ${i.id}`, level: 1, useBy: null })),
    })
    return lines(planFace(asked)).join('\n')
  })
  expect(plans.join('\n\n')).toMatchSnapshot()
})

it('what mends a mishap, and what is left for whom something does not suit', () => {
  const { face, job, settings: how, items } = demoQuestion('Orla')
  expect(
    MISHAPS.flatMap(m => [m.name, ...mendMishap(m, items, face, job, how).map(s => `- ${s.text}`)]),
  ).toMatchSnapshot()
  const declared = ['lanolin', 'fragrance', 'nuts', 'carmine', 'mild products only', 'talc', 'latex', 'nickel']
  expect(chainsWithout(declared, items, how.day).map(inShort)).toMatchSnapshot()
})
