<script setup lang="ts">
import { verdictOf } from '#core/complexion/recipe'
import { SKIN_TYPES } from '#core/suitability/face'
import { FACE_ORDERS } from '#shared/records/clientele'
import { useFaceList } from '~/composables/useFaceList'
import { useNearest } from '~/composables/useNearest'

useHead({ title: 'Faces · Varietas' })
const faces = useFaces()
const clientele = useClientele()
const reach = useReach()
const undo = useUndo()
reach.keep()

const { asked, page, state, problem, load, more } = useFaceList()
const open = ref('add' in useRoute().query)
const all = computed(() => clientele.value.all)
const unread = computed(() => clientele.value.unread)
const unmatched = computed(() => [...reach.faceSkins.values()].filter(s => !reach.isReached(s)).length)
const nearest = useNearest(() => page.value.lines)

async function added(id: string | null) {
  open.value = false
  if (id) await navigateTo(`/faces/${id}?read`)
}
function showEveryone() {
  Object.assign(asked, { q: '', skin: null })
}
async function remove(id: string) {
  if (await undo.attempt(() => faces.remove(id))) await load()
}
const SKINS = [{ value: null, title: 'all' }, ...SKIN_TYPES.map(value => ({ value, title: value }))]
</script>

<template>
  <div>
    <header class="page-head">
      <div>
        <h1>
          {{
            all === 0
              ? 'No faces yet.'
              : unmatched > 0
                ? `${plural(unmatched, 'face')} this kit cannot match.`
                : 'Every face read so far can be matched.'
          }}
        </h1>
        <p class="lead">
          {{
            all === 0
              ? 'A name is enough to begin; the reading comes next.'
              : `${plural(all, 'face')}; ${unread === 0 ? 'all skins are read' : `${unread} still to be read`}.`
          }}
        </p>
      </div>
      <div class="add">
        <v-btn color="primary" variant="flat" @click="open = true">Add a face</v-btn
        ><v-btn color="primary" variant="text" to="/chair">A walk-up</v-btn>
      </div>
    </header>
    <template v-if="all > 0">
      <div class="filters no-print">
        <v-text-field v-model="asked.q" label="Search faces" clearable @click:clear="asked.q = ''" />
        <v-select v-model="asked.skin" label="Skin" :items="SKINS" />
        <v-select v-model="asked.order" label="In order of" :items="[...FACE_ORDERS]" />
      </div>
      <Working
        v-if="reach.state === 'working'"
        what="Matching every face"
        :done="reach.progress"
        @stop="reach.stop()"
      />
      <p v-if="state === 'loading' && page.lines.length === 0" role="status">Looking through the faces …</p>
      <p v-else-if="state === 'failed'" role="alert">
        {{ problem }} <button class="act" type="button" @click="load()">Try again</button>
      </p>
      <p v-else-if="page.lines.length === 0" role="status">
        Nobody fits.
        <button class="act" type="button" @click="showEveryone">Show everyone</button>
      </p>
      <table v-else class="ledger">
        <caption class="visually-hidden">
          Faces
        </caption>
        <thead>
          <tr>
            <th>Face</th>
            <th class="wide">Skin</th>
            <th>Sits at</th>
            <th>From this kit</th>
            <th class="wide">Booked</th>
            <th class="wide"><span class="visually-hidden">Actions</span></th>
          </tr>
        </thead>
        <tbody>
          <Guard v-for="face in page.lines" :key="face.id" :what="face.name" row>
            <tr>
              <td>
                <span class="who free"
                  ><Swatch v-if="face.lab" :lab="face.lab" :size="46" /><span v-else class="unread" aria-hidden="true"
                    >?</span
                  ><NuxtLink :to="`/faces/${face.id}`" class="name">{{ face.name }}</NuxtLink></span
                >
              </td>
              <td class="wide">{{ face.skinType }}</td>
              <td>
                <template v-if="face.lab">{{ placeInWords(face.lab) }}</template><NuxtLink
                  v-else
                  :to="`/faces/${face.id}?read`"
                  class="act"
                  >Read the skin</NuxtLink
                >
              </td>
              <td>
                <template v-if="nearest.has(face.id)">
                  <span :class="['verdict', verdictOf(nearest.get(face.id)!)]">{{
                    SHORT_VERDICT[verdictOf(nearest.get(face.id)!)]
                  }}</span>
                  <span class="small">ΔE {{ nearest.get(face.id)!.toFixed(1) }}</span>
                </template>
                <span v-else class="small">{{ face.lab ? '…' : 'not read yet' }}</span>
              </td>
              <td class="wide free">{{ face.booking ? dayOfWork(face.booking) : '' }}</td>
              <td class="num no-print wide">
                <button class="act" type="button" :aria-label="`Delete ${face.name}`" @click="remove(face.id)">
                  Delete
                </button>
              </td>
            </tr>
          </Guard>
        </tbody>
      </table>
      <p v-if="page.lines.length > 0" class="small more">
        {{ page.lines.length }} of {{ page.count }} shown.
        <button v-if="page.next" class="act" type="button" :disabled="state === 'loading'" @click="more">
          Show more
        </button>
      </p>
    </template>
    <v-dialog v-model="open" max-width="560" scrollable aria-label="Face"
      ><v-card><FaceForm v-if="open" :face="null" @done="added" /></v-card
    ></v-dialog>
  </div>
</template>

<style scoped>
.add {
  display: flex;
  gap: 8px;
}
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
  .wide {
    display: none;
  }
}
</style>
