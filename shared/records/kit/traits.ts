import type { Traits } from '#core/stock/things/usual'
import {
  CLAIMS,
  DISPENSERS,
  FILTERS,
  ITEM_KINDS,
  PLACES,
  RESISTANCES,
  SPARKLES,
  TEXTURES,
  type Claim,
  type Dispenser,
  type Filter,
  type ItemKind,
  type Place,
  type Resistance,
  type Sparkle,
  type Texture,
} from '#core/product/item'
import * as is from '../../checks/rules'

/** What is known of a product beyond its colour; missing fields are as usual for its kind, see core/stock/things/usual.ts. */
export class TraitsInput implements Partial<Traits> {
  @is.Maybe() @is.SomeOf(ITEM_KINDS) alsoFor?: ItemKind[]
  @is.Maybe() @is.YesNo() buildable?: boolean
  @is.Maybe() @is.OneOf(TEXTURES) texture?: Texture
  @is.Maybe() @is.Between(0.5, 72, 'h') wearHours?: number | null
  @is.Maybe() @is.SomeOf(RESISTANCES) resists?: Resistance[]
  @is.Maybe() @is.Whole(0, 100) spf?: number | null
  @is.Maybe() @is.OneOf(FILTERS) filter?: Filter
  @is.Maybe() @is.OneOf(SPARKLES) sparkle?: Sparkle
  @is.Maybe() @is.OneOf(DISPENSERS) dispenser?: Dispenser
  @is.Maybe() @is.SomeOf(CLAIMS) claims?: Claim[]
  @is.Maybe() @is.SomeOf(PLACES) safeFor?: Place[]
  @is.Maybe() @is.YesNo() seenByClients?: boolean
  @is.Maybe() @is.YesNo() limited?: boolean
  @is.Maybe() @is.Whole(1, 60) paoMonths?: number | null
}
