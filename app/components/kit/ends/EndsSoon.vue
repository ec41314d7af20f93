<script setup lang="ts">
import type { EndsLine } from '#shared/records/kit/ahead'
import { today } from '#shared/today'

/** What keeps no longer, what ends first on top. */
const { lines } = defineProps<{ lines: readonly EndsLine[] }>()
const board = useBoard()
const undo = useUndo()
const day = today()
const isPast = ({ useBy }: EndsLine) => useBy < day
function said(l: EndsLine): string {
  const where = board.pathOf(l.placeId).at(-1) ?? 'not placed'
  const left = `${measuredInWords(l.left, l.measure)} left`
  if (isPast(l)) return `${where}; ${left}: put it on nobody`
  if (l.wasted === null) return `${where}; ${left}`
  if (l.wasted < l.left * 0.05) return `${where}; ${left}, used up before`
  return `${where}; ${left}, of which ${measuredInWords(l.wasted, l.measure)} will be thrown away at this pace`
}
</script>

<template>
  <section aria-labelledby="ends">
    <h2 id="ends">Ends</h2>
    <p v-if="lines.length === 0" class="small">Nothing that has a last day reaches it within half a year.</p>
    <ul class="bare swatched">
      <li v-for="l in lines" :key="l.id">
        <Swatch v-if="l.lab" :lab="l.lab" :size="26" />
        <span v-else />
        <div>
          <p>
            <NuxtLink :to="`/kit/${l.id}`">{{ l.name }}</NuxtLink>
            <b class="by">{{ isPast(l) ? 'past since' : '' }} {{ dateInWords(l.useBy) }}</b>
          </p>
          <p class="small">{{ capital(said(l)) }}.</p>
          <Act
            v-if="isPast(l)"
            class="no-print"
            :aria-label="`Retire ${l.name}`"
            @click="undo.attempt(() => board.retire([l.id], true, 'past its day'))"
            >Retire it</Act
          >
        </div>
      </li>
    </ul>
  </section>
</template>
