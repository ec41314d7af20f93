<script setup lang="ts">
import type { OwnedKind } from '#core/stock/things/kinds'
import type { PastedList } from '#core/stock/table/pasted'
import { ListedInput } from '#shared/records/kit/listed'
import { today } from '#shared/today'
import type { ListWork } from '~/workers/list.worker'
import type { ListRow } from '~/composables/useListReview'
import { outcomeOf } from '~/asking/api'

/** A list as it is pasted, what was understood of it, and nothing saved until somebody has looked. */
const emit = defineEmits<{ done: [] }>()
const board = useBoard()
const kit = useKit()
const { submit, problem, issues, busy } = useForm(ListedInput)
const reader = useWorker<ListWork>(
  () => new Worker(new URL('../../../workers/list.worker.ts', import.meta.url), { type: 'module' }),
)
const review = useListReview()
const { rows, doubtful, unsafe, chosen, total, ranges, alike } = review

const typed = reactive({ text: '' })
const draft = useDraft('list', typed)
const reading = ref(false)
const title = useTemplateRef<HTMLElement>('title')
const refused = ref('')
const POUCHES = 'pouches'
const into = ref<string>(POUCHES)
const ownPlaces = computed(() => board.board.places.map(p => ({ value: p.id, title: p.name })))
const places = computed(() => [{ value: POUCHES, title: 'the pouch of its kind' }, ...ownPlaces.value])
const MOST = 2000

/** Where a table was pasted: the lines that may say what its columns are, and the one that does. */
const table = shallowRef<PastedList['table']>(null)
const headingChoices = computed(() => [
  ...(table.value?.first ?? []).map(({ line, text }) => ({ value: line, title: text.slice(0, 90) })),
  { value: null, title: 'none: the columns have no names' },
])
async function read(headed?: number | null) {
  refused.value = ''
  const lines = typed.text.split(/\r?\n/).slice(0, MOST)
  const outcome = await outcomeOf(reader.run((w, report) => w.read(lines, today(), headed, report)))
  if (!outcome.ok) {
    refused.value = outcome.refused?.message ?? ''
    return
  }
  review.show(outcome.value)
  table.value = outcome.value.table
  reading.value = true
  // The answer begins at its title, wherever the list was scrolled to.
  void nextTick(() => title.value?.scrollIntoView())
}
const tooMany = computed(() => typed.text.split(/\r?\n/).length > MOST)
const onlyDoubtful = ref(false)
const shown = computed(() => (onlyDoubtful.value && doubtful.value.length > 0 ? doubtful.value : rows.value))
// Two thousand rows at once would hold the page.
const FIRST = 150
const most = ref(FIRST)
const drawn = useGradually(() => Math.min(most.value, shown.value.length), 6)
const drawnRanges = useGradually(() => ranges.value.length, 1)
const groups = computed(() => review.groupsOf(shown.value.slice(0, drawn.value)))

/** One change for all that are chosen. */
const kindForAll = (kind: OwnedKind | null) => {
  if (kind) review.change(r => review.setKind(r, kind))
}
const placeForAll = (placeId: string | null) => review.change(r => (r.placeId = placeId))
const levelForAll = (level: number | null) => review.change(r => (r.thing.level = level))

async function save() {
  const usual = into.value === POUCHES ? null : into.value
  const things = rows.value.map(row => ({ ...review.listedOf(row), placeId: row.placeId ?? usual }))
  const saved = await submit({ things, intoPouches: into.value === POUCHES }, kit.addListed)
  if (!saved) return
  typed.text = ''
  draft.done()
  emit('done')
}
/** The thing a refusal is about. */
const wrongIn = computed(() => {
  const at = /^things\[(\d+)\]\.?(.*)$/.exec(issues.value[0]?.path ?? '')
  return at ? `${rows.value[Number(at[1])]?.thing.name}: ${at[2]} ${issues.value[0]!.message}` : ''
})
const shadesOf = (own: readonly ListRow[]) =>
  own.map(r => ({
    key: r.key,
    label: r.thing.shade ?? r.thing.name,
    depth: r.thing.depth ?? 1,
    undertone: r.thing.undertone,
  }))
</script>

