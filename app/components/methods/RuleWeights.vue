<script setup lang="ts">
import { RULES } from '#core/suitability/rules'

/** Every rule of the plan, to be switched off or made to weigh more; rules against harm hold whatever is set. */
const weights = defineModel<Record<string, number>>({ required: true })
const LEVELS = [
  [0, 'off'],
  [0.5, 'half'],
  [1, 'as it comes'],
  [2, 'double'],
] as const
const search = ref('')
const shown = computed(() => RULES.filter(r => r.looksAt.toLowerCase().includes(search.value.toLowerCase())))
const set = (id: string, weight: number | undefined) => {
  const { [id]: _before, ...rest } = weights.value
  weights.value = weight === undefined || weight === 1 ? rest : { ...rest, [id]: weight }
}
const changed = computed(() => Object.keys(weights.value).length)
</script>

<template>
  <details>
    <summary>
      What the plan looks at: {{ plural(RULES.length, 'rule') }}{{ changed > 0 ? `, ${changed} changed by you` : '' }}
    </summary>
    <v-text-field v-model="search" label="Search the rules" clearable @click:clear="search = ''" />
    <ul class="rows apart">
      <li v-for="rule in shown" :key="rule.id">
        <span>{{ capital(rule.looksAt) }}</span><Choices
          :model-value="weights[rule.id] ?? 1"
          :label="rule.looksAt"
          :options="LEVELS"
          hide-label
          @update:model-value="set(rule.id, $event)"
        />
      </li>
    </ul>
    <p class="small">Declared reactions, expired products, infection and broken skin are never switched off.</p>
  </details>
</template>
