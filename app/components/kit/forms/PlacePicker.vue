<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
import {
  ADJUSTER_WORDS,
  besideBottle,
  DEPTH_WORDS,
  fromDepthWord,
  type AdjusterWord,
  type DepthWord,
  type Step,
} from '#core/stock/things/placement'
import { isComplexionKind } from '#core/stock/things/usual'
import { CLEAR_LAB, type ItemKind } from '#core/product/item'
import type { ColourSource, ShelfProduct } from '#shared/records/kit/kit'

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

const steps = (less: string, same: string, more: string): [Step, string][] => [
  [-1, less],
  [0, same],
  [1, more],
]

const ways = computed<[Way, string][]>(() => [
  ...(isComplexionKind(props.kind) ? [] : [['clear', 'It has no colour'] satisfies [Way, string]]),
  ['words', 'By word'],
  ['beside', 'Beside a bottle'],
  ['colour', 'By colour'],
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
</script>

<template>
  <div class="flow">
    <Choices v-model="way" label="Where it sits" :options="ways" />
    <template v-if="way === 'words'">
      <Choices
        v-if="kind === 'adjuster'"
        v-model="hue"
        label="What it adds"
        :options="Object.keys(ADJUSTER_WORDS) as AdjusterWord[]"
      />
      <template v-else>
        <Choices v-model="depth" label="Depth" :options="Object.keys(DEPTH_WORDS) as DepthWord[]" />
        <Choices v-model="tone" label="Undertone" :options="UNDERTONES" />
      </template>
    </template>
    <template v-else-if="way === 'beside'">
      <v-autocomplete
        v-model="neighbour"
        label="The bottle it stands beside"
        :items="bottles.map(b => ({ value: b.id, title: b.shade }))"
      />
      <Choices v-model="deeper" label="It is" :options="steps('a little lighter', 'as deep', 'a little deeper')" />
      <Choices v-model="yellower" label="and" :options="steps('pinker', 'the same hue', 'yellower')" />
    </template>
    <LabFields
      v-else
      :model-value="lab"
      :errors="axis => errors(`lab.${axis}`)"
      @update:model-value="set($event, 'given colour')"
    />
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
