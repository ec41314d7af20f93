<script setup lang="ts">
import { COVERAGES } from '#core/complexion/product'
import { AGE_BANDS, SKIN_TYPES } from '#core/suitability/face'
import { FINISHES } from '#core/product/item'
import { NewFaceInput, type Face } from '#shared/records/faces'

const props = defineProps<{ face: Face | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const faces = useFaces()
const form = useForm(NewFaceInput)
const { at, problem, busy } = form
const values = reactive<NewFaceInput>({ ...new NewFaceInput(), name: '', ...(props.face ? inputOf(props.face) : {}) })
const draft = useDraft(`face:${props.face?.id ?? 'new'}`, values)
const options = (list: readonly string[]) => list.map(v => ({ value: v, title: v }))

function inputOf({ name, ageBand, skinType, coverage, finish, wishes, notes, version }: Face) {
  return { name, ageBand, skinType, coverage, finish, wishes, notes, version }
}
async function save() {
  let id = props.face?.id ?? null
  const done = await form.submit(values, async input => {
    if (id) await faces.change(id, input)
    else id = (await faces.add(input)).id
  })
  if (done) {
    draft.done()
    emit('done', id)
  }
}
function takeTheirs() {
  const there = form.clash.value as unknown as Face
  faces.put(there)
  Object.assign(values, inputOf(there))
  form.reset()
}
async function keepMine() {
  values.version = (form.clash.value as unknown as Face).version
  await save()
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>{{ face ? face.name : 'A new face' }}</h2>
    <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <Clash v-if="form.clash.value" :mine="values" :today="form.clash.value" @mine="keepMine" @theirs="takeTheirs" />
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
    </div>
    <BookingFields
      v-if="!face"
      :model-value="values.booking ?? null"
      :errors="at"
      @update:model-value="values.booking = $event ?? undefined"
    />
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
