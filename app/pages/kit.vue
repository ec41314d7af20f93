<script setup lang="ts">
import { skinPlace } from '#core/complexion/skin'
import { FAMILIES } from '#core/complexion/product'
import { KIT_STATES, type KitLine, type KitOrder, type OwnedProduct } from '#shared/records/kit'
import type { Column } from '~/words/columns'

const kit = useKit()
const undo = useUndo()
const settings = useSettings()
const route = useRoute()

const { asked, page, state, problem, load, more } = useKitList(
  route.query.show === 'empty' ? { state: 'empty' } : { kind: 'complexion', state: 'in use' },
)
/** What the kit holds, complexion as one. */
const kinds = computed(() => ['all', 'complexion', ...kit.kinds])
const keeping = useKeeping()
/** A bottle that was set aside, to be put right by hand. */
const aside = keeping.aside.find(a => a.sort === 'product' && a.id === route.query.mend)?.record ?? null
const editing = ref<OwnedProduct | null>(aside)
const open = ref('add' in route.query || aside !== null)
function closed() {
  open.value = false
  if (aside) void undo.attempt(() => keeping.loadAside())
}
const chosen = ref<Set<string>>(new Set())

/** Only what a skin is matched with has a depth. */
const placeOf = (p: KitLine) => (p.kind === 'foundation' || p.kind === 'concealer' ? skinPlace(p.lab) : null)
const toneOf = (p: KitLine) =>
  (placeOf(p)?.undertone ?? (p.kind === 'adjuster' ? 'adjusts' : p.kind))
  + (p.kind === 'concealer' ? ', concealer' : '')
const leftOf = (p: KitLine) => (p.retiredAt ? 'retired' : p.level === 0 ? 'empty' : percent(p.level))
const priceOf = (p: KitLine) => (p.priceMinor == null ? '–' : formatMoney(p.priceMinor, settings.value.currency))
const SORTED: (Column<KitLine> & { key: KitOrder })[] = [
  { key: 'shade', text: 'Shade' },
  { key: 'depth', text: 'Depth', class: 'num', of: p => placeOf(p)?.depth.toFixed(1) ?? '' },
  { key: 'undertone', text: 'Undertone', class: 'tone', of: toneOf },
  { key: 'family', text: 'Base', class: 'wide', of: p => (p.family === 'unknown' ? 'unknown: ask' : p.family) },
  { key: 'coverage', text: 'Coverage', class: 'wide', of: p => p.coverage },
  { key: 'finish', text: 'Finish', class: 'wide', of: p => p.finish },
  { key: 'size', text: 'Size, ml', class: 'num wide', of: p => p.sizeMl },
  { key: 'level', text: 'Left', class: 'num', of: leftOf },
  { key: 'price', text: 'Price', class: 'num wide', of: priceOf },
]
const COLUMNS: Column<KitLine>[] = [
  { key: 'pick', text: 'Choose', unseen: true, class: 'pick wide' },
  ...SORTED.map(c => ({ ...c, sorts: true })),
  { key: 'doing', text: 'Actions', unseen: true, class: 'doing no-print' },
]
function sortBy({ key, way }: { key: string; way: 'up' | 'down' }) {
  Object.assign(asked, { order: key, way })
}
function add() {
  editing.value = null
  open.value = true
}
const edit = (id: string) =>
  undo.attempt(async () => {
    editing.value = await kit.open(id)
    open.value = true
  })
function toggle(id: string) {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}
async function retireChosen(retired: boolean) {
  if (await undo.attempt(() => kit.retire([...chosen.value], retired))) chosen.value = new Set()
}
function clearFilters() {
  Object.assign(asked, { q: '', kind: 'all', family: 'all', state: 'all' })
}
</script>

