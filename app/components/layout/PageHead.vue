<script setup lang="ts">
/** The head of a page: its answer as the title, the reason below it, and what can be done. Attributes go to the title. */
defineOptions({ inheritAttrs: false })
defineProps<{ title: string }>()
</script>

<template>
  <header class="page-head">
    <div>
      <h1 v-bind="$attrs">{{ title }}</h1>
      <p v-if="$slots.default" class="lead"><slot /></p>
      <slot name="below" />
    </div>
    <div v-if="$slots.acts" class="acts no-print"><slot name="acts" /></div>
  </header>
</template>
