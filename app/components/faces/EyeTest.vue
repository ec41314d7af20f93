<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import {
  afterChoice,
  atFirst,
  ENOUGH_CHOICES,
  eyeReading,
  nextPair,
  type Belief,
  type EyeAnswer,
} from '#core/reading/eyeTest'
import type { Reading } from '#core/reading/reading'

/** Two fields beside the jaw: which is nearer? About eight choices home in on depth and undertone. */
const emit = defineEmits<{ reading: [reading: Reading | null, note: string] }>()
const beliefs = shallowRef<Belief[]>([atFirst()])
const belief = computed(() => beliefs.value.at(-1)!)
const pair = computed(() => nextPair(belief.value))
const chosen = computed(() => beliefs.value.length - 1)
const enough = computed(() => chosen.value >= ENOUGH_CHOICES)

function choose(answer: EyeAnswer) {
  beliefs.value = [...beliefs.value, afterChoice(belief.value, { pair: pair.value, answer })]
}
const back = () => {
  beliefs.value = beliefs.value.slice(0, -1)
}
watch(
  belief,
  () => emit('reading', chosen.value >= 4 ? eyeReading(belief.value) : null, plural(chosen.value, 'choice')),
  { immediate: true },
)
</script>

<template>
  <div class="flow eye">
    <p class="small">
      Hold the screen beside the bare jaw, brightness up, in daylight. Which field is nearer to the skin?
    </p>
    <div class="sides" role="group" aria-label="Which field is nearer to the skin?">
      <button
        type="button"
        :style="{ background: labToCss(pair.left) }"
        aria-label="The left field"
        @click="choose('left')"
      />
      <button
        type="button"
        :style="{ background: labToCss(pair.right) }"
        aria-label="The right field"
        @click="choose('right')"
      />
    </div>
    <div class="says">
      <Act @click="choose('left')">Left</Act>
      <Act @click="choose('alike')">No telling them apart</Act>
      <Act @click="choose('right')">Right</Act>
    </div>
    <p class="small" role="status">
      {{
        enough
          ? `${plural(chosen, 'choice')}: enough. More narrow it a little.`
          : `${chosen} of about ${ENOUGH_CHOICES} choices.`
      }}
      <Act v-if="chosen > 0" @click="back">Take the last one back</Act>
    </p>
  </div>
</template>

<style scoped>
.eye p {
  margin: 0;
}
.sides {
  display: flex;
  height: clamp(120px, 20vh, 190px);
}
.sides button {
  flex: 1;
  border: 0;
  padding: 0;
  cursor: pointer;
}
.says {
  display: grid;
  grid-template-columns: 1fr auto 1fr;
}
.says .act:last-child {
  justify-self: end;
}
</style>
