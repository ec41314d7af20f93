<script setup lang="ts">
import { isRead, UNREAD, type Lab } from '#core/colour/lab'
import { difference } from '#core/colour/difference'
import type { Drops } from '#core/complexion/mixing/recipe'
import { averageShots } from '#core/reading/average'
import { INSTRUMENT_FLOOR } from '#shared/meter'
import { MeasuredMixInput } from '#shared/records/kit/mixes'

/** A mix as measured, by the simulated meter or typed: it shows how strongly each bottle colours a mix. */
const props = defineProps<{ drops: readonly Drops[]; lab: Lab }>()
const plans = usePlans()
const undo = useUndo()
const { at, submit, problem, busy } = useForm(MeasuredMixInput)
const SHOTS = 3

const measured = ref(UNREAD)
const draft = useDraft(`mix:${props.drops.map(d => `${d.count}×${d.id}`).join('+')}`, measured)
const isWhole = computed(() => isRead(measured.value))
const asPlain = () => props.drops.map(d => ({ ...d }))

const shooting = ref(false)
async function shoot() {
  shooting.value = true
  await undo.attempt(async () => {
    await api('post', '/api/devices/simulated-meter/calibrate')
    const shots: Lab[] = []
    while (shots.length < SHOTS) {
      const { lab } = await api('post', '/api/devices/simulated-meter/mix', {}, { body: { drops: asPlain() } })
      shots.push(lab)
    }
    measured.value = averageShots(shots, INSTRUMENT_FLOOR).mean
  })
  shooting.value = false
}
async function keep() {
  const done = await submit({ drops: asPlain(), lab: measured.value }, input => plans.addMix(input))
  if (!done) return
  measured.value = UNREAD
  draft.done()
}
</script>

<template>
  <details>
    <summary>Did the mix come out like that?</summary>
    <form class="flow" novalidate @submit.prevent="keep">
      <p class="small">Measure it once it has set. What it shows of the bottles is on Kit.</p>
      <v-btn color="primary" :loading="shooting" @click="shoot">Calibrate the simulated meter, three shots</v-btn>
      <LabFields v-model="measured" :errors="axis => at(`lab.${axis}`)" />
      <TouchingFields
        v-if="isWhole"
        :left="lab"
        :right="measured"
        left-name="as predicted"
        :right-name="`as measured, ΔE ${difference(lab, measured).toFixed(1)}`"
        :height="44"
      />
      <p v-if="problem" role="alert">
        <b>{{ problem }}</b>
      </p>
      <v-btn type="submit" color="primary" :loading="busy" :disabled="!isWhole">Keep this measured mix</v-btn>
    </form>
  </details>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
