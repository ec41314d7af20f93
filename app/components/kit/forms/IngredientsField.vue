<script setup lang="ts">
import { FLAGS, type IngredientFlag } from '#core/ingredients/flags'
import { readIngredients } from '#core/ingredients/ingredients'
import type { Family } from '#core/complexion/bottles/product'
import { INCI_MOST } from '#core/ingredients/listLength'

/** The ingredient list as on the pack, read as it is typed; what it gets wrong is put right by hand and kept. */
const props = defineProps<{ family: Family; errors: readonly string[] }>()
const inci = defineModel<string>('inci', { required: true })
const fixes = defineModel<Partial<Record<IngredientFlag, boolean>>>('fixes', { required: true })
const emit = defineEmits<{ family: [family: Family] }>()

const read = computed(() => (inci.value.trim() ? readIngredients(inci.value) : null))
const listed = computed(() => new Map(read.value?.flags.map(f => [f.flag, f.because])))
const shown = computed(() => FLAGS.filter(flag => listed.value.has(flag) || fixes.value[flag] === true))
const others = computed(() => FLAGS.filter(flag => !shown.value.includes(flag)))
const added = ref<IngredientFlag>()

function set(flag: IngredientFlag, on: boolean) {
  const { [flag]: _before, ...rest } = fixes.value
  // What the list says anyway needs no correction.
  fixes.value = on === listed.value.has(flag) ? rest : { ...rest, [flag]: on }
}
watch(added, flag => {
  if (flag) set(flag, true)
  added.value = undefined
})
// What a picture or a document leaves when it is read as text.
const NO_TEXT = /[\uFFFD\p{Cc}]/u
const fileProblem = ref('')
async function importFile(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (!file) return
  const text = (await file.slice(0, INCI_MOST * 4).text()).trim()
  const isList = text.length > 0 && text.length <= INCI_MOST && !NO_TEXT.test(text.replace(/\s/g, ' '))
  fileProblem.value = isList
    ? ''
    : `${file.name} is no ingredient list: save the list as plain text, up to ${INCI_MOST} characters.`
  if (isList) inci.value = text
  // So that the same file can be chosen again.
  field.value = ''
}
const isOn = (flag: IngredientFlag) => fixes.value[flag] ?? listed.value.has(flag)
</script>

<template>
  <div class="flow">
    <v-textarea
      v-model="inci"
      label="Ingredient list, as on the pack"
      rows="3"
      auto-grow
      max-rows="8"
      :error-messages="errors"
    />
    <label class="small file">
      or from a text file
      <input type="file" accept=".txt,text/plain" @change="importFile" />
    </label>
    <p v-if="fileProblem" role="alert">
      <b>{{ fileProblem }}</b>
    </p>
    <template v-if="read">
      <p>
        <b>{{
          read.family === 'unknown'
            ? 'The list does not decide the base: say it yourself.'
            : `Reads as a ${read.family} base.`
        }}</b>
        <Act v-if="read.family !== 'unknown' && read.family !== props.family" @click="emit('family', read.family)">
          Take it
        </Act>
        <span class="small">
          {{ plural(read.ingredients.length, 'ingredient')
          }}{{ read.mayContain.length > 0 ? `, ${read.mayContain.length} it may contain` : '' }}.</span
        >
      </p>
      <p class="small">Read from the list you gave; check the pack.</p>
    </template>
    <fieldset v-if="shown.length > 0">
      <legend class="small">Look out for (untick what is wrong)</legend>
      <v-checkbox v-for="flag in shown" :key="flag" :model-value="isOn(flag)" @update:model-value="set(flag, !!$event)">
        <template #label
          ><span
            ><b>{{ flag }}</b> <span class="small">{{ listed.get(flag)?.join(', ') ?? 'added by you' }}</span></span
          ></template
        >
      </v-checkbox>
    </fieldset>
    <v-select v-model="added" label="Add what the list does not say" :items="[...others]" />
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
.file {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  min-height: 44px;
}
</style>
