<script setup lang="ts">
import type { useRecordForm } from '~/composables/useRecordForm'

/** What every form over a record has around its fields: its name, a draft found, what is wrong, two versions, and its end. */
defineProps<{ title: string; act: string; form: ReturnType<typeof useRecordForm>; values: object }>()
const emit = defineEmits<{ cancel: [] }>()
</script>

<template>
  <form class="form" novalidate @submit.prevent="form.save()">
    <h2>{{ title }}</h2>
    <DraftNote v-if="form.draft.found.value" @discard="form.draft.discard()" />
    <p v-if="form.problem.value" role="alert" class="problem">{{ form.problem.value }}</p>
    <Clash
      v-if="form.clash.value"
      :mine="values"
      :today="form.clash.value"
      @mine="form.keepMine()"
      @theirs="form.takeTheirs()"
    />
    <slot />
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="form.busy.value">{{ act }}</v-btn>
      <v-btn variant="text" @click="emit('cancel')">Cancel</v-btn>
    </div>
  </form>
</template>
