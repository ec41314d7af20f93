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
} from '#core/suitability/item'
import { Between, Maybe, OneOf, SomeOf, Whole, YesNo } from '../rules'

/** What is known of a product beyond its colour, see core/stock/usual.ts for what each kind usually is. */
export class TraitsInput implements Traits {
  @SomeOf(ITEM_KINDS) alsoFor: ItemKind[] = []
  @YesNo() buildable: boolean = false
  @OneOf(TEXTURES) texture: Texture = 'other'
  @Maybe() @Between(0.5, 72, 'h') wearHours: number | null = null
  @SomeOf(RESISTANCES) resists: Resistance[] = []
  @Maybe() @Whole(0, 100) spf: number | null = null
  @OneOf(FILTERS) filter: Filter = 'unknown'
  @OneOf(SPARKLES) sparkle: Sparkle = 'none'
  @OneOf(DISPENSERS) dispenser: Dispenser = 'bottle'
  @SomeOf(CLAIMS) claims: Claim[] = []
  @SomeOf(PLACES) safeFor: Place[] = ['face']
  @YesNo() seenByClients: boolean = false
  @YesNo() limited: boolean = false
  @Maybe() @Whole(1, 60) paoMonths: number | null = null
}
