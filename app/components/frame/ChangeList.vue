<script setup lang="ts">
import type { Change } from '#shared/records/record/changes'
import { api, outcomeOf } from '~/asking/api'
import { stampInWords } from '~/words/words'

/** What was changed when, newest first, and the way back from each. */
const undo = useUndo()
const asked = useAsked(
  () => 'changes',
  (_all, signal) => api('get', '/api/changes', {}, { signal }),
)
const { value: changes, state, problem, again } = asked
const isWhole = ref(false)
watch(changes, now => {
  if (now?.length === 0) isWhole.value = true
})
async function earlier() {
  const before = changes.value!
  const page = await outcomeOf(api('get', '/api/changes', { before: before.at(-1)!.id }))
  if (!page.ok) return undo.tell(page.refused?.message ?? '')
  if (changes.value !== before) return
  isWhole.value = page.value.length === 0
  changes.value = [...before, ...page.value]
}
const stateOf = ({ undoneBy, undoes }: Change) => (undoneBy ? 'taken back' : undoes ? 'a way back' : '')
</script>

<template>
  <div>
    <p v-if="!changes && state === 'working'" role="status">Looking through what was changed …</p>
    <p v-else-if="state === 'failed'" role="alert">{{ problem }} <Act @click="again">Try again</Act></p>
    <p v-else-if="!changes || changes.length === 0">Nothing was changed yet.</p>
    <ol v-else class="rows" data-testid="changes">
      <li v-for="change in changes" :key="change.id" :class="{ gone: change.undoneBy }">
        <div>
          <b>{{ change.words }}</b>
          <p class="small">
            {{ [stampInWords(change.at), stateOf(change)].filter(Boolean).join('; ') }}.
            <template v-if="change.undoWords">Undo: {{ change.undoWords }}.</template>
          </p>
        </div>
        <Act
          v-if="change.undoWords"
          :aria-label="`Undo: ${change.undoWords}`"
          @click="undo.attempt(() => undo.takeBack(change.id))"
        >
          Undo
        </Act>
      </li>
    </ol>
    <Act v-if="state === 'ready' && !isWhole && changes && changes.length > 0" @click="earlier"> Earlier </Act>
  </div>
</template>

<style scoped>
.gone b {
  text-decoration: line-through;
  font-weight: 400;
}
</style>
