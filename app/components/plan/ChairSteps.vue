<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import type { FacePlan } from '#core/plan/facePlan'
import { amountInWords, reasonInWords } from '~/words/plan'

/** The plan at the chair: one layer at a time in the order of the work, big enough for a phone propped beside the face. */
const props = defineProps<{ plan: FacePlan; faceId: string; skin: Lab; cut: readonly string[] }>()
const chairside = useChairside()

const layers = computed(() => props.plan.layers.filter(l => !props.cut.includes(l.slot)))
const isDone = (key: string) => chairside.isDone(props.faceId, key)
const left = computed(() => layers.value.filter(l => !isDone(l.key)))
const shown = ref<string | null>(null)
/** What is looked at, else the first layer that does not lie yet. */
const layer = computed(() => layers.value.find(l => l.key === shown.value) ?? left.value[0] ?? null)
const at = computed(() => layers.value.findIndex(l => l.key === layer.value?.key))
const seams = computed(() => props.plan.seams.filter(s => s.over === layer.value?.key))
const title = ref<HTMLElement>()

async function show(key: string | null) {
  shown.value = key
  await nextTick()
  title.value?.focus()
}
function onward() {
  if (!layer.value) return
  const next = layers.value[at.value + 1]?.key ?? null
  chairside.mark(props.faceId, layer.value.key, true)
  void show(next)
}
function back() {
  const before = layer.value ? layers.value[at.value - 1] : layers.value.at(-1)
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
      <li v-for="l in layers" :key="l.key">
        <button
          type="button"
          :class="{ done: isDone(l.key) }"
          :aria-current="l.key === layer?.key ? 'step' : undefined"
          :aria-label="`${l.name}${isDone(l.key) ? ', is on' : ''}`"
          @click="show(l.key)"
        />
      </li>
    </ol>
    <template v-if="layer">
      <p class="small" role="status">
        {{ at + 1 }} of {{ layers.length }}; {{ left.length === 1 ? 'the last one' : `${left.length} to go` }}
      </p>
      <h2 ref="title" tabindex="-1" data-testid="step">{{ layer.name }}{{ layer.where ? `, ${layer.where}` : '' }}</h2>
      <p class="product">{{ layer.item.name }}</p>
      <TouchingFields
        v-if="layer.item.lab"
        :left="skin"
        :right="layer.item.lab"
        left-name="the skin"
        right-name="the product"
      />
      <p class="how">
        <b>{{ amountInWords(layer.amount) }}</b>, {{ layer.tool
        }}<template v-if="layer.technique && layer.technique !== layer.tool">, {{ layer.technique }}</template>
      </p>
      <p class="why">{{ capital(reasonInWords(layer.findings, layer.asked)) }}.</p>
      <p v-for="s in seams" :key="s.under" class="mind">
        <b>Mind the seam:</b> {{ s.sentence }}. {{ capital(s.mend) }}.
      </p>
    </template>
    <template v-else>
      <h2 ref="title" tabindex="-1" data-testid="step">Everything is on.</h2>
      <p class="product">Look once more in the light of the day, then the card.</p>
    </template>
    <div class="at-hand wrap">
      <v-btn size="x-large" color="primary" variant="text" :disabled="layers.length === 0 || at === 0" @click="back"
        >Back</v-btn
      >
      <v-btn v-if="layer" size="x-large" color="primary" variant="flat" @click="onward">It is on; next</v-btn>
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
