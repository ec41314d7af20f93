<script setup lang="ts">
import { CONSENTS, type Consent } from '#shared/records/method/consultation'
import type { Face } from '#shared/records/people/faces'

/** What they agreed to, and the way to forget them for good. */
const props = defineProps<{ face: Face }>()
const faces = useFaces()
const undo = useUndo()
const asking = ref(false)
const answer = (part: { keepRecord?: Consent; keepPictures?: Consent }) =>
  undo.attempt(() => faces.answer(props.face.id, part))
</script>

<template>
  <section class="flow">
    <h2>Consent</h2>
    <Choices
      :model-value="face.consultation.keepRecord"
      label="To keep this record"
      :options="CONSENTS"
      @update:model-value="answer({ keepRecord: $event! })"
    />
    <Choices
      :model-value="face.consultation.keepPictures"
      label="To keep pictures"
      :options="CONSENTS"
      @update:model-value="answer({ keepPictures: $event! })"
    />
    <p v-if="face.consultation.keepRecord === 'refused'" role="status">
      <b>They do not want a record: forget them once the work is done.</b>
    </p>
    <p>
      <a class="act" :href="`/api/faces/${face.id}/record`" download>A copy of this record, for them</a>
      <Act @click="asking = true">Forget this person …</Act>
    </p>
    <FormDialog v-model="asking" label="Forget this person" wide>
      <ForgetPerson :face="face" @stay="asking = false" />
    </FormDialog>
  </section>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
