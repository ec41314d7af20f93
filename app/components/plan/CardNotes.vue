<script setup lang="ts">
import type { PlanLine } from '#shared/records/people/plans'

/** What was agreed and what to change; kept when asked to, and when it is left with something new in it. */
const props = defineProps<{ faceId: string; saved: PlanLine }>()
const faces = useFaces()
const plans = usePlans()
const undo = useUndo()

const agreed = ref(props.saved.agreed)
const change = ref(props.saved.change)
const draft = useDraft(`card:${props.faceId}:${props.saved.id}`, reactive({ agreed, change }))
const isNew = computed(() => agreed.value !== props.saved.agreed || change.value !== props.saved.change)
async function keep() {
  const notes = { agreed: agreed.value, change: change.value, version: props.saved.version }
  if (await undo.attempt(() => plans.note(props.faceId, props.saved.id, notes))) draft.done()
}
onBeforeUnmount(() => {
  const isThere = faces.byId.get(props.faceId)?.plans.some(p => p.id === props.saved.id)
  if (isNew.value && isThere) void keep()
})
</script>

<template>
  <form class="flow" @submit.prevent="keep">
    <v-textarea v-model="agreed" label="What was agreed" rows="2" maxlength="1000" />
    <v-textarea v-model="change" label="What to change" rows="2" maxlength="1000" />
    <v-btn type="submit" color="primary" :disabled="!isNew">{{ isNew ? 'Keep these notes' : 'Kept' }}</v-btn>
  </form>
</template>
