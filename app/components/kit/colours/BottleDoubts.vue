<script setup lang="ts">
import type { Reading } from '#core/reading/reading'
import type { Seen } from '#core/reading/verdicts'
import { complexionOf } from '#shared/asked/kitPigments'
import { looksOf } from '#shared/asked/looks'
import type { Evidence } from '#shared/records/people/clientele'
import { acts, api } from '~/asking/api'

/** Which bottle is not the colour it is thought to be: from what was seen on faces, and one more look that would tell most. */
const kit = useKit()
const faces = useFaces()
const undo = useUndo()
const task = useComplexionWorker()
const open = ref(false)

const bottles = computed(() => kit.usable.filter(p => p.kind === 'foundation'))
/** What was seen so far, asked for when this is opened. */
const evidence = shallowRef<Evidence>({ faces: [], verdicts: [] })
const loadEvidence = async () => {
  evidence.value = await api('get', '/api/evidence')
}
const people = computed(() => new Map(evidence.value.faces.map(f => [f.id, f])))
const readingOf = ({ mean, covariance }: Evidence['faces'][number]): Reading => ({
  mean,
  covariance: covariance as unknown as Reading['covariance'],
})
const skins = computed(() => evidence.value.faces.map(f => ({ faceId: f.id, skin: readingOf(f) })))
const verdicts = computed(() =>
  [...people.value].flatMap(([faceId, face]) =>
    looksOf(evidence.value.verdicts.filter(v => v.faceId === faceId)).map(({ drops, seen, degree }) => ({
      drops,
      faceId,
      skin: readingOf(face),
      seen,
      degree,
    })),
  ),
)
const thought = useAsked(
  () => (open.value ? [verdicts.value, bottles.value] : null),
  ([said, known], signal) =>
    task.run(
      (work, report) =>
        work.doubts(
          JSON.parse(JSON.stringify(known.map(complexionOf))),
          JSON.parse(JSON.stringify(said)),
          JSON.parse(JSON.stringify(skins.value)),
          report,
        ),
      signal,
    ),
  { afterActs: false },
)
const { state, again: think } = thought
const suspect = computed(() => thought.value.value?.suspect ?? null)
const question = computed(() => thought.value.value?.question ?? null)
const asked = computed(
  () => question.value && { bottle: kit.byId.get(question.value.id), face: people.value.get(question.value.faceId) },
)
const suspected = computed(() => (suspect.value ? kit.byId.get(suspect.value.id) : undefined))

/** Whoever answers by keyboard is brought to the next question. */
const next = ref<HTMLElement>()
let answered = false

watch(question, async () => {
  await nextTick()
  if (answered) next.value?.focus()
  answered = false
})
watch([open, acts], () => {
  if (open.value) void undo.attempt(loadEvidence)
})

/** Kept; the watch then thinks again. */
async function say(seen: Seen) {
  const { id, faceId } = question.value!
  answered = await undo.attempt(() => faces.keepSeen(faceId, { drops: [{ id, count: 1 }], ...seen }))
}
async function believe() {
  const product = suspected.value
  if (!product || !suspect.value) return
  const { lab } = suspect.value
  await undo.attempt(() => kit.changeAll([{ id: product.id, lab, colourSource: 'verdicts' }]))
}
</script>

<template>
  <details :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>Is every bottle the colour it is thought to be?</summary>
    <div v-if="open" class="doubts">
      <Working
        v-if="state === 'working'"
        what="Weighing what was seen"
        :done="task.progress.value"
        @stop="thought.stop()"
      />
      <Failed v-else-if="state === 'failed'" @again="think" />
      <template v-else-if="state === 'ready'">
        <p v-if="suspected && suspect" data-testid="suspect">
          <b>{{ suspected.shade }} is likely {{ differenceInWords(suspected.lab, suspect.lab) }} than thought</b> ({{
            chancePercent(suspect.probability)
          }}, from {{ plural(verdicts.length, 'verdict') }}).
          <Act v-if="suspect.holds" @click="believe">Take its new colour</Act>
          <span v-else class="small">Not sure enough to change it: a few more looks.</span>
        </p>
        <p v-else>
          {{
            verdicts.length === 0
              ? 'Nothing has been seen yet.'
              : `Nothing speaks against a bottle, from ${plural(verdicts.length, 'verdict')}.`
          }}
        </p>
        <TouchingFields
          v-if="suspected && suspect"
          :left="suspected.lab"
          :right="suspect.lab"
          left-name="as thought"
          right-name="as seen"
        />
        <template v-if="asked?.bottle && asked.face">
          <p ref="next" tabindex="-1">
            What would tell most: hold <b>{{ asked.bottle.shade }}</b> straight to the jaw of
            <b>{{ asked.face.name }}</b>. It looks
          </p>
          <SeenScales :legend="`${asked.bottle.shade} on ${asked.face.name} looks`" hide-legend @say="say" />
        </template>
      </template>
    </div>
  </details>
</template>

<style scoped>
.doubts {
  display: grid;
  gap: 8px;
  max-width: 760px;
  padding-bottom: 12px;
}
p {
  margin: 0;
  outline: none;
}
</style>