<template>
  <div>
    <header class="page-head">
      <div>
        <h1>
          {{
            kit.count === 0
              ? 'The kit is empty.'
              : `${plural(kit.usable.length, 'bottle')} to work with${kit.empty > 0 ? `, ${kit.empty} empty` : ''}.`
          }}
        </h1>
        <p class="lead">
          {{
            kit.count === 0
              ? 'A name, a kind and where it sits are enough to begin.'
              : `Foundations and adjusters that can go on a face today, and ${plural(kit.count - kit.products.length, 'other product')}: choose All to see them.`
          }}
        </p>
      </div>
      <v-btn color="primary" variant="flat" @click="add">Add a bottle</v-btn>
    </header>
    <template v-if="kit.count > 0">
      <div class="filters no-print">
        <v-text-field v-model="asked.q" label="Search the kit" clearable @click:clear="asked.q = ''" />
        <v-select v-model="asked.kind" label="Kind" :items="kinds" />
        <v-select v-model="asked.family" label="Base" :items="['all', ...FAMILIES]" />
        <v-select v-model="asked.state" label="Show" :items="[...KIT_STATES]" />
        <div v-if="chosen.size > 0" class="bulk">
          <b>{{ chosen.size }} chosen</b>
          <Act @click="retireChosen(true)">Retire</Act>
          <Act @click="retireChosen(false)">Use again</Act>
          <Act @click="chosen = new Set()">None</Act>
        </div>
      </div>
      <BottleDoubts />
      <MeasuredMixes />
      <p v-if="state === 'failed'" role="alert">{{ problem }} <Act @click="load">Try again</Act></p>
      <p v-else-if="state === 'loading' && page.lines.length === 0" role="status">Looking …</p>
      <p v-else-if="page.lines.length === 0" role="status">
        Nothing here fits. <Act @click="clearFilters">Show everything</Act>
      </p>
      <Ledger
        v-else
        caption="Bottles of the kit"
        :columns="COLUMNS"
        :lines="page.lines"
        :name-of="p => p.shade"
        :order="{ key: asked.order, way: asked.way }"
        @order="sortBy"
      >
        <template #pick="{ line: product }">
          <v-checkbox-btn
            :model-value="chosen.has(product.id)"
            :aria-label="`Choose ${product.shade}`"
            @update:model-value="toggle(product.id)"
          />
        </template>
        <template #shade="{ line: product }">
          <span class="shade free" :class="{ retired: product.retiredAt }">
            <Swatch v-if="product.colourSource !== 'clear'" :lab="product.lab" :size="46" /><span
              v-else
              class="clear"
              aria-hidden="true"
            />
            <span
              ><b>{{ product.shade }}</b
              ><br /><span class="small">{{ [product.brand, product.range].filter(Boolean).join(' · ') }}</span></span
            >
          </span>
        </template>
        <template #doing="{ line: product }">
          <Act :aria-label="`Edit ${product.shade}`" @click="edit(product.id)">Edit</Act>
          <Act
            class="wide"
            :aria-label="`${product.retiredAt ? 'Use' : 'Retire'} ${product.shade}`"
            @click="undo.attempt(() => kit.retire([product.id], !product.retiredAt))"
            >{{ product.retiredAt ? 'Use' : 'Retire' }}</Act
          >
          <Act :aria-label="`Delete ${product.shade}`" @click="undo.attempt(() => kit.remove(product.id))">Delete</Act>
        </template>
      </Ledger>
      <ShowMore :page="page" :busy="state === 'loading'" @more="more" />
    </template>
    <FormDialog v-model="open" label="Bottle"><LazyProductForm :product="editing" @done="closed" /></FormDialog>
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: minmax(180px, 260px) repeat(3, minmax(110px, 150px)) auto;
  gap: 10px;
  margin: 14px 0 6px;
  align-items: center;
}
.bulk {
  display: flex;
  gap: 6px;
  align-items: center;
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
  border: 1px dashed var(--muted);
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
    grid-template-columns: 1fr 1fr;
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
  /* In large type the undertone gives way: the swatch shows it. */
  :global(html.chairside .ledger .tone) {
    display: none;
  }
}
</style>
