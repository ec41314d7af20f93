<script setup lang="ts">
import { mayBeGiven, whysFor, type RetireWhy } from '#core/stock/handling/retire'
import type { Thing } from '#core/stock/things/thing'
import { today } from '#shared/today'

/** Why things go out of use: what is open is given to nobody. */
const { things } = defineProps<{ things: readonly Thing[] }>()
const emit = defineEmits<{ done: [] }>()
const board = useBoard()
const undo = useUndo()
const day = today()
const whys = computed(() => {
  const each = things.map(t => whysFor(t, day))
  return (each[0] ?? []).filter(why => each.every(of => of.includes(why)))
})
const why = ref<RetireWhy | undefined>(whys.value[0])
const open = computed(() => things.some(t => !mayBeGiven(t, day)))
async function retire() {
  const ids = things.map(t => t.id)
  if (await undo.attempt(() => board.retire(ids, true, why.value))) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="retire">
    <h2 class="free">
      {{ things.length === 1 ? `${things[0]!.name} goes out of use` : `${things.length} things go out of use` }}
    </h2>
    <v-radio-group v-model="why" label="Why" hide-details>
      <v-radio v-for="w in whys" :key="w" :value="w" :label="w" />
    </v-radio-group>
    <p v-if="open" class="small">
      What is open has been on somebody’s skin or at the air: it is thrown away, not given away.
    </p>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :disabled="!why">Retire</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>
