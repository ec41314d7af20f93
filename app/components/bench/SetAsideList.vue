<script setup lang="ts">
import type { SetAside } from '#shared/records/record/stored'

/** Records that cannot be used: what is wrong with each, and what would put it right. */
const keeping = useKeeping()
const undo = useUndo()
const workspace = useWorkspace()
async function mend(record: SetAside) {
  if (await undo.attempt(() => keeping.mend(record))) await workspace.load()
}
const WORDS: Record<string, string> = {
  lab: 'the colour',
  inci: 'the ingredients',
  consultation: 'what was asked',
  traits: 'what is known of it',
  priceMinor: 'the price',
  covariance: 'how sure it is',
}
/** A list of every word there is helps nobody here. */
const issueInWords = (message: string) =>
  /^must (?:be one of|hold only):/.test(message) ? 'says a word that Varietas does not know' : message
const fieldInWords = (path: string) =>
  (WORDS[path.split('.')[0]!] ?? path)
    .replace(/\.(\w)/g, ', $1')
    .replace(/\[(\d+)\]/g, (_, i: string) => ` ${Number(i) + 1}`)
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
</script>

<template>
  <ul v-if="keeping.aside.length > 0" class="agenda" data-testid="set-aside">
    <li v-for="record in keeping.aside" :key="`${record.sort} ${record.id}`">
      <span class="sign" aria-hidden="true">!</span>
      <div>
        <b>{{ record.name }} is set aside: it cannot be used as it stands.</b>
        <p v-for="issue in record.issues.slice(0, 3)" :key="issue.path" class="small">
          {{ capital(fieldInWords(issue.path)) }} {{ issueInWords(issue.message) }}.
        </p>
        <p v-for="change in record.proposal ?? []" :key="change.field" class="small">
          {{ capital(fieldInWords(change.field)) }}: {{ change.from }} → {{ change.to }}.
        </p>
      </div>
      <span class="acts">
        <v-btn v-if="record.proposal" color="primary" variant="flat" @click="mend(record)">Put it right so</v-btn>
        <NuxtLink
          v-if="record.record"
          class="act"
          :to="`/kit?mend=${record.id}`"
          :aria-label="`Put ${record.name} right by hand`"
          >By hand</NuxtLink
        >
        <Act
          v-if="record.id"
          :aria-label="`Put ${record.name} away`"
          @click="undo.attempt(() => keeping.putAway(record))"
        >
          Put it away
        </Act>
      </span>
    </li>
  </ul>
</template>

<style scoped>
li {
  grid-template-columns: 64px minmax(0, 1fr) 150px;
  padding: 8px 0;
  overflow-wrap: anywhere;
}
.acts {
  display: grid;
  gap: 4px;
  justify-items: start;
}
@media (max-width: 760px) {
  li {
    grid-template-columns: 28px minmax(0, 1fr);
  }
  .acts {
    grid-column: 2;
  }
}
</style>
