<script setup lang="ts">
import { everyone } from '#core/complexion/skins/population'
import { MILD_ONLY, type ChainWithout } from '#core/plan/chainForEveryone'
import { SUBSTANCES } from '#core/ingredients/substances'
import { slotPlan } from '#core/asked/slots'
import { api } from '~/asking/api'
import { plainShelf } from '~/asking/plainShelf'
import type { Column } from '~/words/columns'

/** Whether somebody who reacts to something can be made up from bare skin to the end, and how many skins are matched then. */
const kit = useKit()
const clientele = useClientele()
const settings = useSettings()
const task = useComplexionWorker()
const open = ref(false)
const asked = ref<string[]>([])

/** Who declared what, by the word it was declared with. */
const declaredBy = computed(() => {
  const by = new Map<string, string[]>()
  for (const face of clientele.faces) {
    for (const word of face.sensitivities) by.set(word, [...(by.get(word) ?? []), face.name])
    if (face.mildOnly) by.set(MILD_ONLY, [...(by.get(MILD_ONLY) ?? []), face.name])
  }
  return by
})
const choices = computed(() => SUBSTANCES.map(s => s.label).filter(label => !chains.value.some(c => c.label === label)))
const slots = (ids: ChainWithout['lacking']) => listInWords(ids.map(id => slotPlan(id).name.toLowerCase()))
const stateOf = (c: ChainWithout) =>
  c.lacking.length > 0 ? 'broken' : c.unread.length > 0 || c.unreadBottles > 0 ? 'unread' : 'whole'
const broken = computed(() => chains.value.filter(c => c.lacking.length > 0))
const ANSWER = { whole: 'a whole chain', unread: 'whole, if the packs agree', broken: 'no whole chain' } as const

const awayInWords = (names: readonly string[]) =>
  names.length === 0
    ? 'nothing'
    : listInWords(names.length > 4 ? [...names.slice(0, 3), `${names.length - 3} more`] : names)

const found = useAsked(
  () => (open.value ? [declaredBy.value, asked.value] : null),
  ([by, more], signal) => {
    const people = [...by.keys()].filter(w => w !== MILD_ONLY).sort()
    const declared = [...people, MILD_ONLY, ...more]
    return api('post', '/api/kit/chains', {}, { body: { declared }, quiet: true, signal })
  },
)
const chains = computed((): readonly ChainWithout[] => found.value.value ?? [])
const counted = useAsked(
  () => (found.value.value ? [found.value.value, kit.shelf, settings.options] : null),
  ([all, shelf, options], signal) =>
    task.run(
      (work, report) =>
        work.sharesOfParts(
          plainShelf(shelf),
          all.map(c => [...c.bottleIds]),
          everyone(),
          { ...options },
          report,
        ),
      signal,
    ),
  { afterActs: false, fresh: true },
)
const shares = computed(() => counted.value.value ?? [])
const state = computed(() => (found.state.value === 'ready' ? counted.state.value : found.state.value))
const compute = () => (found.state.value === 'ready' ? counted.again() : found.again())
const add = (label: string | null) => {
  if (label) asked.value = [...asked.value, label]
}
const COLUMNS: Column<(typeof chains.value)[number]>[] = [
  { key: 'without', text: 'Without', names: true },
  { key: 'has', text: 'The kit has' },
  { key: 'skins', text: 'Skins matched', class: 'num' },
  { key: 'away', text: 'Stays away', class: 'wide small', of: c => awayInWords(c.away) },
]
</script>

<template>
  <details :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>A chain for everyone: who reacts to something</summary>
    <div v-if="open" class="flow">
      <p data-testid="chains">
        <b>{{
          broken.length === 0
            ? 'Nobody has to go without.'
            : `No whole chain without ${listInWords(broken.map(c => c.label))}.`
        }}</b>
        From bare skin to the end, with what the kit holds today.
      </p>
      <Computing
        :state="state"
        what="Mixing without them"
        :done="task.progress.value"
        @stop="counted.stop()"
        @again="compute"
      />
      <Ledger caption="Sensitivities, and whether the kit has a chain without them" :columns="COLUMNS" :lines="chains">
        <template #without="{ line }"
          >{{ line.label }}<br /><span class="small">{{
            declaredBy.has(line.declared) ? listInWords(declaredBy.get(line.declared)!) : 'nobody yet'
          }}</span></template
        >
        <template #has="{ line: c }">
          <span class="sign" :class="stateOf(c)" aria-hidden="true" /> <b>{{ ANSWER[stateOf(c)] }}</b>
          <span v-if="c.lacking.length > 0" class="small"
            ><br />nothing for {{ slots(c.lacking) }}. <NuxtLink to="/buys">See Buys</NuxtLink></span
          >
          <span v-if="c.unread.length > 0" class="small"
            ><br />no list on record for anything in {{ slots(c.unread) }}: read the packs</span
          >
          <span v-if="c.unreadBottles > 0" class="small"
            ><br />{{ plural(c.unreadBottles, 'bottle') }} without a list: read the pack</span
          >
        </template>
        <template #skins="{ index }"
          >{{ state === 'ready' && shares[index] ? `${shares[index].matched} of ${shares[index].total}` : '…'
          }}<span class="phone"> skins</span></template
        >
      </Ledger>
      <v-autocomplete
        :model-value="null"
        label="And without …"
        :items="choices"
        class="more"
        @update:model-value="add"
      />
      <p class="small">
        Read from the lists you gave; labels change. Somebody who has reacted before belongs to a doctor’s advice first,
        and a patch test proves nothing for good.
      </p>
    </div>
  </details>
</template>

<style scoped>
p {
  margin: 0;
}
.ledger :deep(:is(td, th[scope='row'])) {
  padding-top: 4px;
  padding-bottom: 4px;
}
.ledger :deep(th) .small {
  font-weight: 400;
}
.sign {
  display: inline-block;
  width: 14px;
  height: 14px;
  border: 1px solid var(--ink);
  vertical-align: -2px;
}
.whole {
  background: var(--ink);
}
.unread {
  border-radius: 50%;
  border-width: 2px;
}
.broken {
  background: repeating-linear-gradient(135deg, var(--ink) 0 1.5px, transparent 1.5px 5px);
}
.more {
  max-width: 320px;
}
.phone {
  display: none;
}
@media (max-width: 760px) {
  .ledger :deep(thead) {
    display: none;
  }
  .phone {
    display: inline;
  }
  .ledger :deep(tr) {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    border-bottom: 1px solid var(--line);
    padding: 6px 0;
  }
  .ledger :deep(:is(td, th[scope='row'])) {
    border: 0;
    height: auto;
    padding: 2px 0;
  }
  .ledger :deep(.num) {
    grid-area: 1 / 2;
    white-space: nowrap;
  }
  .ledger :deep(td:not(.num, .wide)) {
    grid-column: 1 / -1;
  }
}
</style>
