<script setup lang="ts">
/** A computation that takes a moment: how far it is, and a way to stop it. */
defineProps<{ what: string; done: number | null }>()
const emit = defineEmits<{ stop: [] }>()
</script>

<template>
  <div class="working" role="status">
    <span>{{ what }} …</span>
    <!-- Moved by the compositor alone: a bar whose width changes is laid out and painted with everything around it, at each step. -->
    <span
      class="bar"
      role="progressbar"
      :aria-label="what"
      aria-valuemin="0"
      aria-valuemax="100"
      :aria-valuenow="done === null ? undefined : Math.round(done * 100)"
      ><span :class="{ unknown: done === null }" :style="done === null ? {} : { transform: `scaleX(${done})` }"
    /></span>
    <Act @click="emit('stop')">Stop</Act>
  </div>
</template>

<style scoped>
.working {
  display: grid;
  grid-template-columns: auto minmax(80px, 220px) auto;
  gap: 14px;
  align-items: center;
  justify-content: start;
  min-height: 44px;
}
.bar {
  height: 6px;
  overflow: hidden;
  contain: strict;
  background: var(--line);
}
.bar span {
  display: block;
  height: 100%;
  background: var(--accent);
  transform-origin: left;
  will-change: transform;
}
.bar .unknown {
  width: 30%;
  animation: along 1.4s linear infinite;
}
@keyframes along {
  from {
    transform: translateX(-100%);
  }
  to {
    transform: translateX(340%);
  }
}
@media (prefers-reduced-motion: reduce) {
  .bar .unknown {
    animation: none;
  }
}
</style>
