<script setup lang="ts" generic="T">
import type { Asked } from '~/asking/useAsked'

/** The answer to what a page asked: on its way, refused with a way to ask again, or there. */
const { asked, keeps = false } = defineProps<{
  asked: Asked<T>
  /** What is being done, as a sentence without its full stop: an ellipsis follows. */
  waiting: string
  /** What could not be done, as a heading. */
  refused: string
  /** Whether an earlier answer stays on screen when the next one is refused. */
  keeps?: boolean
}>()
const answer = computed(() => asked.value.value)
const isRefused = computed(() => asked.problem.value !== '' && !(keeps && answer.value !== null))
</script>

<template>
  <div v-if="isRefused" role="alert">
    <h1>{{ refused }}</h1>
    <p class="lead">{{ asked.problem.value }} <Act @click="asked.again()">Try again</Act></p>
  </div>
  <p v-else-if="answer === null" role="status">{{ waiting }} …</p>
  <slot v-else :answer="answer as NonNullable<T>" />
</template>
