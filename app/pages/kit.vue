<script setup lang="ts">
import { skinPlace } from '#core/complexion/skin'
import { FAMILIES } from '#core/complexion/product'
import { KIT_STATES, type KitOrder, type OwnedProduct } from '#shared/records/kit'

useHead({ title: 'Kit · Varietas' })
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

const COLUMNS: { key: KitOrder; text: string; num?: boolean; wide?: boolean }[] = [
  { key: 'shade', text: 'Shade' },
  { key: 'depth', text: 'Depth', num: true },
  { key: 'undertone', text: 'Undertone' },
  { key: 'family', text: 'Base', wide: true },
  { key: 'coverage', text: 'Coverage', wide: true },
  { key: 'finish', text: 'Finish', wide: true },
  { key: 'size', text: 'Size, ml', num: true, wide: true },
  { key: 'level', text: 'Left', num: true },
  { key: 'price', text: 'Price', num: true, wide: true },
]
const rows = computed(() =>
  page.value.lines.map(product => ({
    product,
    // Only what a skin is matched with has a depth.
    place: product.kind === 'foundation' || product.kind === 'concealer' ? skinPlace(product.lab) : null,
  })),
)

function sortBy(key: KitOrder) {
  asked.way = asked.order === key && asked.way === 'up' ? 'down' : 'up'
  asked.order = key
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
          <button class="act" type="button" @click="retireChosen(true)">Retire</button>
          <button class="act" type="button" @click="retireChosen(false)">Use again</button>
          <button class="act" type="button" @click="chosen = new Set()">None</button>
        </div>
      </div>
      <BottleDoubts />
      <MeasuredMixes />
      <p v-if="state === 'failed'" role="alert">
        {{ problem }} <button class="act" type="button" @click="load">Try again</button>
      </p>
      <p v-else-if="state === 'loading' && rows.length === 0" role="status">Looking …</p>
      <p v-else-if="rows.length === 0" role="status">
        Nothing here fits. <button class="act" type="button" @click="clearFilters">Show everything</button>
      </p>
      <table v-else class="ledger">
        <caption class="visually-hidden">
          Bottles of the kit
        </caption>
        <thead>
          <tr>
            <th><span class="visually-hidden">Choose</span></th>
            <th
              v-for="column in COLUMNS"
              :key="column.key"
              :class="{ num: column.num, wide: column.wide, tone: column.key === 'undertone' }"
              :aria-sort="asked.order === column.key ? (asked.way === 'up' ? 'ascending' : 'descending') : 'none'"
            >
              <button type="button" @click="sortBy(column.key)">
                {{ column.text }}{{ asked.order === column.key ? (asked.way === 'up' ? ' ↑' : ' ↓') : '' }}
              </button>
            </th>
            <th><span class="visually-hidden">Actions</span></th>
          </tr>
        </thead>
        <tbody>
          <Guard v-for="{ product, place } in rows" :key="product.id" :what="product.shade" row>
            <tr :class="{ retired: product.retiredAt }">
              <td class="pick">
                <input
                  type="checkbox"
                  :checked="chosen.has(product.id)"
                  :aria-label="`Choose ${product.shade}`"
                  @change="toggle(product.id)"
                />
              </td>
              <td>
                <span class="shade free">
                  <Swatch v-if="product.colourSource !== 'clear'" :lab="product.lab" :size="46" /><span
                    v-else
                    class="clear"
                    aria-hidden="true"
                  />
                  <span
                    ><b>{{ product.shade }}</b
                    ><br /><span class="small">{{
                      [product.brand, product.range].filter(Boolean).join(' · ')
                    }}</span></span
                  >
                </span>
              </td>
              <td class="num">{{ place ? place.depth.toFixed(1) : '' }}</td>
              <td class="tone">
                {{ place ? place.undertone : product.kind === 'adjuster' ? 'adjusts' : product.kind
                }}{{ product.kind === 'concealer' ? ', concealer' : '' }}
              </td>
              <td class="wide">{{ product.family === 'unknown' ? 'unknown: ask' : product.family }}</td>
              <td class="wide">{{ product.coverage }}</td>
              <td class="wide">{{ product.finish }}</td>
              <td class="num wide">{{ product.sizeMl }}</td>
              <td class="num">
                {{ product.retiredAt ? 'retired' : product.level === 0 ? 'empty' : percent(product.level) }}
              </td>
              <td class="num wide">
                {{ product.priceMinor == null ? '–' : formatMoney(product.priceMinor, settings.value.currency) }}
              </td>
              <td class="doing no-print">
                <button class="act" type="button" :aria-label="`Edit ${product.shade}`" @click="edit(product.id)">
                  Edit
                </button>
                <button
                  class="act wide"
                  type="button"
                  :aria-label="`${product.retiredAt ? 'Use' : 'Retire'} ${product.shade}`"
                  @click="undo.attempt(() => kit.retire([product.id], !product.retiredAt))"
                >
                  {{ product.retiredAt ? 'Use' : 'Retire' }}
                </button>
                <button
                  class="act"
                  type="button"
                  :aria-label="`Delete ${product.shade}`"
                  @click="undo.attempt(() => kit.remove(product.id))"
                >
                  Delete
                </button>
              </td>
            </tr>
          </Guard>
        </tbody>
      </table>
      <p v-if="rows.length > 0" class="small more">
        {{ rows.length }} of {{ page.count }} shown.
        <button v-if="page.next" class="act" type="button" :disabled="state === 'loading'" @click="more">
          Show more
        </button>
      </p>
    </template>
    <v-dialog v-model="open" max-width="620" scrollable aria-label="Bottle">
      <v-card><ProductForm v-if="open" :key="editing?.id ?? 'new'" :product="editing" @done="closed" /></v-card>
    </v-dialog>
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
.pick {
  width: 44px;
}
.pick input {
  width: 20px;
  height: 20px;
  accent-color: var(--accent);
  margin: 12px;
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
.doing {
  white-space: nowrap;
  text-align: right;
}
@media (max-width: 1000px) {
  .filters {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 760px) {
  .wide,
  .pick,
  th:first-child {
    display: none;
  }
  .doing {
    white-space: normal;
    width: 56px;
    padding: 0;
  }
  .doing .act {
    padding: 0;
  }
  .shade {
    gap: 8px;
  }
  .shade .small {
    display: none;
  }
  .ledger td,
  .ledger th {
    padding-right: 6px;
  }
  /* In large type the undertone gives way: the swatch shows it. */
  :global(html.chairside .ledger .tone) {
    display: none;
  }
}
</style>
