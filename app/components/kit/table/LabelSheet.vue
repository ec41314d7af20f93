<script setup lang="ts">
import { LABEL_FORMATS, PAPERS, sheetsFor, spotsOf, type LabelFormat, type Paper } from '#core/stock/labels/labelSheet'
import { LabelsInput } from '#shared/records/kit/things'
import { plain } from '#shared/checks/validate'
import { useLocalStorage } from '@vueuse/core'
import { api } from '~/asking/api'

/** Labels of things: on which paper, how large, and from which label of the sheet on. */
const { ids } = defineProps<{ ids: readonly string[] }>()
const emit = defineEmits<{ done: [] }>()
const { submit, problem, busy, at } = useForm(LabelsInput)

const FORMATS = Object.keys(LABEL_FORMATS) as LabelFormat[]
/** What a printer needs is the same the next time. */
const kept = useLocalStorage('varietas.labels', {
  paper: 'A4' as Paper,
  format: 'side of a bottle' as LabelFormat,
  shiftX: 0,
  shiftY: 0,
  outlines: true,
})
if (!FORMATS.includes(kept.value.format)) kept.value.format = FORMATS[0]!
if (!(kept.value.paper in PAPERS)) kept.value.paper = 'A4'
const used = ref(0)
const spots = computed(() => spotsOf(kept.value.paper, kept.value.format))
const size = computed(() => LABEL_FORMATS[kept.value.format])
const paper = computed(() => PAPERS[kept.value.paper])
const sheets = computed(() => sheetsFor(ids.length, used.value, kept.value.paper, kept.value.format))
watch(spots, now => {
  used.value = Math.min(used.value, now.length - 1)
})
const isPrinted = (i: number) => i >= used.value && i < used.value + ids.length

async function make() {
  const saved = await submit(
    { ids: [...ids], origin: location.origin, used: used.value, ...kept.value },
    async input => {
      const pdf = (await api('post', '/api/things/labels', {}, { body: plain(input) })) as unknown as Blob
      const link = document.createElement('a')
      link.href = URL.createObjectURL(pdf)
      link.download = 'labels.pdf'
      link.click()
      URL.revokeObjectURL(link.href)
    },
  )
  if (saved) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="make">
    <h2>{{ plural(ids.length, 'label') }} on {{ plural(sheets, 'sheet') }}.</h2>
    <p v-if="problem" role="alert" class="problem">{{ problem }} {{ at('ids')[0] ?? at('origin')[0] }}</p>
    <div class="sheet">
      <div class="choices-of">
        <Choices v-model="kept.format" label="For the" :options="FORMATS" />
        <p class="small num-free">
          {{ size.round ? `round, ${size.width} mm` : `${size.width} × ${size.height} mm` }}, {{ spots.length }} on a
          sheet
        </p>
        <Choices v-model="kept.paper" label="Paper" :options="Object.keys(PAPERS) as Paper[]" />
        <v-checkbox v-model="kept.outlines" label="Print where to cut" hide-details />
        <div class="pair">
          <NumberField v-model="kept.shiftX" label="To the right, mm" :error-messages="at('shiftX')" />
          <NumberField v-model="kept.shiftY" label="Down, mm" :error-messages="at('shiftY')" />
        </div>
        <p class="small">
          Print at 100 %, never “fit to page”. If your printer pulls askew, say by how much. The code on each label
          opens the thing from any phone that reaches this address.
        </p>
      </div>
      <figure>
        <svg :viewBox="`0 0 ${paper.width} ${paper.height}`" role="group" aria-label="The first sheet">
          <rect class="paper" :width="paper.width" :height="paper.height" />
          <g v-for="(s, i) in spots" :key="i" @click="used = i">
            <rect
              :x="s.x"
              :y="s.y"
              :width="size.width"
              :height="size.height"
              :rx="size.round ? size.width / 2 : 0"
              :class="{ printed: isPrinted(i) }"
            />
          </g>
        </svg>
        <figcaption class="small">Tap the first label that is still there, or say how many are gone.</figcaption>
        <NumberField v-model="used" label="Labels gone from the sheet" whole :min="0" :max="spots.length - 1" />
      </figure>
    </div>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">Make the PDF</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 210px;
  gap: 24px;
}
.choices-of {
  display: grid;
  gap: 10px;
  align-content: start;
}
figure {
  margin: 0;
  display: grid;
  gap: 8px;
}
svg {
  width: 100%;
  border: 1px solid var(--line);
}
.paper {
  fill: #fff;
}
g rect {
  fill: #fff;
  stroke: #8a8a8a;
  stroke-width: 0.6;
  cursor: pointer;
}
g .printed {
  fill: #1a1a1a;
}
@media (max-width: 760px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
