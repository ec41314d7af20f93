<script setup lang="ts">
import { lostIn } from '#core/stock/handling/decant'
import type { Thing } from '#core/stock/things/thing'
import { DecantInput } from '#shared/records/kit/kit'
import { isCosmetic } from '#shared/records/kit/gear'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'

/** Puts some of a thing into small vessels that keep its dates; says what speaks against it and what is lost on the way. */
const { thing } = defineProps<{ thing: Thing }>()
const emit = defineEmits<{ done: []; labels: [ids: string[]] }>()
const board = useBoard()
const { at, submit, problem, busy } = useForm(DecantInput)
const { value: story, problem: failed } = useAsked(
  () => thing.id,
  (id, signal) => api('get', '/api/things/:id', { id }, { signal }),
  { afterActs: false },
)
const advice = computed(() => story.value?.decant ?? null)
const product = computed(() => story.value?.products[0])
const texture = computed(() => (product.value && isCosmetic(product.value) ? product.value.traits.texture : null))
const left = computed(() => thing.size * thing.level)

const SMALL = 10
const values = reactive({
  sizeMl: Math.min(SMALL, thing.size),
  amount: Math.min(SMALL, Math.floor(left.value * 10) / 10),
  count: 1,
  placeId: thing.placeId,
  label: '',
})
const taken = computed(() => values.amount * values.count)
const lost = computed(() => lostIn(taken.value, texture.value))
const rest = computed(() => left.value - taken.value)
async function save(labels: boolean) {
  let made: string[] = []
  const done = await submit(values, async input => {
    const { units } = await api('post', '/api/units/:id/decant', { id: thing.id }, { body: plain(input) })
    const known = new Set(board.things.keys())
    made = units.filter(u => !known.has(u.id)).map(u => u.id)
  })
  if (!done) return
  if (labels && made.length > 0) emit('labels', made)
  emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save(false)">
    <h2>Decant {{ thing.name }}</h2>
    <p v-if="failed" role="alert" class="problem">{{ failed }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="advice?.refused">
      <b>It is not decanted: {{ advice.refused }}.</b>
    </p>
    <template v-else-if="advice">
      <p v-if="advice.against.length > 0">
        <b>Better not: {{ advice.against.join('; ') }}.</b>
      </p>
      <ul class="small">
        <li v-if="!thing.openedOn">It counts as open from today on, and so do the vessels.</li>
        <li v-for="m in advice.mind" :key="m">{{ capital(m) }}.</li>
      </ul>
      <div class="pair">
        <NumberField v-model="values.count" label="How many vessels" whole :error-messages="at('count')" />
        <NumberField v-model="values.sizeMl" :label="`Each holds, ${thing.measure}`" :error-messages="at('sizeMl')" />
        <NumberField v-model="values.amount" :label="`Into each, ${thing.measure}`" :error-messages="at('amount')" />
        <v-select
          v-model="values.placeId"
          label="Stands in"
          :items="board.board.places.map(p => ({ value: p.id, title: p.name }))"
        />
      </div>
      <v-text-field v-model="values.label" label="On its label, besides its name" :error-messages="at('label')" />
      <p class="small" role="status">
        <template v-if="rest >= 0"
          >{{ measuredInWords(taken, thing.measure) }} of {{ measuredInWords(left, thing.measure) }};
          {{ measuredInWords(rest, thing.measure) }} stay where they are. About
          {{ measuredInWords(lost, thing.measure) }} will stick to the walls; that is not taken off.</template
        >
        <template v-else>There are only {{ measuredInWords(left, thing.measure) }} of it.</template>
      </p>
      <div class="acts">
        <v-btn type="submit" color="primary" variant="flat" :loading="busy" :disabled="rest < 0">Decant it</v-btn>
        <v-btn variant="outlined" :loading="busy" :disabled="rest < 0" @click="save(true)">Decant and label</v-btn>
        <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
      </div>
    </template>
    <div v-if="!advice || advice.refused" class="acts">
      <v-btn variant="text" @click="emit('done')">Close</v-btn>
    </div>
  </form>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
