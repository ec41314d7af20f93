<script setup lang="ts">
import { verdictOf } from '#core/complexion/mixing/recipe'
import { SKIN_TYPES } from '#core/asked/face'
import { FACE_ORDERS, type FaceLine } from '#shared/records/people/clientele'
import { useFaceList } from '~/composables/useFaceList'
import { useNearest } from '~/composables/useNearest'
import type { Column } from '~/words/columns'

const faces = useFaces()
const clientele = useClientele()
const reach = useKeptReach()
const undo = useUndo()

const { asked, page, state, problem, again, more } = useFaceList()
const open = ref('add' in useRoute().query)
const all = computed(() => clientele.value.all)
const unread = computed(() => clientele.value.unread)
const unmatched = computed(() => [...reach.faceSkins.values()].filter(s => !reach.isReached(s)))
const withAnEdge = computed(
  () => unmatched.value.filter(s => s.nearest && verdictOf(s.nearest.deltaE) === 'workable').length,
)
const headline = computed(() => {
  if (all.value === 0) return 'No faces yet.'
  if (unmatched.value.length === 0) return 'Every face read so far can be matched.'
  const none = unmatched.value.length - withAnEdge.value
  const edge = `${withAnEdge.value} only with a blended edge`
  if (none === 0) return `${plural(withAnEdge.value, 'face')} can be matched only with a blended edge.`
  return `${plural(none, 'face')} this kit cannot match${withAnEdge.value > 0 ? `, ${edge}` : ''}.`
})
const nearest = useNearest(() => page.value.lines)

async function added(id: string | null) {
  open.value = false
  if (id) await navigateTo(`/faces/${id}?read`)
}
function showEveryone() {
  Object.assign(asked, { q: '', skin: null })
}
async function remove(id: string) {
  if (await undo.attempt(() => faces.remove(id))) await again()
}
const SKINS = [{ value: null, title: 'all' }, ...SKIN_TYPES.map(value => ({ value, title: value }))]
const COLUMNS: Column<FaceLine>[] = [
  { key: 'face', text: 'Face' },
  { key: 'skin', text: 'Skin', class: 'wide', of: f => f.skinType },
  { key: 'place', text: 'Sits at' },
  { key: 'match', text: 'From this kit' },
  { key: 'booked', text: 'Booked', class: 'wide free', of: f => (f.booking ? dayOfWork(f.booking) : '') },
  { key: 'doing', text: 'Actions', unseen: true, class: 'num no-print wide' },
]
</script>

<template>
  <div>
    <PageHead :title="headline"
      >{{
        all === 0
          ? 'A name is enough to begin; the reading comes next.'
          : `${plural(all, 'face')}; ${unread === 0 ? 'all skins are read' : `${unread} still to be read`}.`
      }}<template #acts
        ><v-btn color="primary" variant="flat" @click="open = true">Add a face</v-btn
        ><v-btn color="primary" variant="text" to="/chair">A walk-up</v-btn></template
      ></PageHead
    >
    <template v-if="all > 0">
      <div class="filters no-print">
        <v-text-field v-model="asked.q" label="Search faces" clearable @click:clear="asked.q = ''" />
        <v-select v-model="asked.skin" label="Skin" :items="SKINS" />
        <v-select v-model="asked.order" label="In order of" :items="[...FACE_ORDERS]" />
      </div>
      <ReachComputing what="Matching every face" />
      <p v-if="state === 'working' && page.lines.length === 0" role="status">Looking through the faces …</p>
      <p v-else-if="state === 'failed'" role="alert">{{ problem }} <Act @click="again()">Try again</Act></p>
      <p v-else-if="page.lines.length === 0" role="status">
        Nobody fits.
        <Act @click="showEveryone">Show everyone</Act>
      </p>
      <Ledger v-else caption="Faces" :columns="COLUMNS" :lines="page.lines" :name-of="face => face.name">
        <template #face="{ line: face }"
          ><span class="who free"
            ><Swatch v-if="face.lab" :lab="face.lab" :size="46" /><span v-else class="unread" aria-hidden="true">?</span
            ><NuxtLink :to="`/faces/${face.id}`" class="name">{{ face.name }}</NuxtLink></span
          ></template
        >
        <template #place="{ line: face }">
          <template v-if="face.lab">{{ placeInWords(face.lab) }}</template>
          <NuxtLink v-else :to="`/faces/${face.id}?read`" class="act">Read the skin</NuxtLink>
        </template>
        <template #match="{ line: face }">
          <template v-if="nearest.has(face.id)">
            <span :class="['verdict', verdictOf(nearest.get(face.id)!)]">{{
              SHORT_VERDICT[verdictOf(nearest.get(face.id)!)]
            }}</span>
            <span class="small">ΔE {{ nearest.get(face.id)!.toFixed(1) }}</span>
          </template>
          <span v-else class="small">{{ face.lab ? '…' : 'not read yet' }}</span>
        </template>
        <template #doing="{ line: face }">
          <Act :aria-label="`Delete ${face.name}`" @click="remove(face.id)">Delete</Act>
        </template>
      </Ledger>
      <ShowMore :page="page" :busy="state === 'working'" @more="more" />
    </template>
    <FormDialog v-model="open" label="Face"><LazyFaceForm :face="null" @done="added" /></FormDialog>
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: minmax(180px, 260px) repeat(2, minmax(110px, 150px));
  gap: 10px;
  margin: 14px 0 6px;
}
.who {
  display: flex;
  align-items: center;
  gap: 12px;
}
.unread {
  width: 46px;
  height: 46px;
  display: grid;
  place-content: center;
  border: 1px dashed var(--muted);
  font: 1.4rem var(--display);
  flex: none;
}
.name {
  color: var(--ink);
  font-weight: 650;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
}
.name:hover {
  text-decoration: underline;
}
.verdict.visible {
  font-weight: 700;
  border-bottom: 3px double var(--ink);
}
.verdict.workable {
  border-bottom: 2px dashed var(--ink);
}
@media (max-width: 760px) {
  .filters {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
