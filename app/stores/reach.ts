import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { everyone, type Skin } from '#core/complexion/skins/population'
import { skinPlace } from '#core/complexion/skins/skin'
import type { Family } from '#core/complexion/bottles/product'
import type { Share } from '#core/complexion/shares'
import type { Reach, ReachedSkin } from '#core/complexion/reach'
import type { FaceLine } from '#shared/records/people/clientele'
import { plainShelf } from '~/asking/plainShelf'
import { outcomeOf } from '~/asking/api'
import { useComplexionWorker } from '~/asking/useWorker'
import { useClientele } from './clientele'
import { useKit } from './kit'
import { useSettings } from './settings'

const FACE = 'face:'

/** A face whose skin has been read, as a skin that counts for redundancy and bookings but not for the share. */
function skinOfFace({ id, lab }: FaceLine): Skin[] {
  if (!lab) return []
  const { depth, undertone } = skinPlace(lab)
  return [{ id: FACE + id, lab: { ...lab }, depth, undertone, weight: 0 }]
}

/** Whom the kit can match, kept up to date in a worker whenever kit, faces or settings change. */
export const useReach = defineStore('reach', () => {
  const kit = useKit()
  const clientele = useClientele()
  const settings = useSettings()
  const task = useComplexionWorker()
  const result = shallowRef<Reach | null>(null)
  /** What each base family matches with its own bottles alone. */
  const byFamily = shallowRef<ReadonlyMap<Family, Share>>(new Map())
  const state = ref<'idle' | 'working' | 'ready' | 'stopped' | 'failed'>('idle')

  const skins = computed(() => result.value?.skins.filter(s => !s.id.startsWith(FACE)) ?? [])
  /** By face id. */
  const faceSkins = computed(
    () =>
      new Map((result.value?.skins ?? []).filter(s => s.id.startsWith(FACE)).map(s => [s.id.slice(FACE.length), s])),
  )
  const isReached = (skin: ReachedSkin) => skin.nearest !== null && skin.nearest.deltaE <= settings.value.tolerance

  async function refresh(): Promise<void> {
    state.value = 'working'
    const population = [...everyone(), ...clientele.faces.flatMap(skinOfFace)]
    const shelf = plainShelf(kit.shelf)
    const outcome = await outcomeOf(async () => {
      result.value = await task.run((work, report) => work.reach(shelf, population, { ...settings.options }, report))
      state.value = 'ready'
      byFamily.value = await task.run(work => work.byFamily(shelf, everyone(), { ...settings.options }))
    })
    if (outcome.ok) return
    if (outcome.refused) state.value = 'failed'
    // A newer run may already be under way.
    else if (!task.busy.value && state.value === 'working') state.value = 'stopped'
  }

  /** What the answer depends on, as one text: changes of names or notes do not count. */
  const signature = computed(() =>
    JSON.stringify([
      kit.shelf.products.map(({ pricePerMl: _price, ...p }) => p),
      kit.shelf.rules.someRisk,
      [...(kit.shelf.rules.apart ?? [])],
      [...(kit.shelf.rules.tried ?? [])],
      clientele.faces.map(f => [f.id, f.lab]),
      settings.options,
    ]),
  )
  const wanted = ref(false)
  // Here and not in keep(): a watcher made while a page is set up would end with that page.
  watch([wanted, signature], ([isWanted]) => {
    if (isWanted) void refresh()
  })
  /** Called by the pages that show reach: computed now if it was not, and from then on after every change. */
  function keep(): void {
    wanted.value = true
  }

  return {
    result,
    byFamily,
    skins,
    faceSkins,
    state,
    progress: task.progress,
    stop: task.stop,
    isReached,
    keep,
    refresh,
  }
})
