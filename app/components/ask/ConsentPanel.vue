<script setup lang="ts">
import { CONSENTS, type Consent } from '#shared/records/consultation'
import type { Face } from '#shared/records/faces'

/** What they agreed to, and the way to forget them for good. */
const props = defineProps<{ face: Face }>()
const faces = useFaces()
const buys = useBuys()
const undo = useUndo()
const asking = ref(false)
const busy = ref(false)
const answer = (part: { keepRecord?: Consent; keepPictures?: Consent }) =>
  undo.attempt(() => faces.answer(props.face.id, part))

async function forget() {
  busy.value = true
  const gone = await undo.attempt(async () => {
    await faces.forget(props.face.id)
    await buys.loadPurchases()
  })
  busy.value = false
  asking.value = false
  if (gone) await navigateTo('/faces')
}
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
    <FormDialog v-model="asking" label="Forget this person">
      <div class="form">
        <h2>Forget {{ face.name }}?</h2>
        <p>
          Readings, recipes, plans, cards, history, pictures, what they brought and their name in purchase lists are
          erased from the file itself. The backups kept here hold them too: they give way to one new backup without
          them. There is no undo. Copies you keep elsewhere, and what you wrote of them in another face’s notes, stay.
        </p>
        <div class="acts">
          <v-btn color="primary" variant="flat" :loading="busy" @click="forget">Erase everything</v-btn
          ><v-btn v-first variant="text" @click="asking = false">Keep the record</v-btn>
        </div>
      </div>
    </FormDialog>
  </section>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
