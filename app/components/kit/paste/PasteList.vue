<script setup lang="ts">
import { isLike, otherKinds, readList, type ReadThing } from '#core/stock/list'
import { colourSaid } from '#core/stock/list/colourWord'
import { sortOfKind, UNKNOWN_KIND, type OwnedKind } from '#core/stock/things/kinds'
import { listedFrom, ListedInput } from '#shared/records/kit/listed'
import { today } from '#shared/today'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'

/** A list as it is pasted, what was understood of it, and nothing saved until somebody has looked. */
const emit = defineEmits<{ done: [] }>()
const board = useBoard()
const { submit, problem, issues, busy } = useForm(ListedInput)

/** A line as it was read and put right. */
export interface Row {
  thing: ReadThing
  kind: OwnedKind
  /** What others like it were called before somebody put it right. */
  was: ReadThing
  open: boolean
  looked: boolean
}
const typed = reactive({ text: '' })
const draft = useDraft('list', typed)
const rows = ref<Row[]>([])
const reading = ref(false)
const POUCHES = 'pouches'
const into = ref<string>(POUCHES)
const places = computed(() => [
  { value: POUCHES, title: 'the pouch of its kind' },
  ...board.board.places.map(p => ({ value: p.id, title: p.name })),
])
const MOST = 2000

function read() {
  const lines = typed.text.split(/\r?\n/).slice(0, MOST)
  rows.value = readList(lines, today()).map(thing => ({
    thing,
    was: { ...thing },
    kind: thing.kind ?? UNKNOWN_KIND,
    open: false,
    looked: false,
  }))
  reading.value = true
}
const tooMany = computed(() => typed.text.split(/\r?\n/).length > MOST)
const isDoubtful = (row: Row) => !row.looked && (row.kind === UNKNOWN_KIND || row.thing.doubtful.length > 0)
const doubtful = computed(() => rows.value.filter(isDoubtful))
const onlyDoubtful = ref(false)
const shown = computed(() => (onlyDoubtful.value && doubtful.value.length > 0 ? doubtful.value : rows.value))
const listedOf = ({ thing, kind }: Row) => listedFrom(thing, kind)
const total = computed(() => rows.value.reduce((sum, r) => sum + listedOf(r).count, 0))

/** The last that was put right, with the others that are mistaken alike. */
const alike = ref<{ kind: OwnedKind; rows: Row[] } | null>(null)
function choose(row: Row, kind: OwnedKind | null) {
  if (!kind || (row.kind === kind && row.looked)) return
  row.kind = kind
  row.looked = true
  row.thing.sort = sortOfKind(kind)
  const others = rows.value.filter(r => r !== row && r.kind !== kind && isLike(r.was, row.was))
  alike.value = others.length > 0 ? { kind, rows: others } : null
}
function sameForAll() {
  for (const row of alike.value?.rows ?? []) {
    row.kind = alike.value!.kind
    row.looked = true
    row.thing.sort = sortOfKind(row.kind)
  }
  alike.value = null
}
/** The colour its words stand for, until somebody tells the real one. */
const colourOf = ({ thing, kind }: Row) => colourSaid(kind, thing.name, thing.depth, thing.undertone)
const leave = (row: Row) => {
  rows.value = rows.value.filter(r => r !== row)
}
const facts = ({ thing, kind }: Row) => readInWords(thing, kind)

async function save() {
  const things = rows.value.map(row => ({ ...listedOf(row), placeId: into.value === POUCHES ? null : into.value }))
  const saved = await submit({ things, intoPouches: into.value === POUCHES }, input =>
    api('post', '/api/things/list', {}, { body: plain(input) }),
  )
  if (!saved) return
  typed.text = ''
  draft.done()
  emit('done')
}
/** The line a refusal is about. */
const wrongIn = computed(() => {
  const at = /^things\[(\d+)\]\.?(.*)$/.exec(issues.value[0]?.path ?? '')
  return at ? `${rows.value[Number(at[1])]?.thing.name}: ${at[2]} ${issues.value[0]!.message}` : ''
})
const QUANTITY = [1, 2, 3, 4, 5, 6, 8, 10, 12]
const counts = (row: Row) => [...new Set([...QUANTITY, row.thing.count])].sort((x, y) => x - y)
</script>

