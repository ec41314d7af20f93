<script setup lang="ts">
import {
  PHOTO_LIGHTS,
  type Area,
  type PhotographReading,
  type PhotoLight,
  type Refusal,
  type SwatchReading,
} from '#core/reading/photograph'
import { useDebounceFn } from '@vueuse/core'
import { outcomeOf } from '~/asking/api'
import type { PhotographWork } from '~/workers/photograph.worker'

/** Colours of swatches off a photograph that shows a grey card beside them, given to the bottles they are of. */
const emit = defineEmits<{ done: [] }>()
const kit = useKit()
const undo = useUndo()
const worker = useWorker<PhotographWork>(
  () => new Worker(new URL('../../../workers/photograph.worker.ts', import.meta.url), { type: 'module' }),
)

const picture = shallowRef<ImageData | null>(null)
/** The card first, then the swatches. */
const areas = ref<Area[]>([])
const bottles = ref<(string | null)[]>([])
const light = ref<PhotoLight>('not sure')
const cardL = ref(50)
const reading = shallowRef<PhotographReading | null>(null)
const problem = ref('')

async function choose(event: Event) {
  const [file] = (event.target as HTMLInputElement).files ?? []
  if (!file) return
  problem.value = ''
  const opened = await outcomeOf(pixelsOf(file, 1600))
  if (!opened.ok) {
    problem.value = opened.refused?.message ?? ''
    return
  }
  picture.value = opened.value
  areas.value = []
  bottles.value = []
  reading.value = null
}
const labels = computed(() => areas.value.map((_, i) => (i === 0 ? 'Grey card' : `Swatch ${i}`)))
/** One in the middle, to be moved by keyboard. */
function addArea() {
  const { width, height } = picture.value!
  const size = Math.round(Math.min(width, height) / 8)
  areas.value = [...areas.value, { x: (width - size) / 2, y: (height - size) / 2, width: size, height: size }]
}

const read = useDebounceFn(async () => {
  const [card, ...swatches] = areas.value.map(a => ({ ...a }))
  if (!picture.value || !card || swatches.length === 0 || !Number.isFinite(cardL.value)) {
    reading.value = null
    return
  }
  const { width, height, data } = picture.value
  const answer = await outcomeOf(
    worker.run(w => w.read({ width, height, data }, card, cardL.value, swatches, light.value)),
  )
  if (answer.ok) reading.value = answer.value
}, 150)
watch([areas, light, cardL], read, { deep: true })

const WHY: Readonly<Record<Refusal, string>> = {
  'too small': 'too small: mark more of it',
  'clipped': 'too bright or too vivid for the picture: take it again with less light on it',
  'too dark': 'too dark: take it again with more light',
  'lit unevenly': 'lit unevenly: mark less of it, or turn it away from the lamp',
  'not one colour': 'not one colour: mark less of it, without edges and glints',
}
const swatches = computed((): readonly SwatchReading[] => reading.value?.swatches ?? [])
const cardRefused = computed(() => (reading.value?.cardRefused ? WHY[reading.value.cardRefused] : ''))
const isRead = (s: SwatchReading): s is Extract<SwatchReading, { within: number }> => 'within' in s
const agreed = computed(() =>
  swatches.value.flatMap((s, i) => {
    const id = bottles.value[i]
    return isRead(s) && id ? [{ id, lab: s.lab, colourSource: 'photograph' as const }] : []
  }),
)
const twice = computed(() => new Set(agreed.value.map(a => a.id)).size < agreed.value.length)
const title = computed(() => {
  if (!picture.value) return 'Colours off a photograph'
  if (areas.value.length === 0) return 'Mark the grey card.'
  if (areas.value.length === 1) return 'Mark the first swatch.'
  return `${plural(swatches.value.filter(isRead).length, 'colour')} read.`
})
async function take() {
  const rounded = agreed.value.map(a => ({
    ...a,
    lab: { L: round(a.lab.L), a: round(a.lab.a), b: round(a.lab.b) },
  }))
  if (await undo.attempt(() => kit.changeAll(rounded))) emit('done')
}
const round = (v: number) => Math.round(v * 100) / 100
</script>

<template>
  <form class="form" novalidate @submit.prevent="take">
    <h2>{{ title }}</h2>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p class="small">
      Swatches on white paper with a grey card beside them (the usual one has L* 50), in one even light, without flash
      and without filters. What is read is as good as the light: how far off it may be stands beside each. One card puts
      right how bright and how warm a picture is; where a phone has bent its contrast as well (night, portrait and vivid
      modes do), no card can tell.
    </p>
    <label class="small"
      >{{ picture ? 'Another photograph' : 'A photograph' }}
      <input type="file" accept="image/jpeg,image/png,image/webp" @change="choose" />
    </label>
    <template v-if="picture">
      <MarkedPicture
        v-model="areas"
        :picture="picture"
        :labels="labels"
        :marks="areas.map((_, i) => (i === 0 ? 'card' : `${i}`))"
      />
      <p class="small">
        Draw over the card, then over each swatch.
        <Act @click="addArea">{{ areas.length === 0 ? 'Put a mark on the card' : 'One more mark' }}</Act>
      </p>
      <div class="how">
        <Choices v-model="light" label="Taken by" :options="PHOTO_LIGHTS" />
        <NumberField v-model="cardL" label="Lightness of the card, L*" :min="10" :max="96" />
      </div>
      <p v-if="reading?.lightDoubt" role="alert">
        {{
          reading.lightDoubt === 'warmer'
            ? 'The card looks yellower than daylight leaves it: was it taken by a bulb or a warm LED?'
            : 'The card looks as it does in daylight: was it taken by a window?'
        }}
        Until that is clear, the colours are read as if the light were not known.
      </p>
      <p v-if="cardRefused" role="alert">The card is {{ cardRefused }}.</p>
      <Working v-if="worker.busy.value" what="Reading" :done="null" @stop="worker.stop()" />
      <ul v-if="swatches.length > 0" class="bare swatches" aria-label="What was read">
        <li v-for="(s, i) in swatches" :key="i">
          <template v-if="isRead(s)">
            <Swatch :lab="s.lab" :size="54" />
            <div>
              <b>Swatch {{ i + 1 }}</b>
              <p class="small">
                L* {{ s.lab.L.toFixed(1) }}, a* {{ s.lab.a.toFixed(1) }}, b* {{ s.lab.b.toFixed(1) }}, within ΔE
                {{ s.within.toFixed(1) }} in nine of ten
              </p>
            </div>
            <ProductPicker v-model="bottles[i]!" :label="`Swatch ${i + 1} is of`" clearable />
          </template>
          <template v-else>
            <span class="none" />
            <p>
              <b>Swatch {{ i + 1 }}</b> is {{ WHY[s.refused] }}.
            </p>
          </template>
        </li>
      </ul>
    </template>
    <p v-if="twice" role="alert">Two swatches are of one bottle: leave one of them out.</p>
    <div class="acts foot">
      <v-btn type="submit" color="primary" variant="flat" :disabled="agreed.length === 0 || twice">{{
        agreed.length === 0 ? 'Say which bottle a swatch is of' : `Give ${plural(agreed.length, 'bottle')} this colour`
      }}</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
.how {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: 14px;
  align-items: end;
}
.swatches li {
  display: grid;
  grid-template-columns: 54px minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.swatches p {
  margin: 0;
}
.none {
  width: 54px;
  height: 54px;
  border: 1px dashed var(--muted);
}
@media (max-width: 760px) {
  .how,
  .swatches li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
