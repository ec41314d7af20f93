<script setup lang="ts">
import { newestBySite, sharesOf, SITES, type Site } from '#core/reading/sites'
import type { Face } from '#shared/records/people/faces'

/** Which places the base has to agree with on this face, and how much each counts. */
const props = defineProps<{ face: Face }>()
const faces = useFaces()
const undo = useUndo()
const COUNTS = [
  [0, 'not'],
  [1, 'once'],
  [2, 'twice'],
  [3, '3 ×'],
] as const

const weights = computed(() => props.face.consultation.siteWeights)
const read = computed(() => newestBySite(props.face.readings))
const inWords = computed(() =>
  listInWords(
    sharesOf(read.value.keys(), weights.value).map(({ site, share }) =>
      share === 1 ? site : `${site} ${percent(share)}`,
    ),
  ),
)
const TAN = [
  ['as read', 'as last read'],
  ['bare', 'without a tan'],
  ['tan', 'with a fake tan on'],
] as const
const tan = computed(
  () => (({ null: 'as read', true: 'tan', false: 'bare' }) as const)[`${props.face.consultation.tanOn}`],
)
const setTan = (what: (typeof TAN)[number][0] | undefined) =>
  undo.attempt(() =>
    faces.answer(props.face.id, {
      tanOn: what === 'tan' ? true : what === 'bare' ? false : null,
    }),
  )
const weigh = (site: Site, weight: number | undefined) =>
  undo.attempt(() =>
    faces.answer(props.face.id, {
      siteWeights: { ...weights.value, [site]: weight ?? 0 },
    }),
  )
</script>

<template>
  <div>
    <Choices :model-value="tan" label="They come" :options="TAN" @update:model-value="setTan" />
    <fieldset>
      <legend>The base has to agree with {{ inWords || 'the newest reading' }}</legend>
      <div v-for="site in SITES" :key="site" class="site">
        <Swatch v-if="read.get(site)" :lab="read.get(site)!.lab" :size="44" /><span v-else class="small none"
          >not read</span
        >
        <Choices
          :model-value="weights[site] ?? 0"
          :label="`${site} counts`"
          :options="COUNTS"
          @update:model-value="weigh(site, $event)"
        />
      </div>
    </fieldset>
  </div>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 8px 0 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
}
legend {
  font-weight: 600;
  padding: 0 0 2px;
}
.site {
  display: grid;
  grid-template-columns: 44px auto;
  gap: 8px;
  align-items: end;
}
.none {
  width: 44px;
  height: 44px;
  display: grid;
  place-content: center;
  text-align: center;
  border: 1px dashed var(--muted);
  line-height: 1.1;
  font-size: 0.75rem;
}
</style>
