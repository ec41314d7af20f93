<script setup lang="ts">
import type { useKeptAlong } from '~/composables/useKeptAlong'

/** Whether this is kept on the device for when the server is away, and what the server has not heard of yet. */
const { along } = defineProps<{ along: ReturnType<typeof useKeptAlong>; unsent: number }>()
const { isKept, able, take, letGo } = along
</script>

<template>
  <section class="kept no-print" aria-label="On this device">
    <p v-if="unsent > 0" class="small" role="status">
      {{ plural(unsent, 'tick') }} kept here until the server answers.
    </p>
    <p v-if="isKept" class="small">
      Kept on this device until the job is closed, also without the server.
      <Act @click="letGo">Do not keep it here</Act>
    </p>
    <p v-else-if="able === false" class="small">
      This browser keeps no page here: it allows that on the computer itself and over https. Ticks are kept all the
      same; leave the page open.
    </p>
    <p v-else-if="able" class="small">
      Not kept on this device.
      <Act @click="take">Keep it here</Act>
    </p>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0;
}
.act {
  padding: 0;
  display: block;
}
</style>
