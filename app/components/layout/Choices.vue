<script setup lang="ts" generic="T extends string | number">
/** A few words to choose from, all in sight. */
defineProps<{ label: string; options: readonly { value: T; text: string }[]; hideLabel?: boolean }>()
const model = defineModel<T | undefined>({ required: true })
</script>

<template>
  <fieldset class="choice">
    <legend :class="hideLabel ? 'visually-hidden' : 'small'">{{ label }}</legend>
    <div class="choices">
      <button
        v-for="{ value, text } in options"
        :key="value"
        type="button"
        :aria-pressed="model === value"
        @click="model = value"
      >
        {{ text }}
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
.choice {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
legend {
  padding: 0 0 3px;
}
</style>
