<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { labToCss } from '#core/colour/display'
import { placedBy } from '#core/look/placed'
import { sequenceOf, type Turn } from '#core/plan/described/sequence'
import type { ChairPlan, FoundAt } from '#shared/records/people/chairs'
import { amountInWords, reasonInWords } from '~/words/plan'

/** The plan at the chair: one layer at a time in the order of the work, big enough for a phone propped beside the face. */
const props = defineProps<{
  plan: ChairPlan
  skin: Lab
  cut: readonly string[]
  /** Whether a layer lies on the face, or a step is done. */
  isDone: (key: string) => boolean
  /** What mixes are made from, where it is at hand. */
  bottles?: ReadonlyMap<string, { shade: string; lab: Lab }>
  /** Where things are reached for, by their id. */
  found?: Readonly<Record<string, FoundAt>>
  /** How long it has taken so far, in words. */
  time?: string
}>()
const emit = defineEmits<{ mark: [key: string, lies: boolean]; again: []; instead: [key: string, itemId: string] }>()

/** Layers and the steps between them, each with its key. */
const turns = computed(() => {
  const { face, later } = sequenceOf(props.plan)
  return [...face, ...later.map((step): Turn => ({ layer: null, step }))]
    .filter(t => !t.layer || !props.cut.includes(t.layer.slot))
    .map(t => ({ ...t, key: t.layer?.key ?? `step: ${t.step!.id}`, name: t.layer?.name ?? t.step!.name }))
})
const left = computed(() => turns.value.filter(t => !props.isDone(t.key)))
const shown = ref<string | null>(null)
/** What is looked at, else the first that is not done yet. */
const turn = computed(() => turns.value.find(t => t.key === shown.value) ?? left.value[0] ?? null)
const at = computed(() => turns.value.findIndex(t => t.key === turn.value?.key))
/** What goes on instead, where it is not there after all. */
const other = computed(() => turn.value?.layer?.alternatives[0] ?? null)
const seams = computed(() => props.plan.seams.filter(s => s.over === turn.value?.key))
const reach = computed(() => {
  const layer = turn.value?.layer
  if (!layer || !props.found) return []
  const ids = layer.drops?.map(d => d.id) ?? [layer.item.id]
  return ids.flatMap(id =>
    props.found![id] ? [{ id, name: props.bottles?.get(id)?.shade ?? '', at: props.found![id] }] : [],
  )
})
/** The colours of the plan where they go on the face; a tap leads to the layer. */
const placed = computed(() => placedBy(turns.value.flatMap(t => t.layer ?? [])))
const marks = computed(() => placed.value.map(({ area, lab, name }) => ({ area, lab, note: name, productId: null })))
const area = computed(() => placed.value.find(p => p.key === turn.value?.key)?.area ?? null)
const goTo = (to: string) => {
  const key = placed.value.find(p => p.area === to)?.key
  if (key) void show(key)
}
const title = ref<HTMLElement>()

async function show(key: string | null) {
  shown.value = key
  await nextTick()
  title.value?.focus()
}
function onward() {
  if (!turn.value) return
  const next = turns.value[at.value + 1]?.key ?? null
  emit('mark', turn.value.key, true)
  void show(next)
}
function back() {
  const before = turn.value ? turns.value[at.value - 1] : turns.value.at(-1)
  if (!before) return
  emit('mark', before.key, false)
  void show(before.key)
}
function again() {
  emit('again')
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
        {{ at + 1 }} of {{ turns.length }}; {{ left.length === 1 ? 'the last one' : `${left.length} to go`
        }}{{ time && `; ${time}` }}
      </p>
      <div class="turn" :class="{ here: area }">
        <div class="says">
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
            <DropStrip
              v-if="bottles && turn.layer.drops && turn.layer.drops.length > 1"
              class="big"
              :drops="turn.layer.drops"
              :bottles="bottles"
            />
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
            <p v-if="reach.length > 0" class="small">{{ capital(reachedInWords(reach)) }}.</p>
            <p v-if="other" class="small other">
              Where it is not to hand:
              <i v-if="other.item.lab" :style="{ background: labToCss(other.item.lab) }" aria-hidden="true" />
              {{ other.item.name }}
              <Act v-if="bottles" @click="emit('instead', turn.layer.key, other.item.id)">Take that</Act>
            </p>
            <p class="why">{{ capital(reasonInWords(turn.layer.findings, turn.layer.asked)) }}.</p>
            <p v-for="s in seams" :key="s.under" class="mind">
              <b>Mind the seam:</b> {{ s.sentence }}. {{ capital(s.mend) }}.
            </p>
          </template>
        </div>
        <FaceChart
          v-if="marks.length > 0"
          class="placed"
          :skin="skin"
          :marks="marks"
          :selected="area"
          :name-of="m => m.note"
          @select="goTo"
        />
      </div>
    </template>
    <template v-else>
      <h2 ref="title" tabindex="-1" data-testid="step">Everything is on.</h2>
      <slot name="after"><p class="product">Look once more in the light of the day, then the card.</p></slot>
    </template>
    <div class="at-hand wrap">
      <v-btn size="x-large" color="primary" variant="text" :disabled="turns.length === 0 || at === 0" @click="back"
        >Back</v-btn
      >
      <v-btn v-if="turn" size="x-large" color="primary" variant="flat" @click="onward">{{
        turn.layer ? 'It is on; next' : 'Done; next'
      }}</v-btn>
      <slot v-if="turn" name="beside" />
      <template v-else>
        <slot name="onward" />
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
  grid-auto-flow: column;
  grid-auto-columns: minmax(28px, 1fr);
  overflow-x: auto;
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
.big :deep(svg) {
  width: 34px;
  height: 44px;
}
.other i {
  display: inline-block;
  width: 18px;
  height: 18px;
  vertical-align: middle;
}
.turn {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px;
  gap: 12px 28px;
  align-items: start;
}
.says {
  display: grid;
  gap: 12px;
}
@media (max-width: 760px) {
  .turn {
    grid-template-columns: minmax(0, 1fr);
  }
  /* Small screens draw the face only where something goes on it. */
  .turn:not(.here) .placed {
    display: none;
  }
  .placed {
    max-width: 180px;
  }
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
@media (max-width: 760px) {
  .wrap :deep(.v-btn) {
    padding: 0 12px;
    font-size: 1rem;
  }
}
</style>
