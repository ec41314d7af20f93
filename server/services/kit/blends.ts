import { inArray } from 'drizzle-orm'
import { blendOf, blendProblem, recipeInWords, type BlendPart } from '#core/stock/handling/blend'
import { leftIn } from '#core/stock/things/fills'
import { GRAMS_OF, levelByWeight, steady } from '#core/stock/things/weigh'
import { CLEAR_LAB } from '#core/product/item'
import { isCosmetic, type OwnedThing } from '#shared/records/kit/gear'
import { hasColour, type BlendInput, type OwnedProduct, type OwnedUnit, type WeighInput } from '#shared/records/kit/kit'
import { today } from '#shared/today'
import { fills } from '../../db/schema'
import { weighOn } from '../../devices/simulatedScale'
import { BadInput, Missing } from '../../base/problems'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { productColumns } from './kit'
import { placeAt, setLevel, thingNow } from './units'
import { allThings, emptyVesselG } from './things'

/* Own blends, and how full something is by its weight. */

// Grams or millilitres of one blend: more is a slip of the pen.
const MOST = 1000

interface Taken {
  product: OwnedProduct
  unit: OwnedUnit
  amount: number
}

/** @throws BadInput for a part that is not in the kit, or with less left than asked */
async function takenFrom(act: Act, { parts }: BlendInput): Promise<Taken[]> {
  const rows = await act.tx
    .select({ id: fills.id, productId: fills.productId })
    .from(fills)
    .where(
      inArray(
        fills.id,
        parts.map(p => p.fillId),
      ),
    )
  const taken: Taken[] = []
  for (const [i, { fillId, amount }] of parts.entries()) {
    const row = rows.find(r => r.id === fillId)
    const product: OwnedThing | null = row ? await thingNow(act, row.productId) : null
    const unit = product?.units.find(u => u.fillId === fillId)
    if (!product || !unit) throw new BadInput([{ path: `parts[${i}].fillId`, message: 'is nothing of the kit' }])
    if (!isCosmetic(product)) throw new BadInput([{ path: `parts[${i}].fillId`, message: 'is no product to mix' }])
    if (amount > leftIn(unit) * (1 + 1e-9))
      throw new BadInput([{ path: `parts[${i}].amount`, message: `there is not so much left of ${product.shade}` }])
    taken.push({ product, unit, amount })
  }
  return taken
}

const partOf = ({ product, unit, amount }: Taken): BlendPart => ({
  name: product.shade,
  kind: product.kind,
  lab: hasColour(product) ? product.lab : null,
  coverage: product.coverage,
  family: product.family,
  finish: product.finish,
  strength: product.strength,
  traits: product.traits,
  inci: product.inci,
  openedOn: unit.openedOn,
  expiresOn: unit.expiresOn,
  amount,
})

/** Several products, or some of each, made into one: a product of its own with its recipe, batch and day. */
export function blend(input: BlendInput): Promise<OwnedThing> {
  return command(
    p => `${p.shade} is made.`,
    async act => {
      const taken = await takenFrom(act, input)
      const measures = new Set(taken.map(t => t.unit.measure))
      if (measures.size > 1)
        throw new BadInput([{ path: 'parts', message: 'must be measured alike: all in g, or all in ml' }])
      const parts = taken.map(partOf)
      const problem = blendProblem(parts)
      if (problem) throw new BadInput([{ path: 'parts', message: problem }])
      const made = blendOf(parts)
      const amount = parts.reduce((sum, p) => sum + p.amount, 0)
      if (amount > MOST)
        throw new BadInput([{ path: 'parts', message: `makes more than ${MOST}: blend less at a time` }])
      const measure = taken[0]!.unit.measure
      const { id } = await act.insert('products', {
        id: newId(),
        createdAt: now(),
        ...productColumns({
          ...made,
          brand: 'own blend',
          range: '',
          shade: input.name,
          lab: made.lab ?? { ...CLEAR_LAB },
          colourSource: made.lab ? 'computed' : 'unknown',
          flagFixes: {},
          sizeMl: amount,
          strength: 1,
          level: 1,
          notes: '',
        }),
      })
      for (const { unit, amount: gone } of taken)
        await act.update('fills', unit.fillId, { level: Math.max(0, unit.level - gone / unit.size) })
      const unit = await act.insert('units', {
        id: newId(),
        productId: id,
        placeId: input.placeId ? await placeAt(act, input.placeId) : taken[0]!.unit.placeId,
        container: 'blend',
        notes: recipeInWords(parts, measure),
        createdAt: now(),
      })
      await act.insert('fills', {
        id: newId(),
        unitId: unit.id,
        productId: id,
        size: amount,
        measure,
        level: 1,
        openedOn: made.openedOn ?? today(),
        expiresOn: made.expiresOn,
        batch: today(),
      })
      return thingNow(act, id)
    },
  )
}

/** How full a thing is by what the simulated scale shows. @throws Missing, BadInput */
export async function weighed(unitId: string, { unit, emptyG: known }: WeighInput) {
  const thing = (await allThings()).find(t => t.id === unitId)
  if (!thing) throw new Missing('This thing')
  const empty = known ?? (await emptyVesselG(unitId))
  const readings = weighOn(thing.massG, { unit })
  const rest = steady(readings)
  if (rest === null)
    throw new BadInput([{ path: 'unit', message: 'the scale does not come to rest: put it on something firm' }])
  const grossG = rest * GRAMS_OF[unit]
  const found = levelByWeight(thing, grossG, empty)
  if ('problem' in found) throw new BadInput([{ path: 'emptyG', message: found.problem }])
  return { readings, unit, grossG, emptyG: empty, level: Math.round(found.level * 1000) / 1000 }
}

/** Weighs a thing on the simulated scale and writes down how full it is. */
export async function weigh(unitId: string, input: WeighInput) {
  const found = await weighed(unitId, input)
  await setLevel(unitId, { level: found.level })
  return found
}
