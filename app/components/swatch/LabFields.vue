<script setup lang="ts">
/** Three figures of a colour, typed. */
defineProps<{ values: Readonly<Record<'L' | 'a' | 'b', string>>; errors: (axis: 'L' | 'a' | 'b') => string[] }>()
const emit = defineEmits<{ type: [axis: 'L' | 'a' | 'b', text: string] }>()
const AXES = ['L', 'a', 'b'] as const
</script>

<template>
  <div class="axes">
    <v-text-field
      v-for="axis in AXES"
      :key="axis"
      :label="`${axis}*`"
      :model-value="values[axis]"
      inputmode="decimal"
      :error-messages="errors(axis)"
      @update:model-value="emit('type', axis, $event)"
    />
  </div>
</template>

<style scoped>
.axes {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
</style>
