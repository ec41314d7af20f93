<script setup lang="ts">
import type { Change } from '#shared/records/changes'
import { api, ApiProblem } from '~/composables/api'
import { stampInWords } from '~/words/words'

/** What was changed when, newest first, and the way back from each. */
const undo = useUndo()
const changes = ref<Change[]>([])
const state = ref<'loading' | 'ready' | 'failed'>('loading')
const isWhole = ref(false)
const problem = ref('')

async function load(before?: number): Promise<void> {
  try {
    const page = await api('get', '/api/changes', { before })
    changes.value = before === undefined ? page : [...changes.value, ...page]
    isWhole.value = page.length === 0
    state.value = 'ready'
  } catch (refused) {
    if (!(refused instanceof ApiProblem)) throw refused
    problem.value = refused.message
    state.value = 'failed'
  }
}
watch(
  () => undo.acts,
  () => void load(),
  { immediate: true },
)
const stateOf = ({ undoneBy, undoes }: Change) => (undoneBy ? 'taken back' : undoes ? 'a way back' : '')
</script>

<template>
  <div>
    <p v-if="state === 'loading'" role="status">Looking through what was changed …</p>
    <p v-else-if="state === 'failed'" role="alert">{{ problem }} <Act @click="load()">Try again</Act></p>
    <p v-else-if="changes.length === 0">Nothing was changed yet.</p>
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
    <Act v-if="state === 'ready' && !isWhole && changes.length > 0" @click="load(changes.at(-1)!.id)"> Earlier </Act>
  </div>
</template>

<style scoped>
.gone b {
  text-decoration: line-through;
  font-weight: 400;
}
</style>
