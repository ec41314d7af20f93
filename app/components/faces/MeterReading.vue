<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { typicalSkin, UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
import { DEPTH_WORDS, type DepthWord } from '#core/stock/things/placement'
import { averageShots } from '#core/reading/average'
import type { Reading } from '#core/reading/reading'
import { INSTRUMENT_FLOOR } from '#shared/meter'
import { axisColumns, type Column } from '~/words/columns'

/** Three shots of the simulated meter, averaged. It is to be calibrated on its white tile first. */
const props = defineProps<{ faceId: string }>()
const emit = defineEmits<{ reading: [reading: Reading | null, note: string] }>()
const ENOUGH = 3

const undo = useUndo()
const calibratedUntil = ref<string | null>(null)
const knows = ref(true)
const shots = ref<Lab[]>([])
const busy = ref(false)
const depth = ref<DepthWord>('medium')
const tone = ref<Undertone>('neutral')

onMounted(() =>
  undo.attempt(async () => {
    const state = await api('get', '/api/devices/simulated-meter/:id', { id: props.faceId })
    calibratedUntil.value = state.calibratedUntil
    knows.value = state.knowsFace
  }),
)

const average = computed(() => (shots.value.length > 0 ? averageShots(shots.value, INSTRUMENT_FLOOR) : null))
watch(average, a => emit('reading', shots.value.length >= ENOUGH ? a : null, plural(shots.value.length, 'shot')))

async function attempt(work: () => Promise<unknown>) {
  busy.value = true
  await undo.attempt(work)
  busy.value = false
}
const calibrate = () =>
  attempt(async () => {
    calibratedUntil.value = (await api('post', '/api/devices/simulated-meter/calibrate')).calibratedUntil
  })
const shoot = () =>
  attempt(async () => {
    const sees = knows.value ? undefined : typicalSkin(DEPTH_WORDS[depth.value], tone.value)
    const { lab } = await api('post', '/api/devices/simulated-meter/shot', {}, { body: { faceId: props.faceId, sees } })
    knows.value = true
    shots.value = [...shots.value, lab]
  })
const COLUMNS: Column<Lab>[] = [
  { key: 'shot', text: 'Shot' },
  ...axisColumns((shot: Lab) => shot),
  { key: 'doing', text: 'Drop', unseen: true, class: 'num' },
]
</script>

<template>
  <div class="flow meter">
    <p class="small">This meter is simulated: it stands in for a contact meter and reads with the noise of one.</p>
    <template v-if="!knows">
      <Choices
        v-model="depth"
        label="It has no skin to see for this face. Let it see"
        :options="Object.keys(DEPTH_WORDS) as DepthWord[]"
      />
      <Choices v-model="tone" label="with undertone" :options="UNDERTONES" />
    </template>
    <p v-if="!calibratedUntil">
      <b>1.</b> Hold it to the white tile.
      <v-btn :loading="busy" color="primary" @click="calibrate">Calibrate the simulated meter</v-btn>
    </p>
    <template v-else>
      <p>
        <b>2.</b> Bare skin, light pressure, three places on the jaw.
        <v-btn :loading="busy" color="primary" :variant="shots.length < ENOUGH ? 'flat' : 'outlined'" @click="shoot">{{
          shots.length === 0 ? 'Read' : 'Read again'
        }}</v-btn>
      </p>
      <p class="small">Calibrated until {{ momentInWords(calibratedUntil) }}.</p>
    </template>
    <Ledger v-if="shots.length > 0" caption="Shots of the simulated meter" :columns="COLUMNS" :lines="shots">
      <template #shot="{ index }"
        >{{ index + 1 }}{{ average?.stray.includes(index) ? ': strays, read again' : '' }}</template
      >
      <template #doing="{ index }">
        <Act :aria-label="`Drop shot ${index + 1}`" @click="shots = shots.filter((_, k) => k !== index)">Drop</Act>
      </template>
    </Ledger>
    <p v-if="shots.length > 0 && shots.length < ENOUGH" class="small">
      {{ plural(ENOUGH - shots.length, 'more shot') }}, then it can be averaged.
    </p>
  </div>
</template>

<style scoped>
.meter p {
  margin: 0;
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
</style>
