<script setup lang="ts">
import { SITES, type Site } from '#core/reading/sites'
import { spread, type Reading } from '#core/reading/reading'
import { READING_SOURCES, ReadingInput, type Face, type ReadingSource } from '#shared/records/people/faces'

/** Reading the skin, one of five ways; each ends in a mean and a spread. */
const props = defineProps<{ face: Face }>()
const emit = defineEmits<{ done: [] }>()
const faces = useFaces()
const source = ref<ReadingSource>('between bottles')
const reading = ref<Reading | null>(null)
const note = ref('')
const site = ref<Site>('jaw')
const tanned = ref(false)
const { submit, problem, busy } = useForm(ReadingInput)
const doubt = computed(() => (reading.value ? spread(reading.value.covariance).L / 4 : 0))

function take(found: Reading | null, words: string) {
  reading.value = found
  note.value = words.slice(0, 500)
}
watch(source, () => take(null, ''))

async function save() {
  if (!reading.value) return
  const input = {
    source: source.value,
    lab: reading.value.mean,
    covariance: [...reading.value.covariance],
    note: note.value,
    site: site.value,
    tanned: tanned.value,
  }
  if (await submit(input, value => faces.addReading(props.face.id, value))) emit('done')
}
</script>

<template>
  <section class="panel" aria-label="Read the skin">
    <Choices
      v-model="source"
      label="Read the skin"
      :options="READING_SOURCES.filter(s => s !== 'verdicts')"
      hide-label
    />
    <div class="where">
      <Choices v-model="site" label="Where on them" :options="SITES" />
      <v-checkbox v-model="tanned" label="with a fake tan on" />
    </div>
    <BetweenBottles v-if="source === 'between bottles'" @reading="take" />
    <EyeTest v-else-if="source === 'eye test'" @reading="take" />
    <FileReading v-else-if="source === 'file'" @reading="take" />
    <MeterReading v-else-if="source === 'simulated meter'" :face-id="face.id" @reading="take" />
    <TypedReading v-else :about="face.id" @reading="take" />
    <FieldPlace v-if="reading" :lab="reading.mean" />
    <p v-if="problem" role="alert">
      <b>{{ problem }}</b>
    </p>
    <div class="at-hand">
      <template v-if="reading">
        <Swatch :lab="reading.mean" :size="44" />
        <p class="found" data-testid="reading">
          <b>{{ placeInWords(reading.mean) }}</b>, give or take
          {{ doubt < 0.1 ? 'less than a tenth' : doubt.toFixed(1) }} of a depth
        </p>
      </template>
      <v-btn color="primary" variant="flat" :disabled="!reading" :loading="busy" @click="save">Keep this reading</v-btn>
      <v-btn variant="text" @click="emit('done')">Not now</v-btn>
    </div>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 14px;
  max-width: 760px;
}
.at-hand {
  flex-wrap: wrap;
  align-items: center;
}
.found {
  flex: 1 1 200px;
  margin: 0 0 0 8px;
}
p {
  margin: 0 0 6px;
}
.where {
  display: flex;
  gap: 24px;
  align-items: end;
  flex-wrap: wrap;
}
</style>
