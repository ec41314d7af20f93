<script setup lang="ts">
import { differenceInDays, parseISO } from 'date-fns'
import { careOf } from '#core/hygiene/care'
import type { OwnedKind } from '#core/stock/things/kinds'
import { isPast, type ThingGroup } from '#core/stock/things/thing'
import type { ItemKind } from '#core/product/item'
import { isComplexionKind } from '#core/stock/things/usual'
import { UnitInput } from '#shared/records/kit/kit'
import { ChangeThingsInput } from '#shared/records/kit/things'
import { today } from '#shared/today'
import { api } from '~/asking/api'

/** One thing that was chosen: what is known of it, how full it is, and where it is to go. */
const { group } = defineProps<{
  group: ThingGroup
  /** Whether this is the thing's own page, which says all of this already. */
  alone?: boolean
}>()
const emit = defineEmits<{
  close: []
  edit: [productId: string]
  like: [productId: string, step: LikeStep]
  labels: []
}>()
const board = useBoard()
const kit = useKit()
const undo = useUndo()
const settings = useSettings()

const t = computed(() => group.first)
const places = computed(() =>
  board.board.places.map(p => ({ value: p.id, title: `${' '.repeat(p.depth * 3)}${p.name}` })),
)
const some = ref(group.count)
watch(
  () => [t.value.id, group.count],
  () => {
    some.value = group.count
  },
)
const isSet = computed(() => t.value.sort === 'tool' && group.count > 1)
const age = computed(() => {
  const { useBy, openedOn } = t.value
  if (useBy === null) return openedOn ? `opened ${dateInWords(openedOn)}` : ''
  if (isPast(t.value, today())) return `past its day since ${dateInWords(useBy)}`
  const left = differenceInDays(parseISO(useBy), parseISO(today()))
  return `good until ${dateInWords(useBy)}${left < 60 ? `, ${plural(left, 'day')} more` : ''}`
})
/** So many of a set are taken from its units one after another; of bottles whole units go. */
function move(placeId: string) {
  let left = isSet.value ? Math.max(1, Math.min(group.count, Math.round(some.value) || group.count)) : group.count
  const units = group.things.flatMap(({ id, count, sort }) => {
    const from = Math.min(left, count)
    left -= from
    if (from <= 0) return []
    return sort === 'tool' && from < count ? [{ id, count: from }] : [{ id }]
  })
  return undo.attempt(() => board.move(units, placeId))
}
const care = computed(() => careOf(t.value.kind, t.value.porous))
const palettes = computed(() =>
  [...board.things.values()]
    .filter(x => (x.pans.length > 0 || x.kind === 'palette case') && x.id !== t.value.id)
    .map(x => ({ value: x.id, title: x.name })),
)
const moving = ref('')
const movePan = (fillId: string, unitId: string) =>
  undo.attempt(() => api('post', '/api/fills/:id/move', { id: fillId }, { body: { unitId } }))
/** A pan that lies alone goes into a palette, or into an empty case. */
const putInto = (unitId: string) =>
  undo.attempt(async () => {
    const { units } = await kit.openThing(t.value.productId)
    const fillId = units.find(u => u.id === t.value.id)?.fillId
    if (fillId) await api('post', '/api/fills/:id/move', { id: fillId }, { body: { unitId } })
  })
const isLonePan = computed(
  () => t.value.pans.length === 0 && t.value.sort === 'cosmetic' && t.value.dispenser === 'pan',
)
const resorting = ref(false)
/** What it turns out to be; what hangs on that changes with it. */
function become(kind: OwnedKind | null) {
  if (!kind) return
  resorting.value = false
  return undo.attempt(() => board.changeKind(t.value.id, kind))
}
// Of several alike, the one that is used next.
const openedToday = () =>
  undo.attempt(() => board.change(Object.assign(new ChangeThingsInput(), { ids: [t.value.id], openedOn: today() })))
const retiring = ref(false)
const decanting = ref(false)
const labelling = ref(false)
const decants = ref<string[]>([])
function labelled(ids: string[]) {
  decants.value = ids
  labelling.value = true
}
const isWeighed = computed(
  () => t.value.pans.length === 0 && t.value.sort !== 'tool' && (t.value.measure === 'ml' || t.value.measure === 'g'),
)
const weighed = ref('')
watch(
  () => t.value.id,
  () => {
    weighed.value = ''
  },
)
const weigh = () =>
  undo.attempt(async () => {
    const { grossG, emptyG, level } = await board.weigh(t.value.id)
    weighed.value = `${grossG.toFixed(1)} g with its usual vessel of ${emptyG.toFixed(0)} g: ${percent(level)} left`
  })
