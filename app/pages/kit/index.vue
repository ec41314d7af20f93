<script setup lang="ts">
import { acts } from '~/asking/api'
import { isCosmetic, type OwnedGear } from '#shared/records/kit/gear'
import type { OwnedProduct } from '#shared/records/kit/kit'
import { ThingQuery, type BoardPlace } from '#shared/records/kit/things'
import type { ThingGroup } from '#core/stock/things/thing'

definePageMeta({ asksKitAlone: true })
const kit = useKit()
const board = useBoard()
const undo = useUndo()
const route = useRoute()
const router = useRouter()
await board.open()
watch(acts, () => void board.load())

/** As it stands, or as a table; a search is one of the table. */
const asked = reactive(new ThingQuery())
if (route.query.show === 'empty') asked.state = 'low or empty'
const isTable = computed(() => route.query.view === 'table' || 'show' in route.query || asked.q !== '')
function showTable(query: Partial<ThingQuery>) {
  Object.assign(asked, { q: '', purpose: 'all', place: '', state: 'in use', ...query })
  void router.push({ query: { view: 'table' } })
}
async function ask(query: Partial<ThingQuery>) {
  // First the address: an empty search would show the board for a moment.
  if (route.query.view !== 'table') await router.replace({ query: { view: 'table' } })
  Object.assign(asked, query)
}
function showBoard() {
  asked.q = ''
  void router.push({ query: {} })
}

const chosenId = ref<string | null>(null)
const chosen = shallowRef<ThingGroup | null>(null)
function choose(group: ThingGroup) {
  chosen.value = group
  chosenId.value = group.first.id
}
function unchoose() {
  chosen.value = null
  chosenId.value = null
}
function show(unit: string) {
  const thing = board.things.get(unit)
  if (thing) choose({ first: thing, things: [thing], count: thing.count })
}
/** What was chosen as it stands now. */
const group = computed((): ThingGroup | null => {
  const things = chosen.value?.things.flatMap(t => board.things.get(t.id) ?? []) ?? []
  return things[0] ? { first: things[0], things, count: things.reduce((sum, t) => sum + t.count, 0) } : null
})

const keeping = useKeeping()
if ('mend' in route.query) await undo.attempt(() => keeping.loadAside())
/** A bottle that was set aside, to be put right by hand. */
const aside = keeping.aside.find(a => a.sort === 'product' && a.id === route.query.mend)?.record ?? null
const editing = ref<OwnedProduct | null>(aside)
const gear = ref<OwnedGear | null>(null)
const like = ref<{ product: OwnedProduct; step: LikeStep } | null>(null)
type Form = 'bottle' | 'range' | 'gear' | 'list' | 'place' | 'table' | 'photo' | 'labels' | 'blend'
const form = ref<Form | null>(
  'add' in route.query || aside !== null
    ? 'bottle'
    : 'paste' in route.query
      ? 'list'
      : 'range' in route.query
        ? 'range'
        : null,
)
const place = ref<BoardPlace | null>(null)
const isOpen = oneOpen(form)
const bottleOpen = isOpen('bottle')
const gearOpen = isOpen('gear')
const listOpen = isOpen('list')
const rangeOpen = isOpen('range')
const placeOpen = isOpen('place')
const tableOpen = isOpen('table')
const photoOpen = isOpen('photo')
const labelsOpen = isOpen('labels')
const blendOpen = isOpen('blend')
const blended = ref<string[]>([])
function blend(ids: string[]) {
  blended.value = ids
  form.value = 'blend'
}
const labelled = ref<string[]>([])
function label(ids: string[]) {
  labelled.value = ids
  form.value = 'labels'
}
function add(what: Form) {
  editing.value = null
  gear.value = null
  like.value = null
  form.value = what
}
const addLike = (id: string, step: LikeStep) =>
  undo.attempt(async () => {
    const thing = await kit.openThing(id)
    add('bottle')
    if (isCosmetic(thing)) like.value = { product: thing, step }
  })
const edit = (id: string) =>
  undo.attempt(async () => {
    const thing = await kit.openThing(id)
    if (isCosmetic(thing)) editing.value = thing
    else gear.value = thing
    form.value = isCosmetic(thing) ? 'bottle' : 'gear'
  })
function editPlace(which: BoardPlace | null) {
  place.value = which
  form.value = 'place'
}
function closed() {
  form.value = null
  if (aside) void undo.attempt(() => keeping.loadAside())
}

const b = computed(() => board.board)
const past = computed(() => b.value.past)
const title = computed(() => {
  if (b.value.count === 0) return 'The kit is empty.'
  const where = `${plural(b.value.count, 'thing')} in ${plural(b.value.placesUsed, 'place')}`
  if (past.value > 0)
    return `${where}; ${past.value === 1 ? 'one is' : `${past.value} are`} past ${past.value === 1 ? 'its' : 'their'} day.`
  return `${where}.`
})
</script>

