import { sortOfKind } from '#core/stock/things/kinds'
import { isCosmetic, type GearFields, type GearInput, type OwnedGear, type OwnedThing } from '#shared/records/kit/gear'
import { Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { addUnitOf, fillColumns, placeAt, thingNow, unitColumns } from './units'

/* The acts on tools and supplies: what they are, and what is in the unit that is used first. */

/** Tools and supplies have no colour or formula: these fields of a product get neutral values. */
const NO_COLOUR = {
  range: '',
  L: null,
  a: null,
  b: null,
  colourSource: 'clear',
  coverage: 'sheer',
  family: 'unknown',
  finish: 'natural',
} as const

export const gearColumns = ({ kind, brand, shade, shape, porous, percent, barcode }: GearFields) => ({
  ...NO_COLOUR,
  kind,
  sort: sortOfKind(kind),
  brand,
  shade,
  shape: kind === 'brush' ? shape : ('' as const),
  porous: porous ?? null,
  percent: percent ?? null,
  barcode: barcode ?? null,
})

const asGear = (thing: OwnedThing): OwnedGear => {
  if (isCosmetic(thing)) throw new Missing('This thing')
  return thing
}

/** A tool or a supply, with its first unit. */
export async function insertGear(act: Act, input: GearInput, placeId?: string | null): Promise<string> {
  const product = await act.insert('products', { id: newId(), createdAt: now(), ...gearColumns(input) })
  await addUnitOf(act, product, input, { count: input.count, ...(placeId ? { placeId } : {}) })
  return product.id
}

export function addGear(input: GearInput): Promise<OwnedGear> {
  return command(
    g => `${g.shade} is in the kit.`,
    async act => {
      const id = await insertGear(act, input, input.placeId ? await placeAt(act, input.placeId) : null)
      return asGear(await thingNow(act, id))
    },
  )
}

/** Changes a tool or a supply, and the unit that is used first. */
export function changeGear(id: string, input: GearInput): Promise<OwnedGear> {
  return command(`${input.shade} is changed.`, async act => {
    const before = asGear(await thingNow(act, id))
    expectVersion(before.shade, before, input.version)
    const unit = before.units[0]!
    const placeId = input.placeId ? await placeAt(act, input.placeId) : unit.placeId
    await act.update('products', id, gearColumns(input))
    await act.update('units', unit.id, { ...unitColumns(input), count: input.count, placeId })
    await act.update(
      'fills',
      unit.fillId,
      fillColumns(input.kind, { ...input, measure: input.measure ?? unit.measure }),
    )
    return asGear(await thingNow(act, id))
  })
}
