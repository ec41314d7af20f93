<script setup lang="ts">
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <FormDialog v-model="open" label="What was changed">
    <div class="form">
      <h2>What was changed</h2>
      <ChangeList />
      <v-btn variant="text" @click="open = false">Close</v-btn>
    </div>
  </FormDialog>
</template>
