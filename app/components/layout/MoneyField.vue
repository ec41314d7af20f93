<script setup lang="ts">
/** A sum of money as it is typed; empty is none, and the form's rules say what is wrong with anything else. */
const minor = defineModel<number | null | undefined>({ required: true })
defineOptions({ inheritAttrs: false })
const typed = ref(minor.value == null ? '' : formatMoney(minor.value))
const read = (text: string) => (text.trim() === '' ? null : (parseMoney(text) ?? Number.NaN))
watch(minor, now => {
  if (!Object.is(read(typed.value), now ?? null))
    typed.value = now == null || Number.isNaN(now) ? typed.value : formatMoney(now)
  if (now == null && read(typed.value) !== null) typed.value = ''
})
function type(text: string) {
  typed.value = text
  minor.value = read(text)
}
</script>

<template>
  <v-text-field v-bind="$attrs" :model-value="typed" inputmode="decimal" @update:model-value="type" />
</template>
