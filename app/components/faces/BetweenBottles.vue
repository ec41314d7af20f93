<script setup lang="ts">
import {
  betweenBottles,
  SHADES_OF_CHROMA,
  SHADES_OF_DEPTH,
  SHADES_OF_HUE,
  type ChromaWord,
  type ShadeOfDepth,
  type HueWord,
} from '#core/reading/betweenBottles'
import { nearestFirst } from '#core/complexion/bottles/pigments'
import type { Reading } from '#core/reading/reading'
import { complexionOf } from '#shared/asked/kitPigments'

/** The everyday way: hold a known bottle to the jaw and say how the skin differs from it. */
const emit = defineEmits<{ reading: [reading: Reading | null, note: string] }>()
const kit = useKit()
const bottles = computed(() =>
  kit.products.filter(p => p.kind === 'foundation' && !p.retiredAt).sort((x, y) => y.lab.L - x.lab.L),
)

interface Said {
  bottleId: string
  depth?: ShadeOfDepth
  hue?: HueWord
  chroma?: ChromaWord
}
const said = ref<Said[]>([])
const bottleId = ref<string>()
const depth = ref<ShadeOfDepth>()
const hue = ref<HueWord>()
const chroma = ref<ChromaWord>()
const bottle = computed(() => kit.byId.get(bottleId.value ?? ''))
const saidMore = computed(() => depth.value || hue.value || chroma.value)

const all = computed<Said[]>(() =>
  bottle.value && saidMore.value
    ? [...said.value, { bottleId: bottle.value.id, depth: depth.value, hue: hue.value, chroma: chroma.value }]
    : said.value,
)
const reading = computed(() =>
  betweenBottles(
    all.value.flatMap(({ bottleId: id, ...words }) => {
      const known = kit.byId.get(id)
      return known ? [{ bottle: known.lab, ...words }] : []
    }),
  ),
)
const inWords = (s: Said) =>
  `${[s.depth, s.hue, s.chroma].filter(Boolean).join(', ')} than ${kit.byId.get(s.bottleId)?.shade}`.replace(
    /same (\w+) than/,
    'same $1 as',
  )
/** The bottle nearest to where the skin seems to be says most next. */
const next = computed(() => {
  const left = bottles.value.filter(b => !all.value.some(s => s.bottleId === b.id)).map(complexionOf)
  return nearestFirst(left, reading.value.mean)[0]?.id
})
watch(all, list => emit('reading', list.length > 0 ? reading.value : null, list.map(inWords).join('; ')), {
  immediate: true,
})

function choose(id: string) {
  if (saidMore.value && bottle.value) said.value = all.value
  said.value = said.value.filter(s => s.bottleId !== id)
  bottleId.value = id
  depth.value = hue.value = chroma.value = undefined
}
</script>

<template>
  <div class="flow between">
    <p v-if="bottles.length === 0">
      There is no bottle to compare with yet. <NuxtLink to="/kit?add">Add one to the kit</NuxtLink> or use another way.
    </p>
    <template v-else>
      <p class="small">Hold a bottle you know to the jaw.</p>
      <div class="row" role="group" aria-label="Bottles">
        <button
          v-for="b in bottles"
          :key="b.id"
          type="button"
          class="bottle"
          :aria-pressed="b.id === bottleId"
          :aria-label="b.shade"
          @click="choose(b.id)"
        >
          <Swatch :lab="b.lab" :size="44" /><span>{{ b.shade }}</span
          ><em v-if="b.id === next && b.id !== bottleId">says most</em>
        </button>
      </div>
      <template v-if="bottle">
        <TouchingFields
          :left="bottle.lab"
          :right="reading.mean"
          :left-name="bottle.shade"
          right-name="the skin as told so far"
          :height="70"
        />
        <Choices v-model="depth" :label="`Beside ${bottle.shade} the skin is`" :options="SHADES_OF_DEPTH" />
        <Choices v-model="hue" label="and" :options="SHADES_OF_HUE" />
        <Choices v-model="chroma" label="and" :options="SHADES_OF_CHROMA" />
      </template>
      <ul v-if="said.length > 0" class="small">
        <li v-for="s in said" :key="s.bottleId">
          {{ inWords(s) }}
          <Act :aria-label="`Forget: ${inWords(s)}`" @click="said = said.filter(o => o !== s)"> Forget </Act>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.between p {
  margin: 0;
}
.row {
  display: flex;
  gap: 0;
  overflow-x: auto;
  padding: 4px;
}
.bottle {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  font-size: 0.74rem;
  width: 64px;
  flex: none;
  cursor: pointer;
  color: var(--ink);
  display: grid;
  justify-items: stretch;
  align-content: start;
  gap: 3px;
}
.bottle :deep(.swatch) {
  width: 64px !important;
}
.bottle[aria-pressed='true'] :deep(.swatch) {
  outline: 3px solid var(--accent);
  outline-offset: -3px;
}
.bottle em {
  font-style: normal;
  font-weight: 700;
}
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
