<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import { hairShade } from '#core/look/colouring'

/** A colour by its word, picked or typed: what stands behind a word for hair is shown beside it. */
defineProps<{ label: string; words: readonly string[]; errors: readonly string[]; hair?: boolean }>()
const model = defineModel<string>({ required: true })
const shade = computed(() => hairShade(model.value))
</script>

<template>
  <v-combobox
    :model-value="model"
    :label="label"
    :items="[...words]"
    :error-messages="[...errors]"
    @update:model-value="model = $event ?? ''"
  >
    <template v-if="hair && shade" #prepend-inner
      ><i class="shade" :style="{ background: labToCss(shade) }" aria-hidden="true"
    /></template>
  </v-combobox>
</template>

<style scoped>
.shade {
  width: 22px;
  height: 22px;
  print-color-adjust: exact;
}
</style>
