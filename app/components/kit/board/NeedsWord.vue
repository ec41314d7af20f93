<script setup lang="ts">
import type { Notice } from '#core/stock/ends/notices'

/** What of the kit somebody would do something about, and the one tap that does it. */
const { notices } = defineProps<{ notices: readonly Notice[] }>()
const emit = defineEmits<{ show: [unit: string]; tell: [] }>()
const board = useBoard()
const undo = useUndo()

const said = (n: Notice) => (n.day ? `${n.text}; that was ${dateInWords(n.day)}` : n.text)
/** Where a spare from elsewhere is needed: where the empty one is. */
const placeOf = (n: Notice) => board.things.get(n.units[0] ?? '')?.placeId ?? null
const refill = (n: Notice) => undo.attempt(() => board.move([{ id: n.spare[0]! }], placeOf(n)))
const FEW = 7
const all = ref(false)
const shown = computed(() => (all.value ? notices : notices.slice(0, FEW)))
</script>

<template>
  <section aria-labelledby="needs-a-word">
    <h2 id="needs-a-word">Needs a word</h2>
    <p v-if="notices.length === 0" class="small">Nothing is empty, past its day, doubled or too heavy.</p>
    <ul class="bare words">
      <li v-for="n in shown" :key="`${n.what} ${n.units.join()} ${n.placeId}`">
        <Swatch v-if="n.lab" :lab="n.lab" :size="40" />
        <span v-else class="sign" aria-hidden="true" />
        <div>
          <p>
            <b class="free">{{ n.title }}</b>
          </p>
          <p class="small">{{ said(n) }}.</p>
          <p class="doing">
            <Act
              v-if="n.what === 'past its day'"
              @click="undo.attempt(() => board.retire(n.units, true, 'past its day'))"
              >Retire it</Act
            >
            <Act v-else-if="n.spare.length > 0" @click="refill(n)">Bring it here</Act>
            <Act v-else-if="n.what === 'colour not told' || n.what === 'not sorted'" @click="emit('tell')">Tell it</Act>
            <NuxtLink v-else-if="n.what === 'too heavy'" to="/kit/gaps">What can stay at home</NuxtLink>
            <Act v-else-if="n.units.length > 0" @click="emit('show', n.units[0]!)">Show it</Act>
          </p>
        </div>
      </li>
    </ul>
    <Act v-if="notices.length > FEW && !all" @click="all = true">{{ notices.length - FEW }} more</Act>
  </section>
</template>

<style scoped>
.words > li {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr);
  gap: 14px;
  padding: 10px 0 4px;
  border-bottom: 1px solid var(--line);
}
p {
  margin: 0;
}
.sign {
  width: 40px;
  height: 40px;
  border: 1px solid var(--muted);
}
.doing .act {
  padding-left: 0;
}
h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
</style>
