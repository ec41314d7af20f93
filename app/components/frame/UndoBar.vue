<script setup lang="ts">
/** What was just done, in words, with what takes it back. */
const undo = useUndo()
</script>

<template>
  <!-- Another timeout begins it anew. -->
  <v-snackbar
    v-model="undo.shown"
    :timeout="16000 + (undo.told % 2)"
    location="bottom"
    color="#1a1a1a"
    :theme="undefined"
  >
    <span role="status" class="said">{{ undo.message }}</span>
    <template #actions>
      <v-btn v-if="undo.canUndo" variant="text" color="#8fd3db" @click="undo.run()">Undo</v-btn>
      <v-btn variant="text" color="#ffffff" @click="undo.dismiss()">Close</v-btn>
    </template>
  </v-snackbar>
</template>

<style scoped>
/* It is dark in either theme. */
.said {
  color: #fff;
}
</style>
