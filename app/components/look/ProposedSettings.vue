<script setup lang="ts">
import type { LookBrief } from '#core/asked/brief'
import { proposalsFrom, saysSo, withProposal, type Proposal } from '#core/look/freeWords'

/** What the words said about the look seem to ask for: nothing is set until it is confirmed. */
const props = defineProps<{ texts: readonly string[] }>()
const brief = defineModel<LookBrief>({ required: true })
const open = computed(() => proposalsFrom(props.texts.join('. ')).filter(p => !saysSo(brief.value, p)))
const words = ({ set }: Proposal) =>
  set.field === 'shimmer' ? `shimmer on the ${set.at}: ${set.value}` : `${NAMES[set.field]}: ${set.value}`
const NAMES: Record<Exclude<keyof LookBrief, 'shimmer'>, string> = {
  glow: 'glow',
  lip: 'lips',
  lipStrength: 'strength of the lips',
  lipFinish: 'finish of the lips',
  eyes: 'lids',
  eyeTemperature: 'temperature of the lids',
  eyeStrength: 'strength of the lids',
  liner: 'liner',
  brows: 'brows',
  cheeks: 'cheeks',
}
const takeAll = () => {
  brief.value = open.value.reduce(withProposal, brief.value)
}
</script>

<template>
  <section v-if="open.length > 0" class="proposed" aria-label="Read from the words">
    <p class="small">Read from the words; nothing is set until you say so.</p>
    <ul class="bare">
      <li v-for="p in open" :key="words(p)">
        “{{ p.words }}” → {{ words(p) }} <Act @click="brief = withProposal(brief, p)">Take it</Act>
      </li>
    </ul>
    <Act v-if="open.length > 1" @click="takeAll">Take all {{ open.length }}</Act>
  </section>
</template>

<style scoped>
.proposed {
  margin-bottom: 12px;
  border-left: 4px solid var(--accent);
  padding-left: 12px;
}
p {
  margin: 0;
}
</style>
