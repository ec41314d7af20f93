<script setup lang="ts">
import { SLOTS, type SlotId } from '#core/plan/slots'
import type { HouseRuleInput } from '#shared/records/settings'

/** What an agency or a client prescribes: this place of the plan is done with this product. */
const rules = defineModel<HouseRuleInput[]>({ required: true })
const names = useProductNames()
const slot = ref<SlotId | null>(null)
const itemId = ref<string | null>(null)
const sentence = ref('')
useDraft('house rule', reactive({ slot, itemId, sentence }))
const kinds = computed(() => SLOTS.find(s => s.id === slot.value)?.kinds ?? [])
function add() {
  if (!slot.value || !itemId.value || !sentence.value.trim()) return
  rules.value = [...rules.value, { slot: slot.value, itemId: itemId.value, sentence: sentence.value.trim() }]
  slot.value = itemId.value = null
  sentence.value = ''
}
</script>

<template>
  <details>
    <summary>House rules{{ rules.length > 0 ? `: ${rules.length}` : '' }}</summary>
    <ul class="rows">
      <li v-for="(r, i) in rules" :key="i">
        <b>{{ capital(r.slot) }}</b>: {{ names.nameOf(r.itemId) }} <span class="small">{{ r.sentence }}</span>
        <Act :aria-label="`Drop the rule: ${r.sentence}`" @click="rules = rules.filter((_, k) => k !== i)"> Drop </Act>
      </li>
    </ul>
    <div class="add">
      <v-select v-model="slot" label="This place" :items="SLOTS.map(s => ({ value: s.id, title: s.name }))" />
      <ProductPicker v-model="itemId" label="is done with" :kinds="kinds" :disabled="!slot" />
      <v-text-field v-model="sentence" label="because" maxlength="120" />
      <v-btn color="primary" :disabled="!slot || !itemId || !sentence.trim()" @click="add">Add</v-btn>
    </div>
    <p class="small">Save to keep them. A house rule weighs heavily; it never brings back what may do harm.</p>
  </details>
</template>
