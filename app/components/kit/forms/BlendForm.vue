<script setup lang="ts">
import { blendOf, blendProblem, pastAmong, type BlendPart } from '#core/stock/handling/blend'
import { leftIn } from '#core/stock/things/fills'
import { isCosmetic } from '#shared/records/kit/gear'
import { BlendInput, hasColour, type OwnedProduct, type OwnedUnit } from '#shared/records/kit/kit'
import { plain } from '#shared/checks/validate'
import { today } from '#shared/today'
import { api } from '~/asking/api'

/** An own blend: how much of each product, the result, and why some cannot be mixed. */
const { ids } = defineProps<{ ids: readonly string[] }>()
const emit = defineEmits<{ done: [] }>()
const board = useBoard()
const kit = useKit()
const { submit, problem, issues, busy, at } = useForm(BlendInput)

interface Row {
  product: OwnedProduct
  unit: OwnedUnit
  amount: number
}
const rows = ref<Row[]>([])
const name = ref('')
const left = ref('')
onMounted(async () => {
  // With a large kit the board holds only the first things of each place.
  const things = await Promise.all(
    ids.map(async id => board.things.get(id) ?? (await api('get', '/api/things/:id', { id })).thing),
  )
  const products = [...new Set(things.flatMap(t => (t.pans.length > 0 ? t.pans.map(p => p.productId) : [t.productId])))]
  const opened = await Promise.all(products.map(id => kit.openThing(id)))
  rows.value = opened.filter(isCosmetic).flatMap(product => {
    const unit = product.units.find(u => ids.includes(u.id))
    return unit && leftIn(unit) > 0 ? [{ product, unit, amount: Number.NaN }] : []
  })
  const other = things.filter(t => t.sort !== 'cosmetic').map(t => t.name)
  if (other.length > 0) left.value = `${listInWords(other)} cannot be mixed.`
})
const taken = computed(() => rows.value.filter(r => r.amount > 0))
const parts = computed(() =>
  taken.value.map(({ product: p, unit, amount }): BlendPart => ({
    name: p.shade,
    kind: p.kind,
    lab: hasColour(p) ? p.lab : null,
    coverage: p.coverage,
    family: p.family,
    finish: p.finish,
    strength: p.strength,
    traits: p.traits,
    inci: p.inci,
    openedOn: unit.openedOn,
    expiresOn: unit.expiresOn,
    amount,
  })),
)
const measures = computed(() => new Set(taken.value.map(r => r.unit.measure)))
const why = computed(() =>
  parts.value.length < 2
    ? 'Say how much of two or more.'
    : measures.value.size > 1
      ? 'All in grams, or all in millilitres.'
      : blendProblem(parts.value),
)
const made = computed(() => (why.value === null ? blendOf(parts.value) : null))
const past = computed(() => pastAmong(parts.value, today()))
const usual = computed(() => listInWords(taken.value.map(r => r.product.shade)).slice(0, 80))
async function save() {
  const input = {
    name: name.value.trim() || usual.value,
    parts: taken.value.map(r => ({ fillId: r.unit.fillId, amount: r.amount })),
  }
  if (await submit(input, value => api('post', '/api/units/blend', {}, { body: plain(value) }))) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>An own blend</h2>
    <p v-if="problem" role="alert" class="problem">{{ problem }} {{ issues[0]?.message }}</p>
    <p v-if="left" class="small">{{ left }}</p>
    <ul class="bare parts">
      <li v-for="r in rows" :key="r.unit.fillId">
        <Swatch v-if="hasColour(r.product)" :lab="r.product.lab" :size="40" /><span v-else />
        <p>
          <b class="free">{{ r.product.shade }}</b><br /><span class="small"
            >{{ r.product.kind }}, {{ r.product.traits.texture }}, {{ Math.round(leftIn(r.unit) * 100) / 100 }}
            {{ r.unit.measure }} left</span
          >
        </p>
        <NumberField
          v-model="r.amount"
          :label="`${r.product.shade}, ${r.unit.measure}`"
          :min="0"
          :max="leftIn(r.unit)"
        />
      </li>
    </ul>
    <p v-if="why" role="status">{{ capital(why) }}</p>
    <p v-if="past.length > 0" role="alert" class="problem">
      {{ listInWords(past) }} {{ past.length === 1 ? 'is past its' : 'are past their' }} last day, and so will the blend
      be: throw {{ past.length === 1 ? 'it' : 'them' }} away instead.
    </p>
    <div v-if="made" class="made" role="status">
      <Swatch v-if="made.lab" :lab="made.lab" :size="72" />
      <p class="small">
        {{ made.kind }}, {{ made.coverage }} cover, {{ made.finish
        }}{{
          made.traits.paoMonths ? `; good for ${plural(made.traits.paoMonths, 'month')} from the oldest of them` : ''
        }}{{
          made.expiresOn ? `, and no longer than ${dateInWords(made.expiresOn)}, which is printed on one of them` : ''
        }}{{ made.inci ? '' : '; one of them has no list on record, so nobody can say what is in it' }}.
      </p>
    </div>
    <v-text-field
      v-model="name"
      :label="`What it is called`"
      :placeholder="usual"
      :error-messages="at('name')"
      maxlength="80"
    />
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy" :disabled="why !== null">Make it</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
.parts li {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr) 170px;
  gap: 12px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.parts p {
  margin: 0;
}
.made {
  display: flex;
  gap: 14px;
  align-items: center;
}
@media (max-width: 760px) {
  .parts li {
    grid-template-columns: 40px minmax(0, 1fr);
  }
}
</style>
