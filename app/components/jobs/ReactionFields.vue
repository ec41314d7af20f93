<script setup lang="ts">
import { REACTIONS, type JobWrap, type ReactionOn, type ReactionWord } from '#shared/records/days/wraps'

/** What somebody reacted to, or what did not hold on them: it goes on the face's record, and the next plan goes by it. */
const { along, faces } = defineProps<{ along: JobWrap['along']; faces: JobWrap['faces'] }>()
const wrong = defineModel<ReactionOn[]>({ required: true })
const chosen = ref<string | null>(null)
const onWhom = ref<string | null>(null)
const note = ref('')
const choices = computed(() => choicesAlong(along))
const titles = computed(() => new Map(choices.value.map(c => [c.value, c.title])))
const nameOf = (bookingId: string) => faces.find(f => f.bookingId === bookingId)?.name ?? 'somebody'
function say(what: ReactionWord) {
  if (!chosen.value || !onWhom.value) return
  const [unitId, fillId] = chosen.value.split(' ')
  const said = { bookingId: onWhom.value, unitId: unitId!, fillId: fillId ?? null, what, note: note.value.trim() }
  wrong.value = [...wrong.value, said]
  chosen.value = null
  note.value = ''
}
const forget = (w: ReactionOn) => (wrong.value = wrong.value.filter(x => x !== w))
</script>

<template>
  <div>
    <v-select
      v-model="onWhom"
      label="On whom"
      :items="faces.map(f => ({ value: f.bookingId, title: f.name }))"
      hide-details
    />
    <v-autocomplete v-model="chosen" class="next" label="What of" :items="choices" clearable hide-details />
    <v-text-field v-model="note" class="next" label="What was seen" maxlength="300" hide-details />
    <p class="taps">
      <v-btn v-for="w in REACTIONS" :key="w" variant="outlined" :disabled="!chosen || !onWhom" @click="say(w)">{{
        WRONG_WORDS[w]
      }}</v-btn>
    </p>
    <p v-if="wrong.some(w => w.what === 'reaction')" class="small">
      What they reacted to is left out of every plan of theirs from now on. A reaction that lasts or spreads belongs
      before a doctor; a swelling face or throat, or trouble breathing, is an emergency.
    </p>
    <ul v-if="wrong.length > 0" class="rows" aria-label="What went wrong on somebody">
      <li v-for="w in wrong" :key="`${w.bookingId} ${keyAlong(w)} ${w.what}`">
        <div>
          <b class="free">{{ nameOf(w.bookingId) }}</b>: {{ titles.get(keyAlong(w)) ?? 'something' }},
          {{ WRONG_WORDS[w.what].toLowerCase() }}<template v-if="w.note">: {{ w.note }}</template
          >.
        </div>
        <Act :aria-label="`Forget ${titles.get(keyAlong(w))} on ${nameOf(w.bookingId)}`" @click="forget(w)"
          >Forget it</Act
        >
      </li>
    </ul>
  </div>
</template>

<style scoped>
.next {
  margin-top: 10px;
}
</style>
