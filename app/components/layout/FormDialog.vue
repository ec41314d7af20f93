<script setup lang="ts">
/** A form over the page, made anew each time it is opened. */
defineProps<{ label: string; wide?: boolean }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <v-dialog v-model="open" :max-width="wide ? 940 : 640" scrollable :aria-label="label">
    <v-card><slot v-if="open" /></v-card>
  </v-dialog>
</template>
