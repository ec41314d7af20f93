<script setup lang="ts">
import type { Complaint, Degree } from '#core/complexion/mixing/touch'
import type { Seen } from '#core/reading/verdicts'

/** What a mix looks like on the skin: opposites on one scale, right between them, each a touch or clearly so. */
defineProps<{ legend: string; hideLegend?: boolean; said?: Seen }>()
const emit = defineEmits<{ say: [what: Seen] }>()

const SCALES: readonly (readonly [Complaint, Complaint?])[] = [
  ['too light', 'too deep'],
  ['too pink', 'too yellow'],
  ['ashy', 'too orange'],
  ['green'],
]
const OUTWARDS: readonly Degree[] = ['clearly', 'a touch']
const steps = ([left, right]: (typeof SCALES)[number]): { seen: Complaint; degree: Degree }[] => [
  ...OUTWARDS.map(degree => ({ seen: left, degree })),
  ...(right ? [...OUTWARDS].reverse().map(degree => ({ seen: right, degree })) : []),
]
</script>

<template>
  <fieldset>
    <legend :class="{ 'visually-hidden': hideLegend }">{{ legend }}</legend>
    <button class="right" type="button" :aria-pressed="said?.seen === 'right'" @click="emit('say', { seen: 'right' })">
      right
    </button>
    <div
      v-for="scale in SCALES"
      :key="scale[0]"
      class="scale"
      role="group"
      :aria-label="scale.filter(Boolean).join(' or ')"
    >
      <span class="end">{{ scale[0] }}</span><span class="end far">{{ scale[1] }}</span>
      <button
        v-for="s in steps(scale)"
        :key="`${s.seen} ${s.degree}`"
        type="button"
        :aria-pressed="said?.seen === s.seen && said.degree === s.degree"
        :aria-label="`${s.degree} ${s.seen}`"
        @click="emit('say', s)"
      >
        {{ s.degree }}
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 4px;
  max-width: 420px;
}
legend {
  font-weight: 650;
  padding: 0 0 4px;
}
button {
  font: inherit;
  font-size: 0.85rem;
  min-height: 44px;
  padding: 0 2px;
  border: 1px solid var(--line);
  margin-right: -1px;
  background: transparent;
  color: var(--ink);
  cursor: pointer;
}
button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--page);
  border-color: var(--ink);
}
.scale {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
}
.end {
  grid-column: span 2;
  font-size: 0.9rem;
  font-weight: 600;
  padding-top: 2px;
}
.far {
  text-align: right;
}
</style>
