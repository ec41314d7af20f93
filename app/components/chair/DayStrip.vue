<script setup lang="ts">
import { clockAfter, type ZonedDay } from '#core/schedule/clock'
import type { Running } from '#core/schedule/running'

/** Today's faces in the order they sit down, as a strip to swipe through: who is done, who sits, who comes. */
const { on, faces } = defineProps<{
  on: ZonedDay
  faces: readonly { bookingId: string; name: string; row: Running | undefined; on: number; of: number; done: boolean }[]
  shown: string
  artists: readonly string[]
}>()
const emit = defineEmits<{ show: [bookingId: string] }>()
const told = (f: (typeof faces)[number]) =>
  f.done ? 'done' : f.on > 0 ? `${f.on} of ${f.of} on` : f.row ? clockAfter(on, f.row.from) : 'no time yet'
</script>

<template>
  <ol class="strip" aria-label="Today’s faces">
    <li v-for="f in faces" :key="f.bookingId">
      <button
        type="button"
        :class="{ done: f.done }"
        :aria-current="f.bookingId === shown ? 'true' : undefined"
        @click="emit('show', f.bookingId)"
      >
        <b class="free">{{ f.name }}</b>
        <span class="small"
          >{{ told(f)
          }}<template v-if="f.row && withArtist(f.row, artists)">, {{ withArtist(f.row, artists) }}</template></span
        >
      </button>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  list-style: none;
  margin: 0 0 12px;
  padding: 0 0 2px;
  display: flex;
  overflow-x: auto;
  border-bottom: 1px solid var(--ink);
}
button {
  display: grid;
  align-content: center;
  text-align: left;
  min-height: 56px;
  min-width: 96px;
  padding: 4px 14px 6px 0;
  border: 0;
  border-bottom: 5px solid transparent;
  background: none;
  color: var(--ink);
  cursor: pointer;
  white-space: nowrap;
}
button[aria-current] {
  border-bottom-color: var(--accent);
}
.done b {
  font-weight: 400;
}
</style>
