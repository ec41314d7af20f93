<script setup lang="ts">
import { inkOn, labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'
import type { FacePlan, Layer, PlanSeam } from '#core/plan/facePlan'
import { slotPlan, type Ground } from '#core/plan/slots'

/** The plan as it lies on the face: the skin at the bottom, each layer on the one below, seams where two meet badly. */
const props = defineProps<{ plan: FacePlan; skin: Lab; skinName: string; cut: readonly string[] }>()
const emit = defineEmits<{
  lock: [layer: Layer]
  unlock: [key: string]
  empty: [key: string]
  take: [layer: Layer, other: Layer['alternatives'][number]]
}>()
const open = ref<string | null>(null)

const outward = (grounds: readonly Ground[]) =>
  props.plan.layers.filter(l => grounds.includes(slotPlan(l.slot).ground)).reverse()
const onSkin = computed(() => ({ name: 'Layers on the skin', layers: outward(['skin']) }))
const groups = computed(() => [
  onSkin.value,
  ...[
    { name: 'Eyes and brows', layers: outward(['eyes', 'brows', 'lashes']) },
    { name: 'Lips', layers: outward(['lips']) },
    { name: 'Body', layers: outward(['body']) },
  ].filter(g => g.layers.length > 0),
])
/** Seams are told under the layer that lies on top. */
const seamsUnder = (key: string): PlanSeam[] => props.plan.seams.filter(s => s.over === key)
const nameOf = (key: string) => props.plan.layers.find(l => l.key === key)?.item.name ?? key
</script>

<template>
  <div>
    <template v-for="group in groups" :key="group.name">
      <h3 v-if="group !== onSkin">{{ group.name }}</h3>
      <ol class="stack" :aria-label="`${group.name}, the uppermost first`">
        <template v-for="layer in group.layers" :key="layer.key">
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
          <li v-for="seam in seamsUnder(layer.key)" :key="seam.under" class="seam">
            <b>Seam over {{ nameOf(seam.under) }}:</b> {{ seam.sentence }}. {{ capital(seam.mend) }}.
          </li>
        </template>
        <li v-if="group === onSkin" class="skin" :style="{ background: labToCss(skin), color: inkOn(skin) }">
          bare skin, {{ skinName }}
        </li>
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
h3 {
  margin-top: 18px;
}
@media (max-width: 760px) {
  .seam {
    margin-left: 0;
  }
}
</style>
