<script setup lang="ts">
import { asLearned } from '#core/reading/measuredMixes'
import { complexionOf } from '#shared/asked/kitPigments'
import type { Column } from '~/words/columns'

/** Mixes that were measured, how near they came to what was predicted, and what they teach of the bottles. */
const kit = useKit()
const plans = usePlans()
const undo = useUndo()
const task = useComplexionWorker()
const open = ref(false)

/** Mixes whose bottles are all still here; the others teach nothing any more. */
const mixes = computed(() => plans.tests.mixes.filter(m => m.drops.every(d => kit.byId.has(d.id))))
const bottles = computed(() => {
  const ids = new Set(mixes.value.flatMap(m => m.drops.map(d => d.id)))
  return kit.products.filter(p => ids.has(p.id))
})
const learned = useAsked(
  () => (open.value ? [mixes.value, bottles.value] : null),
  ([measured, known], signal) =>
    task.run(
      work =>
        work.learn(
          JSON.parse(JSON.stringify(measured.map(({ drops, lab }) => ({ drops, lab })))),
          JSON.parse(JSON.stringify(known.map(complexionOf))),
        ),
      signal,
    ),
  { afterActs: false },
)
const { value: lesson, state, again: learn } = learned

const mean = (list: readonly number[]) => (list.reduce((sum, x) => sum + x, 0) / list.length).toFixed(1)
const rows = computed(() =>
  mixes.value.map((mix, i) => ({
    mix,
    name: mix.drops.map(d => `${d.count} ${kit.byId.get(d.id)?.shade ?? mix.names[d.id]}`).join(' + '),
    before: lesson.value?.before[i],
    after: lesson.value?.after[i],
  })),
)
const columns = computed((): Column<(typeof rows.value)[number]>[] => [
  { key: 'mix', text: 'Mix', of: m => m.name },
  { key: 'measured', text: 'Measured' },
  { key: 'before', text: 'Off by, ΔE', class: 'num', of: m => m.before?.toFixed(1) ?? '' },
  ...(lesson.value?.learned
    ? [{ key: 'after', text: 'As learned', class: 'num', of: (m: { after?: number }) => m.after?.toFixed(1) ?? '' }]
    : []),
  { key: 'doing', text: 'Forget', unseen: true },
])
// Less than this would not be seen in a mix.
const PULLS = 0.05
const TURNS = 0.3
const turnInWords = ({ a, b }: { a: number; b: number }) =>
  Math.abs(a) > Math.abs(b) ? (a > 0 ? 'redder' : 'greener') : b > 0 ? 'yellower' : 'bluer'
/** What is learned in words, the furthest from what was thought first. */
const taught = computed(() =>
  [...(lesson.value?.learned ?? [])]
    .flatMap(([id, { strength, shift }]) => {
      const bottle = kit.byId.get(id)
      if (!bottle) return []
      const factor = strength / bottle.strength
      const pulls = Math.abs(Math.log(factor)) >= PULLS
      const turns = Math.hypot(shift.a, shift.b) >= TURNS
      const words = [
        pulls && `pulls ${factor > 1 ? 'more' : 'less'} strongly than thought (${factor.toFixed(2)} times)`,
        turns && `is ${turnInWords(shift)} than thought`,
      ].filter(Boolean)
      const far = Math.abs(Math.log(factor)) / PULLS + Math.hypot(shift.a, shift.b) / TURNS
      return words.length > 0 ? [{ words: `${bottle.shade} ${words.join(' and ')}`, far }] : []
    })
    .sort((x, y) => y.far - x.far),
)
const SAID = 2
const lessonInWords = computed(() => {
  const said = taught.value.slice(0, SAID).map(t => t.words)
  const rest = taught.value.length - said.length
  return `${capital(listInWords(said))}${rest > 0 ? `, ${plural(rest, 'other')} by less` : ''}.`
})
async function take() {
  const learned = lesson.value?.learned
  if (!learned) return
  const changed = bottles.value.flatMap(p => {
    const found = learned.get(p.id)
    if (!found) return []
    const { lab, strength = 1 } = asLearned(complexionOf(p), found)
    return [{ id: p.id, lab, strength: Math.min(4, Math.max(0.25, strength)) }]
  })
  await undo.attempt(() => kit.changeAll(changed, true))
}
</script>

<template>
  <details :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>Do the mixes come out as predicted?</summary>
    <div v-if="open" class="mixes">
      <p v-if="mixes.length === 0">
        No mix has been measured yet. Match a face, mix, and say under the recipe what the meter reads.
      </p>
      <Working v-else-if="state === 'working'" what="Learning from the mixes" :done="null" @stop="learned.stop()" />
      <Failed v-else-if="state === 'failed'" @again="learn" />
      <template v-else-if="lesson">
        <p data-testid="lesson">
          <template v-if="lesson.learned && taught.length > 0">
            <b>{{ lessonInWords }}</b> With that, mixes that were held out come {{ mean(lesson.heldOut) }} ΔE from what
            was measured instead of {{ mean(lesson.before) }}.
            <Act @click="take">Take what they teach</Act>
          </template>
          <template v-else-if="mixes.length < 2">One mix teaches nothing yet: measure another.</template>
          <template v-else
            >They come out {{ mean(lesson.before) }} ΔE from what is predicted; nothing that could be learned from them
            brings mixes that were held out nearer.</template
          >
        </p>
        <div class="wide">
          <Ledger
            caption="Measured mixes, with the difference between predicted and measured"
            :columns="columns"
            :lines="rows"
          >
            <template #measured="{ line }"><Swatch :lab="line.mix.lab" :size="28" /></template>
            <template #doing="{ line }">
              <Act :aria-label="`Forget the mix ${line.name}`" @click="undo.attempt(() => plans.removeMix(line.mix.id))"
                >Forget</Act
              >
            </template>
          </Ledger>
        </div>
      </template>
      <p v-else>Stopped. <Act @click="learn">Learn again</Act></p>
    </div>
  </details>
</template>

<style scoped>
.mixes {
  display: grid;
  gap: 10px;
  max-width: 760px;
  padding-bottom: 12px;
}
.wide {
  overflow-x: auto;
}
p {
  margin: 0;
}
</style>
