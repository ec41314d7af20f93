<script setup lang="ts">
import { INCIDENTS, type JobWrap, type ThingIncident, type Incident } from '#shared/records/days/wraps'

/** What ran out, was left behind or broke: found by a few letters, noted with one tap. */
const { along } = defineProps<{ along: JobWrap['along'] }>()
const things = defineModel<ThingIncident[]>({ required: true })
const chosen = ref<string | null>(null)
const choices = computed(() => choicesAlong(along))
const titles = computed(() => new Map(choices.value.map(c => [c.value, c.title])))
function say(what: Incident) {
  if (!chosen.value) return
  const [unitId, fillId] = chosen.value.split(' ')
  const rest = things.value.filter(t => keyAlong(t) !== chosen.value)
  things.value = [...rest, { unitId: unitId!, fillId: fillId ?? null, what }]
  chosen.value = null
}
const forget = (t: ThingIncident) => (things.value = things.value.filter(x => x !== t))
</script>

<template>
  <div>
    <v-autocomplete v-model="chosen" label="Which thing" :items="choices" clearable hide-details />
    <p class="taps">
      <v-btn v-for="w in INCIDENTS" :key="w" variant="outlined" :disabled="!chosen" @click="say(w)">{{
        WENT_WORDS[w]
      }}</v-btn>
    </p>
    <ul v-if="things.length > 0" class="rows" aria-label="What went otherwise">
      <li v-for="t in things" :key="keyAlong(t)">
        <div>
          <b class="free">{{ titles.get(keyAlong(t)) ?? 'Something' }}</b> {{ WENT_WORDS[t.what].toLowerCase() }}.
        </div>
        <Act :aria-label="`Forget ${titles.get(keyAlong(t))}`" @click="forget(t)">Forget it</Act>
      </li>
    </ul>
  </div>
</template>
