<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import type { FacePlan } from '#core/plan/facePlan'
import { sequenceOf, type Turn } from '#core/plan/sequence'
import { amountInWords, reasonInWords } from '~/words/plan'

/** The plan at the chair: one layer at a time in the order of the work, big enough for a phone propped beside the face. */
const props = defineProps<{ plan: FacePlan; faceId: string; skin: Lab; cut: readonly string[] }>()
const chairside = useChairside()

/** Layers and the steps between them, each with its key. */
const turns = computed(() => {
  const { face, later } = sequenceOf(props.plan)
  return [...face, ...later.map((step): Turn => ({ layer: null, step }))]
    .filter(t => !t.layer || !props.cut.includes(t.layer.slot))
    .map(t => ({ ...t, key: t.layer?.key ?? `step: ${t.step!.id}`, name: t.layer?.name ?? t.step!.name }))
})
const isDone = (key: string) => chairside.isDone(props.faceId, key)
const left = computed(() => turns.value.filter(t => !isDone(t.key)))
const shown = ref<string | null>(null)
/** What is looked at, else the first that is not done yet. */
const turn = computed(() => turns.value.find(t => t.key === shown.value) ?? left.value[0] ?? null)
const at = computed(() => turns.value.findIndex(t => t.key === turn.value?.key))
const seams = computed(() => props.plan.seams.filter(s => s.over === turn.value?.key))
const title = ref<HTMLElement>()

async function show(key: string | null) {
  shown.value = key
  await nextTick()
  title.value?.focus()
}
function onward() {
  if (!turn.value) return
  const next = turns.value[at.value + 1]?.key ?? null
  chairside.mark(props.faceId, turn.value.key, true)
  void show(next)
}
function back() {
  const before = turn.value ? turns.value[at.value - 1] : turns.value.at(-1)
  if (!before) return
  chairside.mark(props.faceId, before.key, false)
  void show(before.key)
}
function again() {
  chairside.startOver(props.faceId)
  void show(null)
}
</script>

<template>
  <section class="chair" aria-label="Step by step">
    <ol class="thread" aria-label="All layers">
      <li v-for="l in turns" :key="l.key">
        <button
          type="button"
          :class="{ done: isDone(l.key) }"
          :aria-current="l.key === turn?.key ? 'step' : undefined"
          :aria-label="`${l.name}${isDone(l.key) ? ', is done' : ''}`"
          @click="show(l.key)"
        />
      </li>
    </ol>
    <template v-if="turn">
      <p class="small" role="status">
        {{ at + 1 }} of {{ turns.length }}; {{ left.length === 1 ? 'the last one' : `${left.length} to go` }}
      </p>
      <h2 ref="title" tabindex="-1" data-testid="step">
        {{ turn.name }}{{ turn.layer?.where ? `, ${turn.layer.where}` : '' }}
      </h2>
      <template v-if="turn.step">
        <p class="product">{{ turn.step.say }}</p>
        <p class="why">{{ capital(turn.step.asked) }}.</p>
        <p v-if="turn.step.caution" class="mind">{{ turn.step.caution }}</p>
      </template>
      <template v-if="turn.layer">
        <p class="product">{{ turn.layer.item.name }}</p>
        <TouchingFields
          v-if="turn.layer.item.lab"
          :left="skin"
          :right="turn.layer.item.lab"
          left-name="the skin"
          right-name="the product"
        />
        <p class="how">
          <b>{{ amountInWords(turn.layer.amount) }}</b>, {{ turn.layer.tool
          }}<template v-if="turn.layer.technique && !turn.layer.tool.includes(turn.layer.technique)"
            >, {{ turn.layer.technique }}</template
          >
        </p>
        <p class="why">{{ capital(reasonInWords(turn.layer.findings, turn.layer.asked)) }}.</p>
        <p v-for="s in seams" :key="s.under" class="mind">
          <b>Mind the seam:</b> {{ s.sentence }}. {{ capital(s.mend) }}.
        </p>
      </template>
    </template>
    <template v-else>
      <h2 ref="title" tabindex="-1" data-testid="step">Everything is on.</h2>
      <p class="product">Look once more in the light of the day, then the card.</p>
    </template>
    <div class="at-hand wrap">
      <v-btn size="x-large" color="primary" variant="text" :disabled="turns.length === 0 || at === 0" @click="back"
        >Back</v-btn
      >
      <v-btn v-if="turn" size="x-large" color="primary" variant="flat" @click="onward">{{
        turn.layer ? 'It is on; next' : 'Done; next'
      }}</v-btn>
      <template v-else>
        <v-btn size="x-large" color="primary" variant="flat" :to="`/faces/${faceId}/card`">The card</v-btn>
        <v-btn size="x-large" color="primary" variant="text" @click="again">From the bare skin again</v-btn>
      </template>
    </div>
  </section>
</template>

<style scoped>
.chair {
  display: grid;
  gap: 12px;
  margin-top: 12px;
  max-width: 760px;
}
.thread {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(24px, 1fr));
}
.thread button {
  width: 100%;
  min-height: 44px;
  border: 0;
  background: linear-gradient(var(--line), var(--line)) center / 88% 8px no-repeat;
  cursor: pointer;
}
.thread button.done {
  background-image: linear-gradient(var(--muted), var(--muted));
}
.thread button[aria-current] {
  background-image: linear-gradient(var(--accent), var(--accent));
  background-size: 88% 18px;
}
h2 {
  font-size: 2.4rem;
  outline: none;
}
.product {
  font-size: 1.3rem;
  font-weight: 650;
}
.how {
  font-size: 1.2rem;
}
.mind {
  border-left: 5px solid var(--ink);
  padding-left: 12px;
}
p {
  margin: 0;
}
.wrap {
  flex-wrap: wrap;
}
</style>
