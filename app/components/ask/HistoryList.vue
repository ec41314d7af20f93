<script setup lang="ts">
import { HISTORY, type HistoryWord } from '#core/asked/face'
import type { Face } from '#shared/records/people/faces'

/** What became of products on this face: liked, used, disliked, a reaction. */
const props = defineProps<{ face: Face }>()
const faces = useFaces()
const names = useProductNames()
const undo = useUndo()
const productId = ref<string | null>(null)
const what = ref<HistoryWord>('liked')
const note = ref('')
useDraft(`history:${props.face.id}`, reactive({ productId, note }))
const nameOf = (id: string) => props.face.own.find(p => p.id === id)?.shade ?? names.nameOf(id)

/** One line per product and verdict; used ones are counted. */
const rows = computed(() => {
  const groups = new Map<
    string,
    { id: string; productId: string; what: HistoryWord; notes: string[]; times: number; last: string }
  >()
  for (const h of props.face.history) {
    const key = `${h.productId} ${h.what}`
    const group = groups.get(key) ?? { id: h.id, productId: h.productId, what: h.what, notes: [], times: 0, last: h.at }
    group.times++
    if (h.note) group.notes.push(h.note)
    groups.set(key, group)
  }
  return [...groups.values()]
})
async function add() {
  if (!productId.value) return
  if (
    await undo.attempt(() =>
      faces.remember(props.face.id, { productId: productId.value!, what: what.value, note: note.value.trim() }),
    )
  ) {
    productId.value = null
    note.value = ''
  }
}
</script>

<template>
  <div>
    <ul v-if="rows.length > 0" class="rows">
      <li v-for="r in rows" :key="r.id">
        <b>{{ nameOf(r.productId) }}</b> <span>{{ r.what }}{{ r.times > 1 ? `, ${r.times} times` : '' }}</span>
        <span class="small">{{ r.notes.join(' ') }}</span><Act
          :aria-label="`Forget ${nameOf(r.productId)}: ${r.what}`"
          @click="undo.attempt(() => faces.forgetEntry(face.id, r.id))"
        >
          Forget
        </Act>
      </li>
    </ul>
    <form class="add" @submit.prevent="add">
      <ProductPicker v-model="productId" label="Product" clearable />
      <v-select v-model="what" label="was" :items="[...HISTORY]" />
      <v-text-field v-model="note" label="What happened" maxlength="300" />
      <v-btn type="submit" color="primary" :disabled="!productId">Remember</v-btn>
    </form>
    <p v-if="what === 'reaction'" class="small">
      A reaction keeps the product away from this face. For anything that does not settle, they should see a pharmacist
      or doctor.
    </p>
  </div>
</template>
