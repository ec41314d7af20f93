<script setup lang="ts">
import { verdictOf } from '#core/complexion/recipe'
import { targetReading } from '#shared/faceFacts'
import type { Face } from '#shared/records/faces'
import { nextBooking } from '#shared/records/jobs'
import { today } from '#shared/today'
import { SKIN_TYPES, type SkinType } from '#core/suitability/face'

useHead({ title: 'Faces · Varietas' })
const faces = useFaces()
const reach = useReach()
const undo = useUndo()
reach.keep()

const search = ref('')
const skinType = ref<SkinType | 'all'>('all')
const order = ref<'booked' | 'name' | 'depth'>('booked')
const open = ref('add' in useRoute().query)

const textOf = ({ name, bookings, wishes, notes }: Face) =>
  [name, ...bookings.map(b => b.job.name), wishes, notes].join(' ').toLowerCase()
const rows = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return faces.faces
    .filter(f => (skinType.value === 'all' || f.skinType === skinType.value) && words.every(w => textOf(f).includes(w)))
    .map(face => {
      const skin = reach.faceSkins.get(face.id)
      return {
        face,
        lab: targetReading(face)?.mean,
        booking: nextBooking(face.bookings, today()),
        nearest: face.readings.length > 0 ? (skin?.nearest ?? null) : null,
      }
    })
    .sort(
      (x, y) =>
        ({
          booked:
            (x.booking?.job.day ?? '9').localeCompare(y.booking?.job.day ?? '9')
            || x.face.name.localeCompare(y.face.name),
          name: x.face.name.localeCompare(y.face.name),
          depth: (y.lab?.L ?? 0) - (x.lab?.L ?? 0),
        })[order.value],
    )
})
const unmatched = computed(
  () => [...reach.faceSkins].filter(([id, s]) => faces.byId.has(id) && !reach.isReached(s)).length,
)
const unread = computed(() => faces.faces.filter(f => f.readings.length === 0).length)

async function added(id: string | null) {
  open.value = false
  if (id) await navigateTo(`/faces/${id}?read`)
}
function showEveryone() {
  search.value = ''
  skinType.value = 'all'
}
</script>

<template>
  <div>
    <header class="page-head">
      <div>
        <h1>
          {{
            faces.faces.length === 0
              ? 'No faces yet.'
              : unmatched > 0
                ? `${plural(unmatched, 'face')} this kit cannot match.`
                : 'Every face read so far can be matched.'
          }}
        </h1>
        <p class="lead">
          {{
            faces.faces.length === 0
              ? 'A name is enough to begin; the reading comes next.'
              : `${plural(faces.faces.length, 'face')}; ${unread === 0 ? 'all skins are read' : `${unread} still to be read`}.`
          }}
        </p>
      </div>
      <div class="add">
        <v-btn color="primary" variant="flat" @click="open = true">Add a face</v-btn
        ><v-btn color="primary" variant="text" to="/chair">A walk-up</v-btn>
      </div>
    </header>
    <template v-if="faces.faces.length > 0">
      <div class="filters no-print">
        <v-text-field v-model="search" label="Search faces" clearable @click:clear="search = ''" />
        <v-select v-model="skinType" label="Skin" :items="['all', ...SKIN_TYPES]" />
        <v-select v-model="order" label="In order of" :items="['booked', 'name', 'depth']" />
      </div>
      <Working
        v-if="reach.state === 'working'"
        what="Matching every face"
        :done="reach.progress"
        @stop="reach.stop()"
      />
      <p v-if="rows.length === 0" role="status">
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
          <Guard v-for="{ face, lab, nearest, booking } in rows" :key="face.id" :what="face.name" row>
            <tr>
              <td>
                <span class="who free"
                  ><Swatch v-if="lab" :lab="lab" :size="46" /><span v-else class="unread" aria-hidden="true">?</span
                  ><NuxtLink :to="`/faces/${face.id}`" class="name">{{ face.name }}</NuxtLink></span
                >
              </td>
              <td class="wide">{{ face.skinType }}</td>
              <td>
                <template v-if="lab">{{ placeInWords(lab) }}</template><NuxtLink
                  v-else
                  :to="`/faces/${face.id}?read`"
                  class="act"
                  >Read the skin</NuxtLink
                >
              </td>
              <td>
                <template v-if="nearest">
                  <span :class="['verdict', verdictOf(nearest.deltaE)]">{{
                    SHORT_VERDICT[verdictOf(nearest.deltaE)]
                  }}</span>
                  <span class="small">ΔE {{ nearest.deltaE.toFixed(1) }}</span>
                </template>
                <span v-else class="small">{{ lab ? '…' : 'not read yet' }}</span>
              </td>
              <td class="wide free">{{ booking ? bookingInWords(booking) : '' }}</td>
              <td class="num no-print wide">
                <button
                  class="act"
                  type="button"
                  :aria-label="`Delete ${face.name}`"
                  @click="undo.attempt(() => faces.remove(face.id))"
                >
                  Delete
                </button>
              </td>
            </tr>
          </Guard>
        </tbody>
      </table>
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
