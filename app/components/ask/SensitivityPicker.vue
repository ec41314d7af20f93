<script setup lang="ts">
import { SUBSTANCES } from '#core/ingredients/substances'
import type { HeldInKit } from '#shared/records/kit/kit'
import { api } from '~/asking/api'

/** What they react to, picked or typed, and the products of the kit that then stay away. */
const model = defineModel<string[]>({ required: true })
/** Words that are not understood, for which the artist has read the packs. */
const read = defineModel<string[]>('read', { default: () => [] })
const typed = ref<string | null>(null)
const choices = SUBSTANCES.map(s => s.label)
// A refusal changes nothing about what is declared: this only names the products that hold it.
const asked = useAsked(
  () => (model.value.length > 0 ? model.value : null),
  (declared, signal) => api('post', '/api/kit/held', {}, { body: { declared: [...declared] }, quiet: true, signal }),
)
const found = computed((): HeldInKit => asked.value.value ?? { held: [], unread: 0 })
const held = computed(() => new Map(found.value.held.map(h => [h.declared, h])))
const NAMED = 4
/** What a word means for the kit, in a sentence. */
function told(word: string): string {
  const h = held.value.get(word)
  if (!h) return ''
  if (h.meaning === 'unknown')
    return read.value.includes(word)
      ? 'the packs are read: none of the kit holds it'
      : 'not understood: ask what it is. Until then nothing of the kit goes on.'
  if (h.meaning === 'nothing') return 'nothing stays away'
  const away =
    h.names.length > 0
      ? `${listInWords(h.names.slice(0, NAMED))}${h.names.length > NAMED ? ` and ${h.names.length - NAMED} more` : ''} ${h.names.length === 1 ? 'stays' : 'stay'} away`
      : ''
  if (h.asks !== null) return [h.asks, away && `${capital(away)}.`].filter(Boolean).join(' ')
  return away || 'in nothing of the kit whose list is on record'
}
const isUnknown = (word: string) => held.value.get(word)?.meaning === 'unknown'
function means(word: string, choice: string | null) {
  if (choice) model.value = [...new Set(model.value.map(w => (w === word ? choice : w)))]
}
function packsRead(word: string, is: boolean) {
  read.value = is ? [...read.value, word] : read.value.filter(w => w !== word)
}
function add(word: string | null) {
  const text = (word ?? '').trim()
  if (text && !model.value.includes(text)) model.value = [...model.value, text]
  nextTick(() => {
    typed.value = null
  })
}
const drop = (word: string) => {
  model.value = model.value.filter(w => w !== word)
  read.value = read.value.filter(w => w !== word)
}
</script>

<template>
  <div class="picker">
    <v-combobox
      :model-value="typed"
      label="Reacts to (pick, or type it as they say it)"
      :items="choices"
      variant="outlined"
      density="comfortable"
      hide-details="auto"
      @update:model-value="add($event as string | null)"
    />
    <ul v-if="model.length > 0" class="rows">
      <li v-for="word in model" :key="word">
        <b>{{ word }}</b>
        <span class="small">{{ told(word) }}</span>
        <template v-if="isUnknown(word)">
          <v-autocomplete
            v-if="!read.includes(word)"
            class="means"
            :model-value="null"
            :label="`“${word}” is`"
            :items="choices"
            variant="outlined"
            density="compact"
            hide-details
            @update:model-value="c => means(word, c)"
          />
          <Act @click="packsRead(word, !read.includes(word))">{{
            read.includes(word) ? 'The packs are not read' : 'I have read the packs: none holds it'
          }}</Act>
        </template>
        <Act :aria-label="`Take ${word} off`" @click="drop(word)">Take off</Act>
      </li>
    </ul>
    <p v-if="model.length > 0 && found.unread > 0" class="small">
      {{ plural(found.unread, 'product') }} without a list on record: read the pack.
    </p>
  </div>
</template>

<style scoped>
.means {
  min-width: 220px;
  max-width: 320px;
}
p {
  margin: 4px 0 0;
}
</style>
