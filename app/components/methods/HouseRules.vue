<script setup lang="ts">
import { TECHNIQUES, type Technique } from '#core/complexion/mixing/worn'
import { SLOTS, type SlotId } from '#core/asked/slots'
import { rangeKey } from '#shared/asked/kitPigments'
import type { HouseRuleInput } from '#shared/records/method/settings'

/** What an agency or a client prescribes: this place of the plan is done with this product or range, or laid on like this. */
const rules = defineModel<HouseRuleInput[]>({ required: true })
const names = useProductNames()
const slot = ref<SlotId | null>(null)
const itemId = ref<string | null>(null)
const range = ref('')
const technique = ref<Technique | null>(null)
const TECHNIQUE_NAMES = Object.keys(TECHNIQUES) as Technique[]
const sentence = ref('')
useDraft('house rule', reactive({ slot, itemId, range, technique, sentence }))
const { ranges: owned } = useRangesOwned()
const ranges = computed(() => [...new Set(owned.value.map(rangeKey).filter(Boolean))].sort())
const kinds = computed(() => SLOTS.find(s => s.id === slot.value)?.kinds ?? [])
/** The one thing it prescribes; null while there is none or more than one. */
const what = computed(() => {
  const said = [
    itemId.value && { itemId: itemId.value },
    range.value && { range: range.value },
    technique.value && slot.value === 'foundation' && { technique: technique.value },
  ].filter(Boolean) as Pick<HouseRuleInput, 'itemId' | 'range' | 'technique'>[]
  return said.length === 1 ? said[0]! : null
})
function add() {
  if (!slot.value || !what.value || !sentence.value.trim()) return
  rules.value = [...rules.value, { slot: slot.value, ...what.value, sentence: sentence.value.trim() }]
  slot.value = itemId.value = technique.value = null
  range.value = sentence.value = ''
}
const inWords = (r: HouseRuleInput) => r.technique ?? r.range ?? names.nameOf(r.itemId ?? '')
</script>

<template>
  <details>
    <summary>House rules{{ rules.length > 0 ? `: ${rules.length}` : '' }}</summary>
    <ul class="rows">
      <li v-for="(r, i) in rules" :key="i">
        <b>{{ capital(r.slot) }}</b>: {{ inWords(r) }} <span class="small">{{ r.sentence }}</span>
        <Act :aria-label="`Drop the rule: ${r.sentence}`" @click="rules = rules.filter((_, k) => k !== i)"> Drop </Act>
      </li>
    </ul>
    <div class="add">
      <v-select v-model="slot" label="This place" :items="SLOTS.map(s => ({ value: s.id, title: s.name }))" />
      <ProductPicker v-model="itemId" label="is done with" :kinds="kinds" :disabled="!slot" />
      <v-select v-model="range" label="or with the range" :items="ranges" clearable :disabled="!slot" />
      <v-select
        v-if="slot === 'foundation'"
        v-model="technique"
        label="or laid on"
        :items="TECHNIQUE_NAMES"
        clearable
      />
      <v-text-field v-model="sentence" label="because" maxlength="120" />
      <v-btn color="primary" :disabled="!slot || !what || !sentence.trim()" @click="add">Add</v-btn>
    </div>
    <p class="small">Save to keep them. A house rule weighs heavily; it never brings back what may do harm.</p>
  </details>
</template>
