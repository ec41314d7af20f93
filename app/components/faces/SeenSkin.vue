<script setup lang="ts">
import { difference } from '#core/colour/difference'
import type { Reading } from '#core/reading/reading'
import { skinAfterVerdicts } from '#core/reading/verdicts'
import { mixAsKnown } from '#shared/asked/kitPigments'
import { looksOf } from '#shared/asked/looks'
import { ReadingInput, type Face } from '#shared/records/people/faces'
import { isAhead } from '#shared/today'

/** What was seen of mixes since the last reading is evidence on the skin too: where it would lie, to be kept or not. */
const props = defineProps<{ face: Face; target: Reading }>()
const kit = useKit()
const faces = useFaces()
const { submit, problem, busy } = useForm(ReadingInput)
// Less than this nobody would see.
const WORTH_SAYING = 0.5

/** When the last reading was taken; of one taken by a clock that was ahead nothing is known to be later. */
const since = computed(() => {
  const at = props.face.readings[0]?.takenAt ?? ''
  return isAhead(at) ? '' : at
})
const seen = computed(() =>
  looksOf(props.face.seen)
    .filter(s => s.seenAt > since.value)
    .flatMap(({ drops, seen, degree }) => {
      const mix = mixAsKnown(drops, kit.byId)
      return mix ? [{ mix, seen, degree }] : []
    }),
)
const moved = computed(() => skinAfterVerdicts(props.target, seen.value))
const shows = computed(() => seen.value.length > 0 && difference(moved.value.mean, props.target.mean) >= WORTH_SAYING)
const keep = () =>
  submit(
    {
      source: 'verdicts',
      lab: moved.value.mean,
      covariance: [...moved.value.covariance],
      note: plural(seen.value.length, 'verdict'),
      site: props.face.readings[0]!.site,
      tanned: props.face.consultation.tanOn ?? props.face.readings[0]!.tanned,
    },
    input => faces.addReading(props.face.id, input),
  )
</script>

<template>
  <div v-if="shows" class="seen" role="status">
    <p>
      <b>What you saw puts the skin elsewhere:</b> {{ differenceInWords(target.mean, moved.mean) }}, at
      {{ placeInWords(moved.mean) }} (from {{ plural(seen.length, 'verdict') }}).
    </p>
    <TouchingFields :left="target.mean" :right="moved.mean" left-name="as read" right-name="as seen" :height="40" />
    <p v-if="problem" role="alert">
      <b>{{ problem }}</b>
    </p>
    <Act :disabled="busy" @click="keep">Keep it as a reading</Act>
  </div>
</template>

<style scoped>
.seen {
  border-left: 5px solid var(--ink);
  padding: 2px 12px;
  margin: 8px 0;
  display: grid;
  gap: 6px;
  max-width: 620px;
}
p {
  margin: 0;
}
</style>
