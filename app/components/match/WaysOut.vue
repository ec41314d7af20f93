<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { differenceInWords } from '~/words/words'
import type { Face } from '#shared/records/people/faces'

/** Nothing in the kit comes near: what can be done instead, the purchase first. */
const props = defineProps<{ face: Face; skin: Lab; nearest: Lab; deltaE: number }>()
const firstName = computed(() => props.face.name.split(' ')[0] ?? '')
</script>

<template>
  <ol class="ways" data-testid="ways-out">
    <li>
      <h2>Buy first</h2>
      <MendLines :skin="skin" />
      <v-btn color="primary" variant="flat" :to="`/buys?must=${face.id}`">What to buy for {{ firstName }}</v-btn>
    </li>
    <li>
      <h2>Ask {{ firstName }}</h2>
      <p>
        Ask {{ firstName }} to bring the base they wear. On the record it is weighed for them alone and mixed with
        nobody else’s.
      </p>
      <v-btn color="primary" :to="`/faces/${face.id}/ask`">Note what they bring</v-btn>
    </li>
    <li>
      <h2>The nearest there is</h2>
      <p>
        Beside this skin it is {{ differenceInWords(skin, nearest) }}, ΔE {{ deltaE.toFixed(1) }}: the edge would show
        at the jaw. It may do where no edge is seen, under a collar and in low light, or sheer with a corrector where it
        matters.
      </p>
    </li>
  </ol>
</template>

<style scoped>
.ways {
  list-style: none;
  padding: 0;
  margin: 12px 0 0;
  display: grid;
  gap: 16px;
}
li {
  display: grid;
  gap: 8px;
  justify-items: start;
  border-left: 4px solid var(--line);
  padding-left: 14px;
}
li:first-child {
  border-left-color: var(--accent);
}
h2,
p {
  margin: 0;
}
p {
  max-width: 62ch;
}
</style>
