<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { PURPOSES } from '#core/stock/things/kinds'
import { isPast, type Thing } from '#core/stock/things/thing'
import { NOWHERE, THING_STATES, type ThingOrder, type ThingQuery } from '#shared/records/kit/things'
import { today } from '#shared/today'
import { api } from '~/asking/api'
import type { Column } from '~/words/columns'

/** Everything as a table: searched as it is typed, narrowed by anything, several changed at once. */
const emit = defineEmits<{
  edit: [productId: string]
  labels: [ids: string[]]
  blend: [ids: string[]]
  ask: [query: Partial<ThingQuery>]
}>()
const board = useBoard()
const undo = useUndo()
const settings = useSettings()
const { asked } = defineProps<{ asked: ThingQuery }>()
const { page, state, problem, again, more } = usePagedList<Thing, ThingQuery>(asked, (query, signal) =>
  api('get', '/api/things', { ...query }, { signal }),
)

/** Filters that were kept, by the words they are: on this device, as one looks on it. */
type Kept = Pick<ThingQuery, 'q' | 'purpose' | 'place' | 'state'>
const keptFilters = useLocalStorage<Kept[]>('varietas.kit-filters', [])
const filterNow = computed((): Kept => ({ q: asked.q, purpose: asked.purpose, place: asked.place, state: asked.state }))
const isSame = (x: Kept, y: Kept) => JSON.stringify(x) === JSON.stringify(y)
const filterInWords = ({ q, purpose, place, state }: Kept) =>
  [
    q ? `“${q}”` : '',
    purpose === 'all' ? '' : purpose,
    place === '' ? '' : place === NOWHERE ? 'not placed' : (board.placeById.get(place)?.name ?? 'a place that is gone'),
    state,
  ]
    .filter(Boolean)
    .join(', ')
const isKept = computed(() => keptFilters.value.some(k => isSame(k, filterNow.value)))
const isUsual = computed(() => isSame(filterNow.value, { q: '', purpose: 'all', place: '', state: 'in use' }))
function keepFilter() {
  keptFilters.value = isKept.value
    ? keptFilters.value.filter(k => !isSame(k, filterNow.value))
    : [...keptFilters.value, { ...filterNow.value }]
}

const chosen = ref<Set<string>>(new Set())
const places = computed(() =>
  board.board.places.map(p => ({ value: p.id, title: `${' '.repeat(p.depth * 3)}${p.name}` })),
)
const placeFilter = computed(() => [
  { value: '', title: 'everywhere' },
  ...places.value,
  { value: NOWHERE, title: 'not placed' },
])
const day = today()
const lastDay = (t: Thing) => (t.useBy === null ? '' : `${dateInWords(t.useBy)}${isPast(t, day) ? ', past' : ''}`)
const price = (t: Thing) => (t.priceMinor === null ? '–' : formatMoney(t.priceMinor, settings.value.currency))
const SORTED: (Column<Thing> & { key: ThingOrder })[] = [
  { key: 'name', text: 'Name' },
  { key: 'use', text: 'What it is', class: 'what', of: thingInWords },
  { key: 'place', text: 'Where', class: 'wide', of: t => board.pathOf(t.placeId).at(-1) ?? 'not placed' },
  { key: 'level', text: 'Left', class: 'num', of: leftInWords },
  { key: 'useBy', text: 'Last day', class: 'num wide', of: lastDay },
  { key: 'mass', text: 'Weight, g', class: 'num wide', of: t => Math.round(t.massG) },
  { key: 'price', text: 'Price', class: 'num wide', of: price },
]
const COLUMNS: Column<Thing>[] = [
  { key: 'pick', text: 'Choose', unseen: true, class: 'pick wide' },
  ...SORTED.map(c => ({ ...c, sorts: true })),
  { key: 'doing', text: 'Actions', unseen: true, class: 'doing no-print' },
]
function sortBy({ key, way }: { key: string; way: 'up' | 'down' }) {
  emit('ask', { order: key as ThingOrder, way })
}
function toggle(id: string) {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}
const done = () => {
  chosen.value = new Set()
}
const ids = computed(() => [...chosen.value])
async function moveChosen(placeId: string) {
  if (
    await undo.attempt(() =>
      board.move(
        ids.value.map(id => ({ id })),
        placeId,
      ),
    )
  )
    done()
}
async function retireChosen(retired: boolean) {
  if (await undo.attempt(() => board.retire(ids.value, retired))) done()
}
const changing = ref(false)
function changed(isDone: boolean) {
  changing.value = false
  if (isDone) done()
}
const showAll = () => emit('ask', { q: '', purpose: 'all', place: '', state: 'all' })
const remove = (t: Thing) => undo.attempt(() => api('delete', '/api/units/:id', { id: t.id }))
const chooseAll = () => {
  chosen.value = new Set(page.value.lines.map(t => t.id))
}
</script>

