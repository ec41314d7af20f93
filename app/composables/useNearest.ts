import { skinPlace } from '#core/complexion/skins/skin'
import type { FaceLine } from '#shared/records/people/clientele'
import { plainShelf } from '../asking/plainShelf'
import { outcomeOf } from '../asking/api'
import { useComplexionWorker } from '../asking/useWorker'

/** How near the kit comes to each face of a list, ΔE00 by face: as Reach has it, and mixed for those it does not hold. */
export function useNearest(lines: () => readonly FaceLine[]) {
  const reach = useReach()
  const kit = useKit()
  const settings = useSettings()
  const task = useComplexionWorker()
  const others = shallowRef<ReadonlyMap<string, number>>(new Map())

  const missing = computed(() =>
    reach.state === 'ready' ? lines().filter(l => l.lab && !reach.faceSkins.has(l.id)) : [],
  )
  watch(missing, async now => {
    const fresh = now.filter(l => !others.value.has(l.id))
    if (fresh.length === 0) return
    const skins = fresh.map(({ id, lab }) => ({ id, lab: { ...lab! }, ...skinPlace(lab!), weight: 0 }))
    const found = await outcomeOf(
      task.run(work => work.reach(plainShelf(kit.shelf), skins, { ...settings.options }, () => undefined)),
    )
    // Without it a face shows no distance, and is asked for with the next page.
    if (!found.ok) return
    const near = found.value.skins.flatMap(s => (s.nearest ? [[s.id, s.nearest.deltaE] as const] : []))
    others.value = new Map([...others.value, ...near])
  })
  // What was mixed is right for the kit it was mixed from alone.
  watch([() => kit.shelf, () => settings.options], () => {
    others.value = new Map()
  })

  return computed(() => {
    const near = new Map(others.value)
    for (const [id, skin] of reach.faceSkins) if (skin.nearest) near.set(id, skin.nearest.deltaE)
    return near
  })
}
