import { readIngredients } from '#core/ingredients/ingredients'
import type { Lab } from '#core/colour/lab'
import { USUAL_BY_KIND, type Traits } from '#core/stock/things/usual'
import { CLEAR_LAB, type ItemKind } from '#core/product/item'
import type { OwnedProductInput } from '#shared/records/kit/kit'

export interface Carried {
  openedDaysAgo: number
  product: OwnedProductInput
}

export interface Said extends Partial<
  Pick<OwnedProductInput, 'coverage' | 'finish' | 'sizeMl' | 'level' | 'notes' | 'family'>
> {
  lab?: Lab
  inci?: string
  price?: number
  openedDaysAgo?: number
  traits?: Partial<Traits>
}

/** A product of the story: what is not said is what its kind usually is, the base as its ingredient list reads. */
export function carried(kind: ItemKind, brand: string, range: string, shade: string, said: Said = {}): Carried {
  const usual = USUAL_BY_KIND[kind]
  const { lab, inci = '', price = 1800, openedDaysAgo = 90, traits = {}, ...rest } = said
  return {
    openedDaysAgo,
    product: {
      kind,
      brand,
      range,
      shade,
      lab: lab ?? CLEAR_LAB,
      colourSource: lab ? 'given colour' : 'clear',
      coverage: usual.coverage,
      finish: usual.finish,
      family: inci ? readIngredients(inci).family : usual.family,
      sizeMl: usual.size,
      level: 0.7,
      notes: '',
      priceMinor: price,
      inci,
      flagFixes: {},
      strength: 1,
      ...rest,
      traits: { ...usual.traits, ...traits },
    },
  }
}
