<script setup lang="ts">
/** One area of a drawn face, to be chosen by touch or by key. */
defineProps<{ name: string; label: string; selected: boolean; first?: boolean }>()
const emit = defineEmits<{ select: [] }>()
</script>

<template>
  <g
    class="area"
    role="button"
    :data-area="name"
    :aria-label="label"
    :aria-pressed="selected"
    :tabindex="selected || first ? 0 : -1"
    @click="emit('select')"
    @keydown.enter.prevent="emit('select')"
    @keydown.space.prevent="emit('select')"
    ><slot
  /></g>
</template>

<style scoped>
.area {
  cursor: pointer;
  pointer-events: all;
}
.area:focus,
.area:focus-visible {
  outline: none;
}
</style>
