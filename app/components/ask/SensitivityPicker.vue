<script setup lang="ts">
import { SUBSTANCES, foundIn } from '#core/ingredients/substances'
import { itemOf } from '#shared/kitItem'

/** What they react to: picked or typed, with what of the kit it takes off the table. */
const model = defineModel<string[]>({ required: true })
const kit = useKit()
const typed = ref<string | null>(null)
const choices = SUBSTANCES.map(s => s.label)
const items = computed(() => kit.products.filter(p => !p.retiredAt).map(itemOf))
const held = computed(
  () =>
    new Map(
      model.value.map(declared => [
        declared,
        items.value.filter(i => i.ingredients && foundIn(declared, i.ingredients).length > 0).map(i => i.name),
      ]),
    ),
)
const unread = computed(() => items.value.filter(i => i.ingredients === null).length)

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
    <ul v-if="model.length > 0">
      <li v-for="word in model" :key="word">
        <b>{{ word }}</b>
        <span class="small">{{
          held.get(word)?.length
            ? `in ${listInWords(held.get(word)!.slice(0, 4))}${held.get(word)!.length > 4 ? ` and ${held.get(word)!.length - 4} more` : ''}: they stay away`
            : 'in nothing of the kit whose list is on record'
        }}</span>
        <button class="act" type="button" :aria-label="`Take ${word} off`" @click="drop(word)">Take off</button>
      </li>
    </ul>
    <p v-if="model.length > 0 && unread > 0" class="small">
      {{ plural(unread, 'product') }} without a list on record: read the pack.
    </p>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 4px 0 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
  border-bottom: 1px solid var(--line);
  min-height: 44px;
}
li .act {
  margin-left: auto;
}
p {
  margin: 4px 0 0;
}
</style>
