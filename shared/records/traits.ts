import type { Traits } from '#core/stock/usual'
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
import { Between, Maybe, OneOf, SomeOf, Whole, YesNo } from '../checks/rules'

/** What is known of a product beyond its colour; missing fields are as usual for its kind, see core/stock/usual.ts. */
export class TraitsInput implements Partial<Traits> {
  @Maybe() @SomeOf(ITEM_KINDS) alsoFor?: ItemKind[]
  @Maybe() @YesNo() buildable?: boolean
  @Maybe() @OneOf(TEXTURES) texture?: Texture
  @Maybe() @Between(0.5, 72, 'h') wearHours?: number | null
  @Maybe() @SomeOf(RESISTANCES) resists?: Resistance[]
  @Maybe() @Whole(0, 100) spf?: number | null
  @Maybe() @OneOf(FILTERS) filter?: Filter
  @Maybe() @OneOf(SPARKLES) sparkle?: Sparkle
  @Maybe() @OneOf(DISPENSERS) dispenser?: Dispenser
  @Maybe() @SomeOf(CLAIMS) claims?: Claim[]
  @Maybe() @SomeOf(PLACES) safeFor?: Place[]
  @Maybe() @YesNo() seenByClients?: boolean
  @Maybe() @YesNo() limited?: boolean
  @Maybe() @Whole(1, 60) paoMonths?: number | null
}
