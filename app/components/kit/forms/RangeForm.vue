<script setup lang="ts">
import { COVERAGES, FAMILIES } from '#core/complexion/bottles/product'
import { UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
import { labelsIn, undertoneOfLabel } from '#core/stock/list/lines/shades'
import { DEPTH_WORDS, type DepthWord } from '#core/stock/things/placement'
import { alongScale, movedTo } from '#core/stock/things/range'
import { USUAL_BY_KIND } from '#core/stock/things/usual'
import { ListedInput, ListedThing } from '#shared/records/kit/listed'

/** Many shades of one thing at once: its name, their labels, and where the first and the last of them sit. */
const emit = defineEmits<{ done: [] }>()
const board = useBoard()
const kit = useKit()
const { at, submit, problem, issues, busy } = useForm(ListedInput)

const KINDS = ['foundation', 'concealer', 'powder', 'contour', 'bronzer', 'body make-up'] as const
const BY_LABEL = 'by its letter'
const POUCHES = 'pouches'
const typed = reactive({
  kind: 'foundation' as (typeof KINDS)[number],
  brand: '',
  name: '',
  labels: '',
  family: 'unknown' as (typeof FAMILIES)[number],
  coverage: 'medium' as (typeof COVERAGES)[number],
  size: 30,
  first: 'fair' as DepthWord,
  last: 'very deep' as DepthWord,
  undertone: BY_LABEL as Undertone | typeof BY_LABEL,
  into: POUCHES,
})
const draft = useDraft('range', typed)
const depthWords = Object.keys(DEPTH_WORDS) as DepthWord[]
const places = computed(() => [
  { value: POUCHES, title: 'the pouch of its kind' },
  ...board.board.places.map(p => ({ value: p.id, title: p.name })),
])
function chooseKind(kind: (typeof KINDS)[number]) {
  Object.assign(typed, { kind, size: USUAL_BY_KIND[kind].size, coverage: USUAL_BY_KIND[kind].coverage })
}

const labels = computed(() => labelsIn(typed.labels))
const depths = ref<number[]>([])
/** Laid anew whenever the labels or the ends change; what was dragged is kept otherwise. */
watch(
  [labels, () => typed.first, () => typed.last],
  () => {
    depths.value = alongScale(
      labels.value.map(() => null),
      { first: DEPTH_WORDS[typed.first], last: DEPTH_WORDS[typed.last] },
    )
  },
  { immediate: true },
)
const isWrongWay = computed(() => DEPTH_WORDS[typed.first] >= DEPTH_WORDS[typed.last])
const shades = computed(() =>
  labels.value.map((label, i) => ({
    key: label,
    label,
    depth: depths.value[i] ?? 1,
    undertone: typed.undertone === BY_LABEL ? undertoneOfLabel(label) : typed.undertone,
  })),
)
const byLetter = computed(() => typed.undertone === BY_LABEL && shades.value.some(s => s.undertone !== null))

async function save() {
  const placeId = typed.into === POUCHES ? null : typed.into
  const things = shades.value.map(s =>
    Object.assign(new ListedThing(), {
      kind: typed.kind,
      brand: typed.brand,
      range: typed.name,
      name: s.label,
      size: typed.size,
      family: typed.family,
      coverage: typed.coverage,
      depth: s.depth,
      undertone: s.undertone ?? 'neutral',
      placeId,
    }),
  )
  const saved = await submit({ things, intoPouches: placeId === null }, kit.addListed)
  if (!saved) return
  draft.done()
  emit('done')
}
/** What a refusal is about, where it is no field of this form. */
const wrong = computed(() => (issues.value[0] ? `${issues.value[0].path} ${issues.value[0].message}` : ''))
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>{{ labels.length > 1 ? `${labels.length} shades of one range` : 'A range of shades' }}</h2>
    <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
    <p v-if="problem" role="alert" class="problem">{{ problem }} {{ wrong }}</p>
    <Choices
      :model-value="typed.kind"
      label="What it is"
      :options="KINDS"
      @update:model-value="k => k && chooseKind(k)"
    />
    <div class="pair">
      <v-text-field
        v-model="typed.name"
        v-first
        label="Name of the range"
        maxlength="60"
        :error-messages="at('things[0].range')"
      />
      <v-text-field v-model="typed.brand" label="House, if you want it there" maxlength="60" />
      <NumberField v-model="typed.size" label="Size of each, ml or g" :error-messages="at('things[0].size')" />
    </div>
    <v-text-field
      v-model="typed.labels"
      label="Shades, from the lightest"
      placeholder="02 04 06 08, or N10–N60, or Ember, Fig, Dune"
      maxlength="400"
      :hint="`${plural(labels.length, 'shade')} so far`"
      persistent-hint
    />
    <div class="pair">
      <v-select v-model="typed.first" label="The lightest is" :items="depthWords" />
      <v-select v-model="typed.last" label="The deepest is" :items="depthWords" />
      <v-select v-model="typed.undertone" label="Undertone" :items="[BY_LABEL, ...UNDERTONES]" />
      <v-select v-model="typed.family" label="Formula" :items="[...FAMILIES]" />
      <v-select v-model="typed.coverage" label="Cover" :items="[...COVERAGES]" />
      <v-select v-model="typed.into" label="Each goes into" :items="places" />
    </div>
    <p v-if="isWrongWay" role="alert" class="problem">
      The lightest must be lighter than the deepest: change one of them.
    </p>
    <template v-else-if="labels.length > 1">
      <p class="small">
        Laid out evenly: drag those you know.
        <template v-if="byLetter"
          >Letters are read as undertones (N neutral, W golden, C rosy, O olive): check one bottle.</template
        >
        Depths are as sure as a word until a bottle is measured or seen on a skin.
      </p>
      <DepthStrip
        :name="`Depths of ${typed.name || 'the range'}`"
        :shades="shades"
        @move="(i, depth) => (depths = movedTo(depths, i, depth))"
      />
    </template>
    <div class="acts foot">
      <v-btn
        type="submit"
        color="primary"
        variant="flat"
        :loading="busy"
        :disabled="labels.length === 0 || typed.name.trim() === '' || isWrongWay"
        >Put {{ plural(labels.length, 'bottle') }} in the kit</v-btn
      >
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>
