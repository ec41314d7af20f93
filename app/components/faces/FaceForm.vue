<script setup lang="ts">
import { COVERAGES } from '#core/complexion/bottles/product'
import { AGE_BANDS, SKIN_TYPES } from '#core/asked/face'
import { FINISHES } from '#core/product/item'
import { NewFaceInput, type Face } from '#shared/records/people/faces'

const props = defineProps<{ face: Face | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const faces = useFaces()
function inputOf({ name, ageBand, skinType, coverage, finish, wishes, notes, version }: Face): NewFaceInput {
  return { name, ageBand, skinType, coverage, finish, wishes, notes, version }
}
const values = reactive<NewFaceInput>({ ...new NewFaceInput(), name: '', ...(props.face && inputOf(props.face)) })
const form = useRecordForm<Face, NewFaceInput>('face', NewFaceInput, {
  record: props.face,
  values,
  inputOf,
  add: faces.add,
  change: faces.change,
  put: faces.put,
  done: id => emit('done', id),
})
const { at } = form
</script>

<template>
  <RecordForm
    :title="face ? face.name : 'A new face'"
    :act="face ? 'Save' : 'Add and read the skin'"
    :form="form"
    :values="values"
    @cancel="emit('done', null)"
  >
    <v-text-field v-model="values.name" v-first label="Name" :error-messages="at('name')" maxlength="200" />
    <Choices v-model="values.skinType" label="Skin" :options="SKIN_TYPES" />
    <div class="pair">
      <v-select
        v-model="values.coverage"
        label="Wishes for coverage"
        :items="[...COVERAGES]"
        :error-messages="at('coverage')"
      />
      <v-select
        v-model="values.finish"
        label="Wishes for finish"
        :items="[...FINISHES]"
        :error-messages="at('finish')"
      />
      <v-select v-model="values.ageBand" label="Age" :items="[...AGE_BANDS]" :error-messages="at('ageBand')" />
    </div>
    <BookingFields
      v-if="!face"
      :model-value="values.booking ?? null"
      :errors="at"
      @update:model-value="values.booking = $event ?? undefined"
    />
    <v-textarea v-model="values.wishes" label="Wishes" :error-messages="at('wishes')" />
    <v-textarea v-model="values.notes" label="Notes" :error-messages="at('notes')" />
  </RecordForm>
</template>
