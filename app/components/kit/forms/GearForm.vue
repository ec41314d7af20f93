<script setup lang="ts">
import { USUAL_GEAR, usualMeasure } from '#core/stock/things/gear'
import { BRUSH_SHAPES, GEAR_KINDS, isToolKind, type GearKind } from '#core/stock/things/kinds'
import { GearInput, type OwnedGear } from '#shared/records/kit/gear'

/** A tool or a supply: what it is, how many and how much is left. */
const { gear } = defineProps<{ gear: OwnedGear | null }>()
const emit = defineEmits<{ done: [] }>()
const kit = useKit()
const board = useBoard()
const { at, submit, problem, busy } = useForm(GearInput)

const values = reactive({
  ...new GearInput(),
  kind: 'brush' as GearKind,
  shade: '',
  ...(gear ?? {}),
  placeId: gear?.units[0]?.placeId ?? null,
  percent: gear?.percent ?? Number.NaN,
})
const price = ref(gear?.priceMinor == null ? '' : formatMoney(gear.priceMinor))
const priceWrong = ref('')
const isTool = computed(() => isToolKind(values.kind) || values.kind === 'unknown')
function chooseKind(kind: GearKind | null) {
  if (!kind) return
  values.kind = kind
  if (!gear) Object.assign(values, { sizeMl: USUAL_GEAR[kind].size, measure: usualMeasure(kind) })
}
async function save() {
  const minor = price.value.trim() === '' ? null : parseMoney(price.value)
  priceWrong.value = minor === undefined ? 'must be an amount such as 12.00' : ''
  if (minor === undefined) return
  const sent = {
    ...values,
    expiresOn: values.expiresOn || null,
    priceMinor: minor,
    percent: Number.isFinite(values.percent) ? values.percent : null,
  }
  if (await submit(sent, input => (gear ? kit.changeGear(gear.id, input) : kit.addGear(input)))) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>{{ gear ? `Sharpen ${gear.shade}` : 'A tool or a supply' }}</h2>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <v-autocomplete
      :model-value="values.kind"
      label="Kind"
      :items="GEAR_KINDS.map(kindChoice)"
      auto-select-first
      @update:model-value="chooseKind"
    />
    <v-text-field v-model="values.shade" v-first label="Name" :error-messages="at('shade')" />
    <v-select
      v-if="values.kind === 'brush'"
      v-model="values.shape"
      label="Shape"
      :items="[{ value: '', title: 'not said' }, ...BRUSH_SHAPES.map(s => ({ value: s, title: s }))]"
    />
    <div class="pair">
      <NumberField v-model="values.count" label="How many" whole :error-messages="at('count')" />
      <NumberField
        v-if="!isTool"
        v-model="values.sizeMl"
        :label="values.measure === 'ml' ? 'Size, ml' : 'Pieces in one'"
        :error-messages="at('sizeMl')"
      />
      <NumberField
        v-if="values.kind === 'alcohol'"
        v-model="values.percent"
        label="Strength, %"
        :error-messages="at('percent')"
      />
    </div>
    <Choices v-if="!isTool" v-model="values.level" label="What is left" :options="QUARTERS" />
    <div class="pair">
      <v-select
        v-model="values.placeId"
        label="Stands in"
        :items="board.board.places.map(p => ({ value: p.id, title: p.name }))"
      />
      <v-text-field v-model="price" label="Price" :error-messages="priceWrong || at('priceMinor')" />
      <v-text-field
        v-if="!isTool"
        v-model="values.expiresOn"
        label="Printed expiry"
        type="date"
        :error-messages="at('expiresOn')"
      />
    </div>
    <v-checkbox
      v-if="isTool"
      :model-value="values.porous ?? false"
      label="It drinks up what touches it"
      hide-details
      @update:model-value="v => (values.porous = v)"
    />
    <v-textarea v-model="values.notes" label="Notes" rows="2" :error-messages="at('notes')" />
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">{{
        gear ? 'Save' : 'Put it in the kit'
      }}</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>