/** Another of the same, full and not opened, where this one stands. */
const another = () => {
  const { size, measure, placeId, priceMinor, productId } = t.value
  const unit = Object.assign(new UnitInput(), { sizeMl: size, measure, placeId, priceMinor, role: t.value.role })
  return undo.attempt(() => kit.addUnit(productId, unit))
}
const isComplexion = computed(() => t.value.sort === 'cosmetic' && isComplexionKind(t.value.kind as ItemKind))
const ids = computed(() => group.things.map(x => x.id))
</script>

<template>
  <section class="panel" :class="{ alone }" :aria-label="t.name">
    <div class="top">
      <Swatch v-if="t.lab && t.pans.length === 0" :lab="t.lab" :size="56" />
      <div>
        <h2 class="free">{{ t.name }}</h2>
        <p class="small">{{ [t.brand, t.range].filter(Boolean).join(' · ') }}</p>
      </div>
      <Act v-if="!alone" aria-label="Close" class="close" @click="emit('close')">Close</Act>
    </div>
    <dl>
      <div>
        <dt>What</dt>
        <dd>
          {{ thingInWords(t) }}
          <Act :aria-expanded="resorting" @click="resorting = !resorting">{{
            resorting ? 'It is right' : 'It is something else'
          }}</Act>
          <LazyKindPicker
            v-if="resorting"
            :model-value="null"
            :name="`What ${t.name} is`"
            @update:model-value="become"
          />
        </dd>
      </div>
      <div>
        <dt>Where</dt>
        <dd>{{ board.pathOf(t.placeId).join(' › ') || 'not placed' }}</dd>
      </div>
      <div>
        <dt>How much</dt>
        <dd>
          {{ group.count > 1 ? `${group.count} of it, ` : ''
          }}{{ t.sort === 'tool' ? kilos(t.massG) : `${leftInWords(t)}, ${t.size} ${t.measure}, ${kilos(t.massG)}` }}
        </dd>
      </div>
      <div v-if="age">
        <dt>Age</dt>
        <dd>{{ age }}</dd>
      </div>
      <div v-if="care">
        <dt>Care</dt>
        <dd>{{ capital(care) }}</dd>
      </div>
      <div v-if="t.priceMinor !== null">
        <dt>Price</dt>
        <dd>{{ formatMoney(t.priceMinor, settings.value.currency) }}</dd>
      </div>
      <div v-if="t.notes">
        <dt>Notes</dt>
        <dd class="free">{{ t.notes }}</dd>
      </div>
    </dl>
    <ul v-if="t.pans.length > 0" class="pans bare">
      <li v-for="pan in t.pans" :key="pan.fillId">
        <Swatch v-if="pan.lab" :lab="pan.lab" :size="24" /><span v-else class="untold" />
        <span class="free">{{ pan.name }}</span>
        <Act
          v-if="palettes.length > 0"
          :aria-label="`Move ${pan.name}`"
          @click="moving = moving === pan.fillId ? '' : pan.fillId"
          >Move</Act
        >
        <Act :aria-label="`Edit ${pan.name}`" @click="emit('edit', pan.productId)">Edit</Act>
        <Choices
          class="left"
          hide-label
          :label="`What is left of ${pan.name}`"
          :model-value="quarterOf(pan.level)"
          :options="QUARTERS"
          @update:model-value="v => v !== undefined && undo.attempt(() => board.setLevel({ ...pan, id: t.id }, v))"
        />
        <v-select
          v-if="moving === pan.fillId"
          class="into"
          label="Into"
          :model-value="null"
          :items="palettes"
          hide-details
          density="compact"
          @update:model-value="v => v && movePan(pan.fillId, v)"
        />
      </li>
    </ul>
    <Choices
      v-else-if="t.sort !== 'tool'"
      label="What is left"
      :model-value="quarterOf(t.level)"
      :options="QUARTERS"
      @update:model-value="
        v => v !== undefined && undo.attempt(() => board.setLevel({ id: t.id, version: t.version }, v))
      "
    />
    <p v-if="!t.retiredAt && t.sort !== 'tool'" class="weigh">
      <Act v-if="t.openedOn === null" @click="openedToday">Opened today</Act>
      <Act @click="undo.attempt(() => board.retire([t.id], true, 'used up'))">{{
        group.things.length > 1 ? 'One of them is used up and gone' : 'Used up and gone'
      }}</Act>
    </p>
    <p v-if="isWeighed" class="weigh">
      <Act :aria-label="`Weigh ${t.name}`" @click="weigh">Weigh it</Act>
      <span class="small" role="status">{{ weighed || 'on the simulated scale' }}</span>
    </p>
    <div class="pair">
      <NumberField v-if="isSet" v-model="some" label="How many" whole :min="1" :max="group.count" />
      <v-select :model-value="t.placeId" :items="places" label="Stands in" @update:model-value="v => v && move(v)" />
      <v-select
        v-if="isLonePan && palettes.length > 0"
        :model-value="null"
        :items="palettes"
        label="Put it into a palette"
        @update:model-value="v => v && putInto(v)"
      />
    </div>
    <p v-if="t.lab && t.pans.length === 0 && isComplexion" class="like">
      <span class="small">One like it, but</span>
      <Act
        v-for="step in LIKE_STEPS"
        :key="step"
        :aria-label="`One like ${t.name}, but ${step}`"
        @click="emit('like', t.productId, step)"
        >{{ step }}</Act
      >
    </p>
    <div class="acts">
      <v-btn v-if="t.pans.length === 0" variant="outlined" @click="emit('edit', t.productId)">Edit</v-btn>
      <v-btn v-if="t.pans.length === 0" variant="text" @click="another">Another of it</v-btn>
      <v-btn v-if="isWeighed && t.level > 0" variant="text" @click="decanting = true">Decant</v-btn>
      <v-btn variant="text" @click="emit('labels')">Label</v-btn>
      <v-btn v-if="!alone" variant="text" :to="`/kit/${t.id}`">All about it</v-btn>
      <v-btn v-if="t.retiredAt" variant="text" @click="undo.attempt(() => board.retire(ids, false))">Use again</v-btn>
      <v-btn v-else variant="text" @click="retiring = true">Retire</v-btn>
    </div>
    <FormDialog v-model="decanting" label="Decant"
      ><Suspense><LazyDecantForm :thing="t" @done="decanting = false" @labels="labelled" /></Suspense
    ></FormDialog>
    <FormDialog v-model="labelling" label="Labels" wide
      ><LazyLabelSheet :ids="decants" @done="labelling = false"
    /></FormDialog>
    <FormDialog v-model="retiring" label="Out of use"
      ><LazyRetireForm :things="group.things" @done="retiring = false"
    /></FormDialog>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
  border-bottom: 1px solid var(--ink);
  padding-bottom: 14px;
  margin-bottom: 18px;
}
.top {
  display: flex;
  gap: 12px;
  align-items: start;
}
.top > div {
  flex: 1;
  min-width: 0;
}
.top p {
  margin: 2px 0 0;
}
dl {
  margin: 0;
  display: grid;
  gap: 4px;
}
dl div {
  display: grid;
  grid-template-columns: 88px minmax(0, 1fr);
}
dt {
  color: var(--muted);
}
dd {
  margin: 0;
}
.pans li {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) auto auto;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  border-top: 1px solid var(--line);
}
.into,
.left {
  grid-column: 1 / -1;
}
.weigh {
  margin: 0;
}
.like {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: center;
}
.untold {
  width: 24px;
  height: 24px;
  border: 1px dashed var(--muted);
}
/* Where there is one column it lies over the board, within reach of the thumb. */
@media (max-width: 1000px) {
  .panel:not(.alone) {
    position: fixed;
    inset: auto 0 64px 0;
    max-height: 60vh;
    overflow: auto;
    z-index: 9;
    background: var(--sheet);
    border-top: 2px solid var(--ink);
    margin: 0;
    padding: 14px 16px;
  }
}
@media (min-width: 761px) and (max-width: 1000px) {
  .panel:not(.alone) {
    inset: auto 0 0 var(--rail-width);
  }
}
</style>
