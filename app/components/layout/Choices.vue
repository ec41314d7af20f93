<script setup lang="ts" generic="T extends string | number, Several extends boolean = false">
/** A few words to choose from, all in sight: one of them or, where `several`, as many as fit. */
const { options, several = false } = defineProps<{
  label: string
  /** Each by its own word, or as a pair with the word to show. */
  options: readonly (T | readonly [T, string])[]
  several?: Several
  /** Whether choosing the same again lets go of it. */
  optional?: boolean
  hideLabel?: boolean
}>()
type Chosen = Several extends true ? readonly T[] : T | undefined
const model = defineModel<Chosen>({ required: true })
const offered = computed(() =>
  options.map(o => (typeof o === 'object' ? { value: o[0], text: o[1] } : { value: o, text: String(o) })),
)
const chosen = computed(() => [model.value].flat() as T[])
function choose(now: Chosen) {
  // What was chosen before and is not offered here stays chosen.
  const others = chosen.value.filter(v => offered.value.every(o => o.value !== v))
  model.value = (several ? [...others, ...[now ?? []].flat()] : now) as Chosen
}
</script>

<template>
  <fieldset class="choice">
    <legend :class="hideLabel ? 'visually-hidden' : 'small'">{{ label }}</legend>
    <v-btn-toggle
      class="choices"
      :model-value="model"
      :multiple="several"
      :mandatory="!several && !optional"
      @update:model-value="choose"
    >
      <v-btn v-for="{ value, text } in offered" :key="value" :value="value" :aria-pressed="chosen.includes(value)">{{
        text
      }}</v-btn>
    </v-btn-toggle>
  </fieldset>
</template>

<style scoped>
.choice {
  min-width: 0;
}
legend {
  padding: 0 0 3px;
}
</style>