<template>
  <div>
    <PageHead :title="title"
      ><template v-if="b.count === 0"
        >Paste a list of what you own, as you would write it for yourself: it is read, and you look it
        through.</template
      >
      <template v-else>
        {{
          isTable ? 'Everything, one line each.' : 'As it stands, what comes out first on top. Fill is what is left.'
        }}
        <Act v-if="isTable" @click="showBoard">As it stands</Act>
        <Act v-else @click="showTable({})">As a table</Act>
        <NuxtLink to="/kit/gaps" class="gaps">Gaps and weight</NuxtLink>
        <NuxtLink to="/kit/ahead" class="gaps">What ends</NuxtLink>
        <NuxtLink to="/kit/lists" class="gaps">Standing lists</NuxtLink>
        <Act v-if="b.retired > 0" @click="showTable({ state: 'retired' })">{{ b.retired }} retired</Act> </template
      ><template #acts
        ><v-text-field
          v-if="b.count > 0"
          v-model="asked.q"
          class="search"
          label="Search the kit"
          density="compact"
          clearable
          hide-details
          @click:clear="asked.q = ''" />
        <v-btn color="primary" :variant="b.count === 0 ? 'flat' : 'outlined'" @click="add('list')">Paste a list</v-btn>
        <v-btn variant="outlined" @click="add('bottle')">Add a bottle</v-btn>
        <v-btn variant="outlined" @click="add('gear')">Add a tool</v-btn>
        <v-menu>
          <template #activator="{ props: menu }"><v-btn v-bind="menu" variant="outlined">More</v-btn></template>
          <v-list density="compact">
            <v-list-item title="Add a range of shades" @click="add('range')" />
            <v-list-item title="Take in a table or a kit" @click="add('table')" />
            <v-list-item title="Colours off a photograph" @click="add('photo')" />
            <v-list-item title="Everything as a table (CSV)" href="/api/things/kit.csv" download="varietas-kit.csv" />
            <v-list-item title="Everything as JSON" href="/api/things/kit.json" download="varietas-kit.json" />
          </v-list> </v-menu></template
    ></PageHead>
    <p v-if="board.state === 'failed'" role="alert">{{ board.problem }} <Act @click="board.load()">Try again</Act></p>
    <QuickAdd v-if="board.state === 'ready'" />
    <template v-if="b.count > 0 || isTable">
      <LazyKitTable v-if="isTable" :asked="asked" @ask="ask" @edit="edit" @labels="label" @blend="blend" />
      <div v-else class="stand">
        <KitBoard :chosen="chosenId" @choose="choose" @more="id => showTable({ place: id })" @place="editPlace" />
        <aside>
          <LazyThingPanel
            v-if="group"
            :group="group"
            @close="unchoose"
            @edit="edit"
            @like="addLike"
            @labels="label(group.things.map(x => x.id))"
          />
          <NeedsWord :notices="b.notices" @show="show" @tell="showTable({ state: 'to be told' })" />
        </aside>
      </div>
      <BottleDoubts />
      <MeasuredMixes />
    </template>
    <FormDialog v-model="bottleOpen" label="Bottle"
      ><LazyProductForm :product="editing" :like="like" @done="closed"
    /></FormDialog>
    <FormDialog v-model="gearOpen" label="Tool or supply"><LazyGearForm :gear="gear" @done="closed" /></FormDialog>
    <FormDialog v-model="placeOpen" label="Place"><LazyPlaceForm :place="place" @done="closed" /></FormDialog>
    <FormDialog v-model="tableOpen" label="A table" wide><LazyImportTable @done="closed" /></FormDialog>
    <FormDialog v-model="photoOpen" label="Colours off a photograph" wide
      ><LazyPhotoColours @done="closed"
    /></FormDialog>
    <FormDialog v-model="blendOpen" label="An own blend"><LazyBlendForm :ids="blended" @done="closed" /></FormDialog>
    <FormDialog v-model="labelsOpen" label="Labels" wide><LazyLabelSheet :ids="labelled" @done="closed" /></FormDialog>
    <FormDialog v-model="rangeOpen" label="A range" wide><LazyRangeForm @done="closed" /></FormDialog>
    <FormDialog v-model="listOpen" label="A list" wide><LazyPasteList @done="closed" /></FormDialog>
  </div>
</template>

<style scoped>
.stand {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 290px;
  gap: 30px;
  margin-top: 6px;
}
aside {
  border-left: 1px solid var(--line);
  padding: 4px 4px 4px 24px;
  align-self: start;
  position: sticky;
  top: 56px;
  max-height: calc(100vh - 64px);
  overflow: auto;
}
.gaps {
  font-weight: 600;
  margin-right: 12px;
}
.search {
  width: 210px;
}
@media (max-width: 1000px) {
  .stand {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    position: static;
    max-height: none;
    border-left: 0;
    padding: 0;
  }
}
</style>
