<script setup lang="ts">
import type { WrapFacts } from '#shared/records/days/wraps'

/** How long the job took and what it brought. */
const values = defineModel<WrapFacts>({ required: true })
defineProps<{ at: (path: string) => string[] }>()
</script>

<template>
  <div class="facts">
    <div class="pair">
      <MoneyField v-model="values.paidMinor" label="Paid" :error-messages="at('paidMinor')" />
      <MoneyField
        :model-value="values.tipMinor || null"
        label="Tip"
        :error-messages="at('tipMinor')"
        @update:model-value="values.tipMinor = $event ?? 0"
      />
    </div>
    <div class="pair">
      <v-text-field v-model="values.began" label="There from" type="time" :error-messages="at('began')" />
      <v-text-field v-model="values.ended" label="Until" type="time" :error-messages="at('ended')" />
    </div>
    <div class="pair">
      <v-text-field
        :model-value="values.km ?? ''"
        label="Km driven"
        inputmode="decimal"
        :error-messages="at('km')"
        @update:model-value="values.km = $event === '' ? null : Number($event)"
      />
      <MoneyField v-model="values.spentMinor" label="Fares and parking" :error-messages="at('spentMinor')" />
    </div>
    <v-textarea v-model="values.notes" label="What to know next time" rows="2" :error-messages="at('notes')" />
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  gap: 10px;
}
</style>
