<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import type { Drops } from '#core/complexion/mixing/recipe'
import type { Touch } from '#core/complexion/mixing/touch'
import { difference } from '#core/colour/difference'

/** A saved recipe that is no longer the colour of the skin, and the touch that brings it back. */
const props = defineProps<{
  drops: readonly Drops[]
  mix: Lab
  skin: Lab
  bringBack: (drops: readonly Drops[], skin: Lab) => Promise<Touch | null>
}>()
const emit = defineEmits<{ take: [touch: Touch] }>()
const kit = useKit()
const whole = computed(() => props.drops.every(d => kit.usable.some(p => p.id === d.id)))
const found = useAsked(
  () => (whole.value ? [props.drops, props.skin] : null),
  ([drops, skin]) => props.bringBack(drops, skin),
  { afterActs: false, fresh: true },
)
/** Null where no touch does; undefined while it is not known. */
const touch = computed(() => (!whole.value ? null : found.state.value === 'ready' ? found.value.value : undefined))
const after = computed(() => (touch.value ? difference(touch.value.lab, props.skin) : null))
</script>

<template>
  <p class="moved" role="status">
    <b>It no longer fits:</b> beside it the skin is {{ differenceInWords(mix, skin) }} now.
    <template v-if="touch"
      >{{ touch.add.count === 1 ? 'One drop' : `${touch.add.count} drops` }} of
      {{ kit.byId.get(touch.add.id)?.shade }} to {{ touch.to }} brings it to ΔE {{ after!.toFixed(1) }}.
      <Act @click="emit('take', touch)">Take it</Act></template
    >
    <template v-else-if="touch === null">{{
      whole ? 'No single touch of this kit brings it back.' : 'A bottle of it is empty or has left the kit.'
    }}</template>
  </p>
</template>

<style scoped>
.moved {
  border-left: 5px solid var(--ink);
  padding: 2px 12px;
  margin: 0 0 8px 18px;
}
</style>
