<script setup lang="ts">
import { inkOn, labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'
import type { FacePlan, Layer, PlanSeam } from '#core/plan/facePlan'
import { sequenceOf } from '#core/plan/described/sequence'

/** The plan from the bare skin on, in the order of the work: each layer on what lies there, seams where two meet badly, steps between. */
const props = defineProps<{ plan: FacePlan; skin: Lab; skinName: string; cut: readonly string[] }>()
const emit = defineEmits<{
  lock: [layer: Layer]
  unlock: [key: string]
  empty: [key: string]
  take: [layer: Layer, other: Layer['alternatives'][number]]
}>()
const open = ref<string | null>(null)

const sequence = computed(() => sequenceOf(props.plan))
/** Seams come before the layer on top of them. */
const seamsUnder = (key: string): PlanSeam[] => props.plan.seams.filter(s => s.over === key)
const nameOf = (key: string) => props.plan.layers.find(l => l.key === key)?.item.name ?? key
</script>

<template>
  <div>
    <ol class="stack" aria-label="In the order of the work">
      <li class="skin" :style="{ background: labToCss(skin), color: inkOn(skin) }">bare skin, {{ skinName }}</li>
      <template v-for="{ layer, step } in sequence.face" :key="layer?.key ?? step?.id">
        <template v-if="layer">
          <li v-for="seam in seamsUnder(layer.key)" :key="seam.under" class="seam">
            <b>Seam over {{ nameOf(seam.under) }}:</b> {{ seam.sentence }}. {{ capital(seam.mend) }}.
          </li>
          <LayerRow
            :layer="layer"
            :open="open === layer.key"
            :is-cut="cut.includes(layer.slot)"
            @toggle="open = open === layer.key ? null : layer.key"
            @lock="emit('lock', layer)"
            @unlock="emit('unlock', layer.key)"
            @empty="emit('empty', layer.key)"
            @take="emit('take', layer, $event)"
          />
        </template>
        <StepRow v-else-if="step" :step="step" />
      </template>
    </ol>
    <template v-if="sequence.later.length > 0">
      <h2>Afterwards</h2>
      <ol class="stack" aria-label="Once the face is done">
        <StepRow v-for="step in sequence.later" :key="step.id" :step="step" />
      </ol>
    </template>
  </div>
</template>

<style scoped>
.stack {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
  border-top: 1px solid var(--line);
}
.skin {
  padding: 7px 12px;
  print-color-adjust: exact;
}
.seam {
  border-left: 5px solid var(--ink);
  padding: 4px 12px;
  margin-left: 216px;
  font-size: 0.92rem;
}
h2 {
  margin-top: 18px;
}
@media (max-width: 760px) {
  .seam {
    margin-left: 0;
  }
}
</style>
