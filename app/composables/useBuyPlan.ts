import type { BuyAnswer, SpendPoint } from '#core/buy/buy'
import type { WantedBase } from '#core/buy/wantedBase'
import type { Lab } from '#core/colour/lab'
import { clientele, everyone } from '#core/complexion/skins/population'
import { plainShelf } from '../asking/plainShelf'
import { outcomeOf } from '../asking/api'
import { useComplexionWorker } from '../asking/useWorker'

const TIME_LIMIT_MS = 20_000

/** Whom the money is to reach: everyone alike, or weighted by the artist's own faces. */
export type Aim = 'everyone' | 'my clientele'

/** Somebody who has to be matched before anything else counts. */
export interface MustFace {
  id: string
  name: string
  skin: Lab
  /** The base that was asked for, also in words; null where only the colour counts. */
  asked: (WantedBase & { words: string }) | null
}

/** What to buy under a budget, searched exactly in a worker; the spend curve stays while one of its points is looked at. */
export function useBuyPlan() {
  const kit = useKit()
  const buys = useBuys()
  const people = useClientele()
  const settings = useSettings()
  const task = useComplexionWorker()
  const plan = shallowRef<BuyAnswer | null>(null)
  const curve = shallowRef<SpendPoint[]>([])
  const state = ref<'idle' | 'working' | 'ready' | 'stopped' | 'failed'>('idle')
  const musts = shallowRef<readonly MustFace[]>([])

  async function search(budgetMinor: number, faces: readonly MustFace[], aim: Aim): Promise<BuyAnswer | null> {
    state.value = 'working'
    const { products: owned, rules } = plainShelf(kit.shelf)
    const offers = buys.open()
    const productOf = new Map(offers.map(o => [o.id, o.product.id]))
    const own = people.value.skins.map(({ lab, weight }) => ({ lab: { ...lab }, weight }))
    const answer = await outcomeOf(
      task.run((work, report) =>
        work.buy(
          {
            owned,
            offers,
            rules,
            mustReach: faces.map(f => ({ ...f.skin })),
            mustBase: faces.map(
              ({ asked }) =>
                asked && {
                  coverage: asked.coverage,
                  finish: asked.finish,
                  bottles: asked.bottles.map(({ id, finish }) => ({ id: productOf.get(id) ?? id, finish })),
                },
            ),
            budget: budgetMinor,
            options: { ...settings.options },
            timeLimitMs: TIME_LIMIT_MS,
            population: aim === 'everyone' ? everyone() : clientele(own),
          },
          report,
        ),
      ),
    )
    if (answer.ok) {
      musts.value = faces
      state.value = 'ready'
      return answer.value
    }
    if (answer.refused) state.value = 'failed'
    // Stopped by a newer question, that one says how it stands.
    else if (!task.busy.value) state.value = 'stopped'
    return null
  }

  /** The plan for a budget, and the curve up to it. */
  async function make(budgetMinor: number, faces: readonly MustFace[], aim: Aim): Promise<void> {
    const answer = await search(budgetMinor, faces, aim)
    if (!answer) return
    plan.value = answer
    curve.value = answer.curve
  }
  /** The plan at one point of the curve, with its own reasons. */
  async function lookAt(point: SpendPoint, faces: readonly MustFace[], aim: Aim): Promise<void> {
    const answer = await search(point.spend, faces, aim)
    if (answer) plan.value = answer
  }
  return { plan, curve, state, musts, progress: task.progress, stop: task.stop, make, lookAt }
}
