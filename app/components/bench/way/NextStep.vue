<script setup lang="ts">
import type { Step } from '#shared/wayIn'

/** While a kit is being set up: the one thing that is worth doing next, with its act. */
const { step, guessed, faces, done } = useWayIn()
const route = useRoute()
/** Whoever went there without being shown the way has done it as well. */
watch(
  () => route.path,
  path => {
    if (path === '/reach') done('reach')
    if (/^\/faces\/[^/]+\/plan$/.test(path)) done('plan')
  },
  { immediate: true },
)
const laying = ref(false)
function laid() {
  laying.value = false
  done('depths')
}
const unread = computed(() => faces.value.find(f => f.lab === null))
const read = computed(() => faces.value.find(f => f.lab !== null))

interface Said {
  title: string
  text: string
  act: string
  to: string | null
}
const SAID: Readonly<Record<Step, () => Said>> = {
  depths: () => ({
    title: `${plural(guessed.value.length, 'foundation')} sit where a word or a guess puts them.`,
    text: 'Put the lightest and the deepest right; the rest follow.',
    act: 'Put them right',
    to: null,
  }),
  reach: () => ({
    title: 'Whom can it match?',
    text: 'Every depth and undertone, with what to mix for each.',
    act: 'See whom it matches',
    to: '/reach',
  }),
  face: () => ({
    title: 'A face: somebody you know, or yourself.',
    text: 'A name and what their skin is like is enough to begin with.',
    act: 'Add a face',
    to: '/faces?add',
  }),
  skin: () => ({
    title: `Where does ${unread.value?.name ?? 'the skin'} sit?`,
    text: 'Between two of your bottles, by the eye test, or by a meter.',
    act: 'Read the skin',
    to: `/faces/${unread.value?.id}?read`,
  }),
  plan: () => ({
    title: `What goes on ${read.value?.name ?? 'this skin'}, and why?`,
    text: 'Layer by layer, with what your kit has.',
    act: 'See the plan',
    to: `/faces/${read.value?.id}/plan`,
  }),
  job: () => ({
    title: 'The next job.',
    text: 'Who, where and when: the morning, the bag and the quote follow from it.',
    act: 'Add a job',
    to: '/jobs?add',
  }),
}
const said = computed(() => (step.value ? SAID[step.value]() : null))
</script>

<template>
  <aside v-if="step && said" class="next no-print" aria-label="The next step">
    <div>
      <b>{{ said.title }}</b>
      <p>{{ said.text }}</p>
    </div>
    <v-btn v-if="said.to" color="primary" variant="flat" :to="said.to" @click="done(step)">{{ said.act }}</v-btn>
    <v-btn v-else color="primary" variant="flat" @click="laying = true">{{ said.act }}</v-btn>
    <Act @click="done(step)">Not now</Act>
  </aside>
  <FormDialog v-model="laying" label="Where the foundations sit" wide
    ><LazyDepthsRight :bottles="guessed" @done="laid" @cancel="laying = false"
  /></FormDialog>
</template>

<style scoped>
.next {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 14px;
  align-items: center;
  max-width: 980px;
  margin: 0 0 18px;
  padding: 12px 0;
  border-block: 2px solid var(--accent);
}
p {
  margin: 2px 0 0;
}
@media (max-width: 760px) {
  .next {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .next > div {
    grid-column: 1 / -1;
  }
}
</style>
