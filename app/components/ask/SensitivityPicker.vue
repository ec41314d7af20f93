<script setup lang="ts">
import { SUBSTANCES } from '#core/ingredients/substances'
import type { HeldInKit } from '#shared/records/kit/kit'
import { api } from '~/asking/api'

/** What they react to, picked or typed, and the products of the kit that then stay away. */
const model = defineModel<string[]>({ required: true })
const typed = ref<string | null>(null)
const choices = SUBSTANCES.map(s => s.label)
// A refusal changes nothing about what is declared: this only names the products that hold it.
const asked = useAsked(
  () => (model.value.length > 0 ? model.value : null),
  (declared, signal) => api('post', '/api/kit/held', {}, { body: { declared: [...declared] }, quiet: true, signal }),
)
const found = computed((): HeldInKit => asked.value.value ?? { held: [], unread: 0 })
const held = computed(() => new Map(found.value.held.map(h => [h.declared, h.names])))
function add(word: string | null) {
  const text = (word ?? '').trim()
  if (text && !model.value.includes(text)) model.value = [...model.value, text]
  nextTick(() => {
    typed.value = null
  })
}
const drop = (word: string) => {
  model.value = model.value.filter(w => w !== word)
}
</script>

<template>
  <div class="picker">
    <v-combobox
      :model-value="typed"
      label="Reacts to (pick, or type an ingredient)"
      :items="choices"
      variant="outlined"
      density="comfortable"
      hide-details="auto"
      @update:model-value="add($event as string | null)"
    />
    <ul v-if="model.length > 0" class="rows">
      <li v-for="word in model" :key="word">
        <b>{{ word }}</b>
        <span class="small">{{
          held.get(word)?.length
            ? `in ${listInWords(held.get(word)!.slice(0, 4))}${held.get(word)!.length > 4 ? ` and ${held.get(word)!.length - 4} more` : ''}: they stay away`
            : held.has(word)
              ? 'in nothing of the kit whose list is on record'
              : ''
        }}</span>
        <Act :aria-label="`Take ${word} off`" @click="drop(word)">Take off</Act>
      </li>
    </ul>
    <p v-if="model.length > 0 && found.unread > 0" class="small">
      {{ plural(found.unread, 'product') }} without a list on record: read the pack.
    </p>
  </div>
</template>

<style scoped>
p {
  margin: 4px 0 0;
}
</style>
