<script setup lang="ts">
import { FAMILIES } from '#core/complexion/bottles/product'
import { FINISHES } from '#core/product/item'
import { UNIT_ROLES } from '#core/stock/things/things'
import { ChangeThingsInput } from '#shared/records/kit/things'

/** Something of several things at once: only what is filled in is changed. */
const { ids } = defineProps<{ ids: readonly string[] }>()
const emit = defineEmits<{ done: [changed: boolean] }>()
const board = useBoard()
const { at, submit, problem, busy } = useForm(ChangeThingsInput)
const values = reactive({
  level: undefined as number | undefined,
  openedOn: '',
  expiresOn: '',
  role: undefined as ChangeThingsInput['role'],
  brand: '',
  range: '',
  family: null as ChangeThingsInput['family'] | null,
  finish: null as ChangeThingsInput['finish'] | null,
  limited: undefined as boolean | undefined,
})
const said = computed(() =>
  Object.fromEntries(Object.entries(values).filter(([, v]) => v !== undefined && v !== null && v !== '')),
)
async function save() {
  const input = Object.assign(new ChangeThingsInput(), { ids: [...ids], ...said.value })
  if (await submit(input, checked => board.change(checked))) emit('done', true)
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>Change {{ plural(ids.length, 'thing') }}</h2>
    <p class="small">What is left empty stays as it is on each. One undo takes all of it back.</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <Choices v-model="values.level" label="How full" optional :options="FULL_FIRST" />
    <Choices v-model="values.role" label="It is" optional :options="UNIT_ROLES" />
    <div class="pair">
      <v-text-field v-model="values.openedOn" label="Opened on" type="date" :error-messages="at('openedOn')" />
      <v-text-field v-model="values.expiresOn" label="Printed expiry" type="date" :error-messages="at('expiresOn')" />
      <v-text-field v-model="values.brand" label="Brand" :error-messages="at('brand')" />
      <v-text-field v-model="values.range" label="Range" :error-messages="at('range')" />
      <v-select v-model="values.family" label="Base" :items="[...FAMILIES]" clearable />
      <v-select v-model="values.finish" label="Finish" :items="[...FINISHES]" clearable />
    </div>
    <v-checkbox
      :model-value="values.limited ?? false"
      label="Limited or discontinued"
      hide-details
      @update:model-value="v => (values.limited = v ?? undefined)"
    />
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy" :disabled="Object.keys(said).length === 0"
        >Change them</v-btn
      >
      <v-btn variant="text" @click="emit('done', false)">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 10px;
}
</style>