<template>
  <div>
    <div class="filters no-print">
      <v-select
        :model-value="asked.purpose"
        label="For"
        :items="['all', ...PURPOSES]"
        @update:model-value="v => emit('ask', { purpose: v })"
      />
      <v-select
        :model-value="asked.place"
        label="Where"
        :items="placeFilter"
        @update:model-value="v => emit('ask', { place: v })"
      />
      <v-select
        :model-value="asked.state"
        label="Show"
        :items="[...THING_STATES]"
        @update:model-value="v => emit('ask', { state: v })"
      />
    </div>
    <p v-if="keptFilters.length > 0 || !isUsual" class="kept no-print">
      <Act
        v-for="k in keptFilters"
        :key="filterInWords(k)"
        :aria-pressed="isSame(k, filterNow)"
        @click="emit('ask', { ...k })"
        >{{ filterInWords(k) }}</Act
      >
      <Act v-if="!isUsual" @click="keepFilter">{{ isKept ? 'Forget this filter' : 'Keep this filter' }}</Act>
    </p>
    <div v-if="chosen.size > 0" class="bulk no-print">
      <b>{{ chosen.size }} chosen</b>
      <v-select
        class="to"
        :model-value="null"
        :items="places"
        label="Move to"
        density="compact"
        hide-details
        @update:model-value="v => v && moveChosen(v)"
      />
      <Act @click="changing = true">Change</Act>
      <Act @click="emit('labels', ids)">Labels</Act>
      <Act v-if="chosen.size > 1" @click="emit('blend', ids)">Blend</Act>
      <Act @click="retireChosen(true)">Retire</Act>
      <Act @click="retireChosen(false)">Use again</Act>
      <Act @click="chooseAll">All shown</Act>
      <Act @click="done">None</Act>
    </div>
    <p v-if="state === 'failed'" role="alert">{{ problem }} <Act @click="again">Try again</Act></p>
    <p v-else-if="state === 'working' && page.lines.length === 0" role="status">Looking …</p>
    <p v-else-if="page.lines.length === 0" role="status">
      Nothing here fits. <Act @click="showAll">Show everything</Act>
    </p>
    <template v-else>
      <p class="small" role="status">{{ plural(page.count, 'thing') }}</p>
      <Ledger
        caption="Things of the kit"
        :columns="COLUMNS"
        :lines="page.lines"
        :name-of="t => t.name"
        :order="{ key: asked.order, way: asked.way }"
        @order="sortBy"
      >
        <template #pick="{ line: t }">
          <v-checkbox-btn
            :model-value="chosen.has(t.id)"
            :aria-label="`Choose ${t.name}`"
            @update:model-value="toggle(t.id)"
          />
        </template>
        <template #name="{ line: t }">
          <span class="shade free" :class="{ retired: t.retiredAt }">
            <Swatch v-if="t.lab" :lab="t.lab" :size="46" /><span v-else class="clear" aria-hidden="true" />
            <span
              ><NuxtLink :to="`/kit/${t.id}`" class="name">{{ t.name }}</NuxtLink
              ><template v-if="t.count > 1"> ×{{ t.count }}</template
              ><br /><span class="small">{{ [t.brand, t.range].filter(Boolean).join(' · ') }}</span></span
            >
          </span>
        </template>
        <template #doing="{ line: t }">
          <Act :aria-label="`Edit ${t.name}`" @click="emit('edit', t.pans[0]?.productId ?? t.productId)">Edit</Act>
          <Act
            class="wide"
            :aria-label="`${t.retiredAt ? 'Use' : 'Retire'} ${t.name}`"
            @click="undo.attempt(() => board.retire([t.id], !t.retiredAt))"
            >{{ t.retiredAt ? 'Use' : 'Retire' }}</Act
          >
          <Act :aria-label="`Delete ${t.name}`" @click="remove(t)">Delete</Act>
        </template>
      </Ledger>
      <ShowMore :page="page" :busy="state === 'working'" @more="more" />
    </template>
    <FormDialog v-model="changing" label="Change together"><ChangeTogether :ids="ids" @done="changed" /></FormDialog>
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: repeat(3, minmax(110px, 190px));
  gap: 10px;
  margin: 14px 0 6px;
  align-items: center;
}
.kept {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}
.bulk {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.to {
  flex: 0 0 190px;
}
:deep(.pick) {
  width: 44px;
}
.shade {
  display: flex;
  align-items: center;
  gap: 12px;
  line-height: 1.25;
}
.clear {
  width: 46px;
  height: 46px;
  flex: none;
}
.name {
  color: inherit;
  font-weight: 650;
}
.retired {
  color: var(--muted);
}
:deep(.doing) {
  white-space: nowrap;
  text-align: right;
}
@media (max-width: 1000px) {
  .filters {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 760px) {
  :deep(.doing) {
    white-space: normal;
    width: 56px;
    padding: 0;
  }
  :deep(.doing) .act {
    padding: 0;
  }
  .shade {
    gap: 8px;
  }
  .shade .small {
    display: none;
  }
  :global(html.chairside .ledger .what) {
    display: none;
  }
}
</style>
