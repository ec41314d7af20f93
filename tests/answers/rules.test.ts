import { needsIn, sceneOf } from '#core/plan/needs'
import { findingsOn, RULES } from '#core/suitability/rules'
import { agreedLook } from '#core/look/agreed'
import { aimAt } from '#core/look/aim'
import type { Effect } from '#core/suitability/finding'
import { SLOTS } from '#core/asked/slots'
import { FLAGS } from '#core/ingredients/flags'
import { readIngredients } from '#core/ingredients/ingredients'
import { KNOWN_NAMES } from '#core/ingredients/knownNames'
import { declaredAs, foundIn } from '#core/ingredients/declared'
import { SUBSTANCES } from '#core/ingredients/substances'
import { INGREDIENT_LISTS } from '../support/ingredientLists'
import { seeded } from '../support/random'
import { randomFace, randomItem, randomJob, settings } from '../support/suitability'

/*
 * What the rules say over ten thousand products, faces and days drawn with a seed: a change of any of them shows here as a line
 * that changed, to be looked at and, where it was meant, taken with `npx jest tests/answers -u`.
 */
const inWords = (effect: Effect) =>
  effect.is === 'weight'
    ? Number.isInteger(4 * effect.by)
      ? String(effect.by)
      : `about ${Math.round(effect.by)}`
    : effect.is === 'veto'
      ? `veto of ${effect.of}`
      : 'note'
/** Figures in a sentence are not what is counted, nor the words for hues, which are tested for themselves. */
const told = (sentence: string) =>
  sentence
    .replace(/\d+([.,]\d+)?/g, 'N')
    .replace(/\b(soft|clear|strong|hardly visible) [\w ]+? (flush|shade|warmth|light|lip|lid|colour)\b/, '$1 $2')
    .replace(/^(a|an) [\w ]+ (edge|line)$/, '$1 $2')

function count(into: Map<string, number>, line: string): void {
  into.set(line, (into.get(line) ?? 0) + 1)
}
const listed = (counts: ReadonlyMap<string, number>) => [...counts].map(([line, n]) => `${line} × ${n}`).sort()

const COLOURS = [
  null,
  { L: 8, a: 0, b: 0 },
  { L: 20, a: 10, b: 10 },
  { L: 38, a: 8, b: 14 },
  { L: 42, a: 44, b: 22 },
  { L: 60, a: 25, b: 20 },
  { L: 62, a: 30, b: 6 },
  { L: 78, a: 4, b: 18 },
  { L: 94, a: 0, b: 3 },
]

/** Hundreds of kits, each held against one face on one day. */
function hear(): { said: Map<string, number>; asked: Map<string, number> } {
  const random = seeded(20261126)
  const [said, asked] = [new Map<string, number>(), new Map<string, number>()]
  const yesOrNo = () => random.pick([true, false])
  for (let round = 0; round < 150; round++) {
    const items = Array.from({ length: 25 }, (_, i) => ({
      ...randomItem(`${round}-${i}`, random),
      ...(random.between(0, 1) < 0.3 && { flags: [random.pick(FLAGS)] }),
      lab: random.pick(COLOURS),
      seenByClients: yesOrNo(),
      useBy: random.pick([null, '2026-06-01', '2026-12-05', '2026-12-20', '2027-06-01']),
    }))
    const face = { ...randomFace(random, items), contactLenses: yesOrNo() }
    const job = {
      ...randomJob(random),
      hours: random.pick([2, 4, 8, 12, 16]),
      heat: yesOrNo(),
      humidity: yesOrNo(),
      highDefinition: yesOrNo(),
      costumeChanges: yesOrNo(),
    }
    const how = settings({
      primer: random.pick(['always', 'only with a reason'] as const),
      powder: random.pick(['by zone', 'all over', 'blot only'] as const),
      flashTests: items.slice(0, 3).map(i => ({ itemIds: [i.id], result: random.pick(['good', 'bad'] as const) })),
    })
    for (const item of items) {
      const fitting = SLOTS.filter(s => [item.kind, ...item.alsoFor].some(kind => s.kinds.includes(kind)))
      for (const { id: slot } of [...fitting, random.pick(SLOTS)])
        for (const f of findingsOn({
          item,
          slot,
          face,
          skinType: face.skinType,
          aim: aimAt(slot, face, agreedLook(face, job)),
          job,
          settings: how,
        }))
          count(said, `${f.rule}, ${inWords(f.effect)}: ${told(f.sentence)}`)
    }
    for (const n of needsIn(sceneOf(face, job, how))) {
      count(asked, `${n.rule}, ${n.key} from ${n.from}${n.soft ? ', soft' : ''}: ${told(n.sentence)}`)
      for (const item of items) if (n.met?.(item)) count(asked, `${n.rule}, ${n.key}: met`)
    }
  }
  return { said, asked }
}

it('what the rules say of products and ask of plans, and that each says something', () => {
  const { said, asked } = hear()
  const heard = new Set([...said.keys(), ...asked.keys()].map(line => line.split(',')[0]))
  expect(RULES.map(r => r.id).filter(id => !heard.has(id))).toEqual([])
  expect(listed(said)).toMatchSnapshot('products')
  expect(listed(asked)).toMatchSnapshot('plans')
})

it('what each declared sensitivity goes by, and what it finds in all lists at hand', () => {
  const names = [
    ...new Set([...KNOWN_NAMES, ...INGREDIENT_LISTS.flatMap(l => readIngredients(l.text).ingredients)]),
  ].sort()
  const goesBy = SUBSTANCES.map(({ id, label, words }) => {
    for (const word of words) expect(declaredAs(word).label).toBe(label)
    return `${id}, ${label}, ${words.join(' or ')}: ${foundIn(label, names).join(', ')}`
  })
  expect(goesBy).toMatchSnapshot()
})
