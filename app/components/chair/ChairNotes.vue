<script setup lang="ts">
import type { ChairNote } from '#shared/dayTicks'
import type { Consent } from '#shared/records/method/consultation'
import { drawnAnew } from '~/asking/pixelsOf'

/** Notes on a face in the chair and a picture of it when finished: both are kept on the device while the server is away. */
const props = defineProps<{
  jobId: string
  bookingId: string
  faceId: string
  name: string
  notes: readonly ChairNote[]
  keepPictures: Consent
  /** A moment as the clock shows it where the job is. */
  clock: (at: string) => string
}>()
const emit = defineEmits<{ note: [text: string]; takeBack: [key: string] }>()
const LONGEST_SIDE = 2048
const pictures = useChairPictures()
const text = ref('')
const problem = ref('')
const draft = useDraft(`note:${props.bookingId}`, reactive({ text }))
function keep() {
  if (!text.value.trim()) return
  emit('note', text.value.trim())
  text.value = ''
  draft.done()
}
const mine = computed(() => pictures.waiting.filter(p => p.faceId === props.faceId))
const busy = ref(false)
async function take(event: Event) {
  const input = event.target as HTMLInputElement
  busy.value = true
  problem.value = ''
  for (const file of input.files ?? []) {
    try {
      await pictures.take(props.jobId, props.faceId, await drawnAnew(file, LONGEST_SIDE))
    } catch (refused) {
      problem.value = (refused as Error).message
    }
  }
  busy.value = false
  input.value = ''
}
</script>

<template>
  <section :aria-label="`Notes about ${name}`">
    <h2>Noticed</h2>
    <ul v-if="notes.length > 0" class="bare">
      <li v-for="n in notes" :key="n.key">
        <span class="num small">{{ clock(n.at) }}</span> <span class="free">{{ n.text }}</span>
        <Act :aria-label="`Take back: ${n.text}`" @click="emit('takeBack', n.key)">Take back</Act>
      </li>
    </ul>
    <form @submit.prevent="keep">
      <v-textarea
        v-model="text"
        :label="`What to remember of ${name}`"
        rows="1"
        auto-grow
        maxlength="500"
        hide-details
      />
      <v-btn type="submit" variant="outlined" size="large" :disabled="!text.trim()">Keep it</v-btn>
    </form>
    <p class="small">It goes on the card when the job is closed, as what to change.</p>
    <p v-if="keepPictures === 'refused'" class="small">
      <b>{{ name }} does not want pictures kept.</b>
    </p>
    <template v-else>
      <label class="picture">
        <span>{{ busy ? 'Keeping it …' : 'Take a picture' }}</span>
        <input
          type="file"
          accept="image/*"
          capture="environment"
          :aria-label="`Take a picture of ${name}`"
          :disabled="busy"
          @change="take"
        />
      </label>
      <p class="small">
        {{ keepPictures === 'agreed' ? `${name} agreed to it.` : 'Ask first.' }} It stays with your own data, without
        where it was taken.
      </p>
    </template>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <ul v-if="mine.length > 0" class="bare waiting" aria-label="Pictures kept on this device">
      <li v-for="(p, i) in mine" :key="p.id">
        <img :src="p.url" :alt="`Picture ${i + 1} of ${name}`" />
        <span class="small">{{ p.refused || 'kept on this device until the server answers' }}</span>
        <Act :aria-label="`Throw away picture ${i + 1}`" @click="pictures.letGo(p.id)">Throw away</Act>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: end;
  margin-top: 8px;
}
.picture {
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 16px;
  margin-top: 8px;
  border: 1px solid var(--ink);
  cursor: pointer;
}
.picture:focus-within {
  outline: 2px solid var(--accent);
  outline-offset: 2px;
}
.picture input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.waiting img {
  display: block;
  width: 96px;
  height: 96px;
  object-fit: cover;
}
p {
  margin: 4px 0;
}
</style>