<template>
  <form class="form" novalidate @submit.prevent="reading ? save() : read()">
    <h2>{{ reading ? `${plural(total, 'thing')} understood so.` : 'Paste what you own, a line each' }}</h2>
    <DraftNote v-if="draft.found.value && !reading" @discard="draft.discard()" />
    <p v-if="problem" role="alert" class="problem">{{ problem }} {{ wrongIn }}</p>
    <template v-if="!reading">
      <p class="small">
        As you would write it for yourself, in English, German or French: how many, what, how large, how full, when it
        was opened. What a line does not say is what such a thing usually is.
      </p>
      <v-textarea
        v-model="typed.text"
        v-first
        label="Your list"
        rows="12"
        placeholder="3x angled brow brush&#10;matte primer silicone 30 ml half full&#10;nude lip palette 6 pans&#10;95 % alcohol spray"
      />
      <p v-if="tooMany" class="small" role="status">The first {{ MOST }} lines are read; paste the rest afterwards.</p>
      <div class="acts">
        <v-btn type="submit" color="primary" variant="flat" :disabled="typed.text.trim() === ''">Read it</v-btn>
        <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
      </div>
    </template>
    <template v-else>
      <div class="bar">
        <p>
          {{
            doubtful.length === 0
              ? 'Nothing is doubtful.'
              : `${plural(doubtful.length, 'line')} to look at: tap what is right.`
          }}
          <Act v-if="doubtful.length > 0" :aria-pressed="onlyDoubtful" @click="onlyDoubtful = !onlyDoubtful">{{
            onlyDoubtful ? 'Show all' : 'Only those'
          }}</Act>
        </p>
        <v-select v-model="into" class="into" :items="places" label="Each goes into" hide-details />
      </div>
      <p v-if="alike" class="same" role="status">
        <v-btn variant="outlined" @click="sameForAll"
          >Same for {{ alike.rows.length }} more like it: {{ kindChoice(alike.kind).title }}</v-btn
        >
      </p>
      <ul class="bare read">
        <li v-for="row in shown" :key="row.thing.line" :class="{ doubtful: isDoubtful(row) }">
          <span class="num count">{{ listedOf(row).count }} ×</span>
          <div>
            <p class="what">
              <Swatch v-if="colourOf(row)" :lab="colourOf(row)!" :size="18" />
              <b class="free">{{ row.thing.name }}</b>
              <span v-if="isDoubtful(row)" class="mark">look here</span>
            </p>
            <p class="small">
              {{ kindChoice(row.kind).title }}<template v-if="facts(row)"> · {{ facts(row) }}</template
              ><template v-if="isDoubtful(row) && row.thing.doubtful.length > 0">
                · not sure of “{{ row.thing.doubtful.slice(0, 4).join(', ') }}”</template
              >
            </p>
            <div v-if="isDoubtful(row) || row.open" class="choice">
              <v-btn
                v-if="row.kind !== UNKNOWN_KIND && !row.looked"
                size="small"
                variant="outlined"
                @click="row.looked = true"
                >Right: {{ row.kind }}</v-btn
              >
              <v-btn
                v-for="kind in otherKinds(row.was).filter(k => k !== row.kind)"
                :key="kind"
                size="small"
                variant="outlined"
                @click="choose(row, kind)"
                >{{ kind }}</v-btn
              >
              <LazyKindPicker
                :model-value="row.kind"
                :name="row.thing.name"
                @update:model-value="k => choose(row, k)"
              />
            </div>
            <div v-if="row.open" class="choice">
              <v-select v-model="row.thing.count" class="short" label="How many" :items="counts(row)" hide-details />
              <v-text-field v-model="row.thing.name" label="Name" hide-details />
            </div>
          </div>
          <div class="doing">
            <Act :aria-label="`Change ${row.thing.name}`" :aria-expanded="row.open" @click="row.open = !row.open">{{
              row.open ? 'Less' : 'Change'
            }}</Act>
            <Act :aria-label="`Leave out ${row.thing.name}`" @click="leave(row)">Leave out</Act>
          </div>
        </li>
      </ul>
      <p v-if="rows.length === 0" class="small">No line is left.</p>
      <div class="acts foot">
        <v-btn type="submit" color="primary" variant="flat" :loading="busy" :disabled="rows.length === 0"
          >Put {{ plural(total, 'thing') }} in the kit</v-btn
        >
        <v-btn variant="text" @click="reading = false">Change the lines</v-btn>
        <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
      </div>
    </template>
  </form>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
}
.bar p,
.read p {
  margin: 0;
}
.into {
  flex: 0 0 240px;
}
.read > li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) auto;
  gap: 10px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
  align-items: start;
}
.count {
  padding-top: 1px;
}
.what {
  display: flex;
  gap: 8px;
  align-items: center;
}
.doubtful {
  border-left: 4px solid var(--ink);
}
.mark {
  font-size: 0.8rem;
  border: 1px solid var(--ink);
  padding: 0 6px;
}
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding-top: 6px;
}
.short {
  flex: 0 0 120px;
}
.doing {
  white-space: nowrap;
}
@media (max-width: 760px) {
  .read > li {
    grid-template-columns: 40px minmax(0, 1fr);
  }
  .doing {
    grid-column: 2;
  }
}
</style>