<template>
  <form class="form" novalidate @submit.prevent="reading ? save() : read()">
    <h2 ref="title">
      {{
        reading ? `${plural(total, 'thing')} read. ${total === 1 ? 'Is it' : 'Are they'} right?` : 'Paste what you own'
      }}
    </h2>
    <DraftNote v-if="draft.found.value && !reading" @discard="draft.discard()" />
    <p v-if="problem || refused" role="alert" class="problem">{{ problem || refused }} {{ wrongIn }}</p>
    <WorkerProgress what="Reading the list" :worker="reader" />
    <template v-if="!reading">
      <p class="small">
        As you keep it, in English, German or French: a line each or several in a line, headings such as “Eyes”, a range
        with its shades (“skin tint 02 04 06, 30 ml”), or rows copied out of a spreadsheet. What a line does not say is
        what such a thing usually is.
      </p>
      <v-textarea
        v-model="typed.text"
        v-first
        label="Your list"
        rows="12"
        placeholder="BASE&#10;skin tint 02 04 06 08, 30 ml each, 04 nearly empty&#10;matte primer silicone 30 ml half full&#10;BROWS&#10;pencil taupe x2, gel clear&#10;tissues, cotton buds, hand gel"
      />
      <p v-if="tooMany" class="small" role="status">The first {{ MOST }} lines are read; paste the rest afterwards.</p>
      <div class="acts">
        <v-btn type="submit" color="primary" variant="flat" :disabled="typed.text.trim() === '' || reader.busy.value"
          >Read it</v-btn
        >
        <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
      </div>
    </template>
    <template v-else>
      <div class="bar">
        <p>
          {{
            doubtful.length === 0
              ? 'Nothing is doubtful.'
              : `${plural(doubtful.length, 'thing')} to look at: tap what is right.`
          }}
          <Act v-if="doubtful.length > 0" :aria-pressed="onlyDoubtful" @click="onlyDoubtful = !onlyDoubtful">{{
            onlyDoubtful ? 'Show all' : 'Only those'
          }}</Act>
        </p>
        <v-select v-model="into" class="into" :items="places" label="Each goes into" hide-details />
      </div>
      <div v-if="table" class="bar">
        <v-select
          class="heads"
          label="Row that names the columns"
          :items="headingChoices"
          :model-value="table.headed"
          :disabled="reader.busy.value"
          hide-details
          @update:model-value="read"
        />
      </div>
      <p v-if="unsafe.length > 0" class="small">
        {{ plural(unsafe.length, 'thing') }} not made for every part of a face: marked below, and kept away from it in
        plans. What the maker says and your local rules come first.
      </p>
      <section v-for="range in ranges.slice(0, drawnRanges)" :key="range.rows[0]!.key" class="range">
        <h3>{{ range.name }}: where do the shades sit?</h3>
        <p class="small">Laid out evenly from fair to very deep. Drag the lightest and the deepest right first.</p>
        <DepthStrip
          :name="`Depths of ${range.name}`"
          :shades="shadesOf(range.rows)"
          @move="(at, depth) => review.moveShade(range, at, depth)"
        />
      </section>
      <p v-if="alike" class="same" role="status">
        <v-btn variant="outlined" @click="review.sameForAll()"
          >Same for {{ alike.rows.length }} more like it: {{ kindChoice(alike.kind).title }}</v-btn
        >
      </p>
      <div v-if="chosen.length > 0" class="together" role="group" aria-label="Change the chosen ones">
        <b>{{ plural(chosen.length, 'thing') }} chosen:</b>
        <LazyKindPicker :model-value="null" name="Kind of all that are chosen" @update:model-value="kindForAll" />
        <v-select
          class="short"
          label="How full"
          :items="levelChoices(null)"
          hide-details
          @update:model-value="levelForAll"
        />
        <v-select class="into" label="They go into" :items="ownPlaces" hide-details @update:model-value="placeForAll" />
        <Act @click="review.leaveOut(chosen)">Leave them out</Act>
      </div>
      <section v-for="(g, i) in groups" :key="i" :aria-label="g.heading ?? 'Without a heading'">
        <h3 v-if="g.heading" class="free">{{ g.heading }}</h3>
        <ul class="bare read">
          <ListRow
            v-for="row in g.rows"
            :key="row.key"
            among
            :model-value="row"
            :count="review.listedOf(row).count"
            :is-doubtful="review.isDoubtful(row)"
            :places="ownPlaces"
            @choose="kind => review.choose(row, kind)"
            @leave="review.leaveOut([row])"
          />
        </ul>
      </section>
      <Act v-if="shown.length > most" @click="most += FIRST"
        >Show {{ Math.min(FIRST, shown.length - most) }} more of {{ shown.length }}</Act
      >
      <p v-if="rows.length === 0" class="small">Nothing is left of the list.</p>
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
/* What is drawn above what is read moves nothing: the page stays at its title. */
.form {
  overflow-anchor: none;
}
h2 {
  scroll-margin-top: 24px;
}
.bar,
.together {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.bar {
  justify-content: space-between;
}
.bar p {
  margin: 0;
}
.together {
  position: sticky;
  top: 0;
  z-index: 2;
  padding: 8px 0;
  background: rgb(var(--v-theme-surface));
  border-bottom: 1px solid var(--line);
}
.short {
  flex: 0 0 140px;
}
.into {
  flex: 0 0 240px;
}
.heads {
  flex: 1 1 320px;
}
.range {
  padding: 8px 0;
}
h3 {
  margin: 12px 0 0;
}
.range p {
  margin: 2px 0 6px;
}
@media (max-width: 760px) {
  .together {
    position: static;
  }
}
</style>
