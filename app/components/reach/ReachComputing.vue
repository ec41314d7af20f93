<script setup lang="ts">
/** Progress of computing the reach, wherever an answer waits for it. */
defineProps<{ what: string }>()
const reach = useReach()
</script>

<template>
  <Computing :state="reach.state" :what="what" :done="reach.progress" @stop="reach.stop()" @again="reach.refresh()" />
</template>
