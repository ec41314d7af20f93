import { useLocalStorage } from '@vueuse/core'
import { nextStep, type Step } from '#shared/wayIn'
import { hasColour, type ShelfProduct } from '#shared/records/kit/kit'

/** Foundations whose depth is a word or nothing yet. */
export const isGuessed = ({ colourSource }: Pick<ShelfProduct, 'colourSource'>) =>
  colourSource === 'depth word' || !hasColour({ colourSource })

/** What is worth doing next while the kit is being set up. What was looked at or put off is remembered on this device. */
export function useWayIn() {
  const kit = useKit()
  const clientele = useClientele()
  const jobs = useJobs()
  const seen = useLocalStorage<Step[]>('varietas.way-in', [])
  const done = (step: Step) => {
    if (!seen.value.includes(step)) seen.value = [...seen.value, step]
  }
  const bases = computed(() => kit.products.filter(p => p.kind === 'foundation' && p.retiredAt === null && p.level > 0))
  const guessed = computed(() => bases.value.filter(isGuessed))
  const faces = computed(() => clientele.faces)
  const step = computed(() =>
    nextStep({
      things: kit.count,
      bases: bases.value.length,
      guessed: guessed.value.length,
      faces: clientele.value.all,
      read: faces.value.filter(f => f.lab !== null).length,
      jobs: jobs.lines.length,
      done: new Set(seen.value),
    }),
  )
  return { step, guessed, faces, done }
}
