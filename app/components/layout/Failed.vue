<script setup lang="ts">
/** A computation broke off: never a page that waits for ever. */
const emit = defineEmits<{ again: [] }>()
</script>

<template>
  <p role="alert">
    <b>This could not be computed.</b> Nothing is lost; the <NuxtLink to="/">Bench</NuxtLink> says if a bottle or a face
    needs a hand. <Act @click="emit('again')">Try again</Act>
  </p>
</template>
