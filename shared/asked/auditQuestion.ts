import { typicalSkin } from '#core/complexion/skins/skin'
import { mixingRules, type MixingFacts } from '#core/complexion/bottles/mixable'
import { SLOTS } from '#core/asked/slots'
import type { PlanSettings } from '#core/asked/settings'
import type { TakenAhead } from '#core/standard/audit'
import type { AuditScene, AuditThing } from '#core/standard/points'
import type { OfferedThing } from '#core/standard/fill'
import type { Ability, Standard, SuitedSkin } from '#core/standard/standard'
import { isToolKind } from '#core/stock/things/kinds'
import { scoreOf, vetoOf } from '#core/suitability/finding'
import type { FaceFacts } from '#core/asked/face'
import { findingsOn } from '#core/suitability/rules'
import { USUAL } from '#core/asked/job'
import type { KitItem } from '#core/product/item'
import type { Due } from '#core/due'
import { factsOf } from './faceFacts'
import { itemOfOffer } from './kitItem'
import { itemsOf, type UsableProduct } from './planQuestion'
import { isCosmeticOffer, type AnyOffer, type CatalogueOffer } from '../records/kit/buys'
import { Consultation } from '../records/method/consultation'
import type { FaceInput } from '../records/people/faces'
import { stranger } from './stranger'

/* What an audit of the kit is computed from, as records: read into items where the computing is done. */

/** A thing with the ids of what it puts on a face. */
export interface HeldThing extends Omit<AuditThing, 'items'> {
  productIds: readonly string[]
}

export interface AuditQuestion {
  standard: Standard
  things: readonly HeldThing[]
  products: readonly UsableProduct[]
  mixing: MixingFacts
  settings: PlanSettings
  /** Faces of the largest party in the book. */
  party: number
  /** What people on record declared that they react to. */
  declared: readonly string[]
  /** Products that plans of booked faces name: they go along, whatever they serve. */
  booked: readonly string[]
  /** What a lighter kit has to be able to do beside the standard. */
  also: readonly Standard[]
  /** What days ahead take in counts. */
  ahead: readonly TakenAhead[]
  /** How much lighter it is to become, grams; null where nobody asked. */
  lighterG: number | null
}

/** Somebody with such a skin, of whom nothing else is known. */
function somebody(skin: SuitedSkin): FaceFacts {
  const lab = typicalSkin(5, 'neutral')
  const face: Partial<FaceInput> = { skinType: skin === 'reactive' ? 'normal' : skin }
  const states = skin === 'reactive' ? ['reactive' as const] : []
  const zones = skin === 'reactive' ? [{ zone: 'cheeks' as const, type: null, states }] : []
  return factsOf(stranger(lab, face, { ...new Consultation(), zones }))!
}

// What rules weigh against it this much is nothing one would choose for them.
const NOT_FOR_THEM = -1

/** Whether the rules let a product go on somebody with such a skin, without more against it than for it. */
function suitsIn(settings: PlanSettings): AuditScene['suits'] {
  const known = new Map<SuitedSkin, FaceFacts>()
  return (item: KitItem, skin: SuitedSkin) => {
    const face = known.get(skin) ?? somebody(skin)
    known.set(skin, face)
    const slot = SLOTS.find(s => s.kinds.includes(item.kind))
    if (!slot) return true
    const findings = findingsOn({
      item,
      slot: slot.id,
      skinType: face.skinType,
      face,
      job: USUAL.personal,
      settings,
    } as Parameters<typeof findingsOn>[0])
    return !vetoOf(findings) && scoreOf(findings) > NOT_FOR_THEM
  }
}

type Scene = Pick<AuditQuestion, 'things' | 'products' | 'mixing' | 'settings' | 'party' | 'declared'>

export interface FillQuestion extends Scene {
  ability: Ability
  offers: readonly AnyOffer[]
}

/** What is offered as an audit weighs it: full, and one of it. */
export const offeredThings = (offers: readonly AnyOffer[]): OfferedThing[] =>
  offers.map(o => ({
    offerId: o.id,
    priceMinor: o.priceMinor,
    thing: {
      id: o.id,
      productId: o.productId,
      kind: o.kind,
      name: o.shade,
      count:
        !isCosmeticOffer(o) && !isToolKind(o.kind) && o.measure === 'piece' ? Math.max(1, Math.round(o.sizeMl)) : 1,
      massG: 0,
      shape: isCosmeticOffer(o) ? '' : o.shape,
      percent: isCosmeticOffer(o) ? null : (o.percent ?? null),
      items: isCosmeticOffer(o) ? [itemOfOffer({ ...o, id: o.productId } as CatalogueOffer)] : [],
    },
  }))

export function sceneOfAudit({ things, products, mixing, settings, party, declared }: Scene, due?: Due): AuditScene {
  const items = new Map(itemsOf(products).map(item => [item.id, item]))
  return {
    things: things.map(({ productIds, ...thing }) => ({
      ...thing,
      items: productIds.flatMap(id => items.get(id) ?? []),
    })),
    rules: mixingRules(mixing),
    party,
    declared,
    suits: suitsIn(settings),
    due,
  }
}
