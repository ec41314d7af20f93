<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { UNDERTONES, type Undertone } from '#core/complexion/skin'
import {
  ADJUSTER_WORDS,
  besideBottle,
  DEPTH_WORDS,
  fromDepthWord,
  type AdjusterWord,
  type DepthWord,
  type Step,
} from '#core/stock/placement'
import { isComplexionKind } from '#core/stock/usual'
import { CLEAR_LAB, type ItemKind } from '#core/product/item'
import type { ColourSource, ShelfProduct } from '#shared/records/kit'

/** Where a bottle sits: a depth word, beside a bottle that is there already, or a colour. */
const props = defineProps<{ kind: ItemKind; bottles: readonly ShelfProduct[]; errors: (path: string) => string[] }>()
const lab = defineModel<Lab>('lab', { required: true })
const source = defineModel<ColourSource>('source', { required: true })

type Way = 'clear' | 'words' | 'beside' | 'colour'
const way = ref<Way>(source.value === 'clear' ? 'clear' : source.value === 'depth word' ? 'words' : 'colour')
const depth = ref<DepthWord>()
const tone = ref<Undertone>('neutral')
const hue = ref<AdjusterWord>()
const neighbour = ref<string>()
const deeper = ref<Step>(0)
const yellower = ref<Step>(0)

const words = (list: readonly string[]) => list.map(w => ({ value: w, text: w }))
const ways = computed<{ value: Way; text: string }[]>(() => [
  ...(isComplexionKind(props.kind) ? [] : [{ value: 'clear' as const, text: 'It has no colour' }]),
  { value: 'words', text: 'By word' },
  { value: 'beside', text: 'Beside a bottle' },
  { value: 'colour', text: 'By colour' },
])
// What a kind usually is decides where the picking begins.
watch(
  () => props.kind,
  kind => {
    if (isComplexionKind(kind) && way.value === 'clear') way.value = 'words'
  },
)
watch(way, now => {
  if (now === 'clear') set({ ...CLEAR_LAB }, 'clear')
})

watch([depth, tone, hue, () => props.kind], () => {
  if (way.value !== 'words') return
  const found =
    props.kind === 'adjuster'
      ? hue.value && ADJUSTER_WORDS[hue.value]
      : depth.value && fromDepthWord(depth.value, tone.value)
  if (found) set({ ...found }, 'depth word')
})
watch([neighbour, deeper, yellower], () => {
  const bottle = props.bottles.find(b => b.id === neighbour.value)
  if (bottle) set(besideBottle(bottle.lab, deeper.value, yellower.value), 'beside a bottle')
})
function set(colour: Lab, from: ColourSource) {
  lab.value = colour
  source.value = from
}
const typed = (axis: keyof Lab, text: string) =>
  set({ ...lab.value, [axis]: text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')) }, 'given colour')
const figures = computed(() => ({ L: shown(lab.value.L), a: shown(lab.value.a), b: shown(lab.value.b) }))
const shown = (v: number) => (Number.isFinite(v) ? String(Math.round(v * 100) / 100) : '')
</script>

<template>
  <div class="flow">
    <Choices v-model="way" label="Where it sits" :options="ways" />
    <template v-if="way === 'words'">
      <Choices
        v-if="kind === 'adjuster'"
        v-model="hue"
        label="What it adds"
        :options="words(Object.keys(ADJUSTER_WORDS)) as { value: AdjusterWord; text: string }[]"
      />
      <template v-else>
        <Choices
          v-model="depth"
          label="Depth"
          :options="words(Object.keys(DEPTH_WORDS)) as { value: DepthWord; text: string }[]"
        />
        <Choices
          v-model="tone"
          label="Undertone"
          :options="words(UNDERTONES) as { value: Undertone; text: string }[]"
        />
      </template>
    </template>
    <template v-else-if="way === 'beside'">
      <v-autocomplete
        v-model="neighbour"
        label="The bottle it stands beside"
        :items="bottles.map(b => ({ value: b.id, title: b.shade }))"
      />
      <Choices
        v-model="deeper"
        label="It is"
        :options="[
          { value: -1, text: 'a little lighter' },
          { value: 0, text: 'as deep' },
          { value: 1, text: 'a little deeper' },
        ]"
      />
      <Choices
        v-model="yellower"
        label="and"
        :options="[
          { value: -1, text: 'pinker' },
          { value: 0, text: 'the same hue' },
          { value: 1, text: 'yellower' },
        ]"
      />
    </template>
    <LabFields v-else :values="figures" :errors="axis => errors(`lab.${axis}`)" @type="typed" />
    <p v-if="errors('lab').length > 0 && way !== 'colour'" class="wrong" role="alert">
      Say where it sits: pick a word, a bottle beside it, or a colour.
    </p>
  </div>
</template>

<style scoped>
.wrong {
  margin: 0;
  font-weight: 600;
}
</style>
