<script setup lang="ts">
import { USUAL_LIMITS, within } from '#core/stock/things/places'
import { PLACE_SORTS } from '#core/stock/things/things'
import { PlaceInput, type BoardPlace } from '#shared/records/kit/things'

/** A place: what it is, what it is in, and how much it takes where that was measured. */
const { place } = defineProps<{ place: BoardPlace | null }>()
const emit = defineEmits<{ done: [] }>()
const board = useBoard()
const undo = useUndo()
const { at, submit, problem, busy } = useForm(PlaceInput)

const isKnown = (n: number | null) => n !== null
const values = reactive({
  sort: place?.sort ?? ('pouch' as PlaceInput['sort']),
  name: place?.name ?? '',
  parentId: place ? place.parentId : (board.board.places.find(p => p.sort === 'case')?.id ?? null),
  position: place?.position ?? board.board.places.length,
  limitKg: isKnown(place?.own.limitG ?? null) ? place!.own.limitG! / 1000 : Number.NaN,
  litres: isKnown(place?.own.volumeMl ?? null) ? place!.own.volumeMl! / 1000 : Number.NaN,
})
const inside = computed(() => (place ? within(board.board.places, place.id) : new Set<string>()))
const parents = computed(() => [
  { value: null, title: 'nothing: it stands alone' },
  ...board.board.places.filter(p => !inside.value.has(p.id)).map(p => ({ value: p.id, title: p.name })),
])
const usual = computed(() => USUAL_LIMITS[values.sort])
const ORDER: [number, string][] = [
  [-1, 'Earlier'],
  [1, 'Later'],
]
async function save() {
  const { limitKg, litres: l, ...rest } = values
  const done = await submit(
    {
      ...rest,
      limitG: Number.isFinite(limitKg) ? limitKg * 1000 : null,
      volumeMl: Number.isFinite(l) ? l * 1000 : null,
      version: place?.version,
    },
    input => (place ? board.changePlace(place.id, input) : board.addPlace(input)),
  )
  if (done) emit('done')
}
/** Moves the place before or after its neighbour. */
async function shift(by: number) {
  if (!place) return
  const beside = board.board.places.filter(p => p.parentId === place.parentId)
  const i = beside.findIndex(p => p.id === place.id)
  const other = beside[i + by]
  if (!other) return
  const asIs = ({ sort, name, parentId, own, version }: BoardPlace, position: number): PlaceInput => ({
    sort,
    name,
    parentId,
    position,
    limitG: own.limitG,
    volumeMl: own.volumeMl,
    version,
  })
  const done = await undo.attempt(async () => {
    await board.changePlace(other.id, asIs(other, i))
    await board.changePlace(place.id, asIs(place, i + by))
  })
  if (done) emit('done')
}
async function remove() {
  if (place && (await undo.attempt(() => board.removePlace(place.id)))) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>{{ place ? place.name : 'Another place' }}</h2>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <Choices v-model="values.sort" label="It is" :options="[...PLACE_SORTS]" />
    <v-text-field v-model="values.name" v-first label="Name" :error-messages="at('name')" />
    <v-select v-model="values.parentId" label="It stands in" :items="parents" :error-messages="at('parentId')" />
    <div class="pair">
      <NumberField
        v-model="values.limitKg"
        label="Takes, kg"
        :hint="usual.limitG === null ? 'usually no limit' : `usually ${usual.limitG / 1000}`"
        persistent-hint
        :error-messages="at('limitG')"
      />
      <NumberField
        v-model="values.litres"
        label="Holds, litres"
        :hint="usual.volumeMl === null ? 'usually no limit' : `usually ${usual.volumeMl / 1000}`"
        persistent-hint
        :error-messages="at('volumeMl')"
      />
    </div>
    <div v-if="place" class="acts">
      <v-btn v-for="[by, word] in ORDER" :key="by" variant="text" @click="shift(by)">{{ word }}</v-btn>
      <v-btn variant="text" @click="remove">Take it away</v-btn>
    </div>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">{{ place ? 'Save' : 'Make it' }}</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>
