<script setup lang="ts">
/** A form over the page, made anew each time it is opened; until it is for the first time, there is nothing of it. */
defineProps<{ label: string; wide?: boolean }>()
const open = defineModel<boolean>({ required: true })
const wasOpen = ref(open.value)
watch(open, now => (wasOpen.value ||= now), { flush: 'sync' })
</script>

<template>
  <v-dialog v-if="wasOpen" v-model="open" :max-width="wide ? 940 : 640" scrollable :aria-label="label">
    <v-card><slot v-if="open" /></v-card>
  </v-dialog>
</template>
