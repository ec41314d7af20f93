<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'

/** While what the pages start from is on its way; after a while it says what has not come, and asks again. */
const TELL_AFTER_MS = 5000
const workspace = useWorkspace()
const isLong = ref(false)
const { start } = useTimeoutFn(() => (isLong.value = true), TELL_AFTER_MS)
function again() {
  isLong.value = false
  start()
  void workspace.load()
}
</script>

<template>
  <div role="status">
    <p>Opening the kit …</p>
    <progress aria-label="Opening the kit" />
    <template v-if="isLong">
      <p>
        {{
          workspace.awaited.length > 0
            ? `The server has not answered yet about ${listInWords(workspace.awaited)}.`
            : 'This device is still drawing the page.'
        }}
        It may be busy: nothing is lost.
      </p>
      <p><v-btn variant="outlined" @click="again">Try again</v-btn></p>
    </template>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
