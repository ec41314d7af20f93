import { readIngredients } from '#core/ingredients/ingredients'
import type { Lab } from '#core/colour/lab'
import { USUAL_BY_KIND, type Traits } from '#core/stock/things/usual'
import { CLEAR_LAB, type ItemKind } from '#core/product/item'
import type { CatalogueOffer } from '#shared/records/kit/buys'

export interface Line {
  supplierId: string
  kind: ItemKind
  brand: string
  range: string
  priceMinor: number
}
export interface Said extends Partial<
  Pick<CatalogueOffer, 'coverage' | 'finish' | 'sizeMl' | 'family' | 'priceMinor'>
> {
  lab?: Lab
  traits?: Partial<Traits>
}

/** A name as an id: what a database holds already keeps its own. */
export const offerId = (range: string, shade: string) => `${range} ${shade}`.toLowerCase().replace(/[^a-z]+/g, '-')

/** One offer outside complexion: a field left out is as usual for its kind, the base as its ingredient list reads. */
export function catalogueOffer(
  line: Line,
  shade: string,
  inci: string,
  { lab, traits, ...said }: Said = {},
): CatalogueOffer {
  const usual = USUAL_BY_KIND[line.kind]
  return {
    ...line,
    id: offerId(line.range, shade),
    productId: offerId(line.range, shade),
    inStock: true,
    shade,
    inci,
    flagFixes: {},
    lab: lab ?? CLEAR_LAB,
    colourSource: lab ? 'given colour' : 'clear',
    coverage: usual.coverage,
    finish: usual.finish,
    family: inci ? readIngredients(inci).family : usual.family,
    sizeMl: usual.size,
    ...said,
    traits: { ...usual.traits, ...traits },
  }
}
