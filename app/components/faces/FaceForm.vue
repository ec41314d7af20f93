<script setup lang="ts">
import { COVERAGES } from '#core/complexion/product'
import { AGE_BANDS, SKIN_TYPES } from '#core/suitability/face'
import { FINISHES } from '#core/suitability/item'
import { FaceInput, type Face } from '#shared/records/faces'

const props = defineProps<{ face: Face | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const faces = useFaces()
const { at, submit, problem, busy } = useForm(FaceInput)
const values = reactive<FaceInput>(props.face ? { ...props.face } : { ...new FaceInput(), name: '' })
const draft = useDraft(`face:${props.face?.id ?? 'new'}`, values)
const options = (list: readonly string[]) => list.map(v => ({ value: v, title: v }))

async function save() {
  let id = props.face?.id ?? null
  const done = await submit({ ...values, bookedOn: values.bookedOn || null }, async input => {
    if (id) await faces.change(id, input)
    else id = (await faces.add(input)).id
  })
  if (done) {
    draft.done()
    emit('done', id)
  }
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>{{ face ? face.name : 'A new face' }}</h2>
    <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <v-text-field v-model="values.name" label="Name" :error-messages="at('name')" autofocus maxlength="200" />
    <Choices v-model="values.skinType" label="Skin" :options="SKIN_TYPES.map(v => ({ value: v, text: v }))" />
    <div class="pair">
      <v-select
        v-model="values.coverage"
        label="Wishes for coverage"
        :items="options(COVERAGES)"
        :error-messages="at('coverage')"
      />
      <v-select
        v-model="values.finish"
        label="Wishes for finish"
        :items="options(FINISHES)"
        :error-messages="at('finish')"
      />
      <v-select v-model="values.ageBand" label="Age" :items="options(AGE_BANDS)" :error-messages="at('ageBand')" />
      <v-text-field v-model="values.bookedOn" label="Booked on" type="date" :error-messages="at('bookedOn')" />
    </div>
    <v-text-field v-model="values.bookedFor" label="Booked for" :error-messages="at('bookedFor')" />
    <v-textarea v-model="values.wishes" label="Wishes" :error-messages="at('wishes')" />
    <v-textarea v-model="values.notes" label="Notes" :error-messages="at('notes')" />
    <div class="actions">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">{{
        face ? 'Save' : 'Add and read the skin'
      }}</v-btn>
      <v-btn variant="text" @click="emit('done', null)">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
  padding: 22px 24px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.problem {
  font-weight: 600;
  margin: 0;
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}
.actions {
  display: flex;
  gap: 10px;
}
@media (max-width: 480px) {
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>
