<script setup lang="ts">
import type { JobBag } from '#shared/records/days/bags'
import type { Job } from '#shared/records/days/jobs'
import { packedKey } from '#shared/dayTicks'
import { api } from '~/asking/api'
import { useTicks } from '~/composables/useTicks'

/** What goes, pouch by pouch, to be ticked off with one thumb; ticks are kept here while the server is out of reach. */
const { job } = defineProps<{ job: Job }>()
definePageMeta({ standsAlone: true })
useHead({ title: () => `Packing, ${job.name}` })
const asked = useAsked(
  () => job.id,
  (id, signal) => api('get', '/api/jobs/:id/bag', { id }, { signal }),
)
const { value: bag } = asked
const { done, unsent, away, tick, tell } = useTicks(job.id)
const isIn = (unitId: string) => done.value.has(packedKey(unitId))
const open = ref(false)
const pouches = computed(() => (bag.value ? packedBy(bag.value) : []))
/** Pouches as they come out; what is loose in a case lies under them. */
function packedBy({ places, goes }: JobBag) {
  const roots = places.flatMap((p, i) => (p.depth === 0 ? [i] : []))
  const inOrder = roots.flatMap((at, k) => [...places.slice(at + 1, roots[k + 1]), places[at]!])
  return inOrder.flatMap(place => {
    const lines = goes.filter(g => g.to === place.id)
    return lines.length > 0 ? [{ place, lines }] : []
  })
}
/** A bag that was kept by an older version knows nothing of the place. */
const minded = computed(() => (bag.value && 'venue' in bag.value ? mindedInWords(bag.value.venue) : []))
const all = computed(() => pouches.value.flatMap(p => p.lines))
const packed = computed(() => all.value.filter(l => isIn(l.unitId)).length)
const along = useKeptAlong(() => job.id)
const print = () => window.print()
</script>

<template>
  <div class="list">
    <Answer :asked="asked" waiting="Looking what everybody’s plan takes" refused="The list could not be made." keeps>
      <PageHead
        data-testid="answer"
        :title="packed === all.length ? 'Everything is in.' : `${packed} of ${all.length} are in.`"
        ><span role="status"
          ><template v-if="away && unsent > 0"
            >The server does not answer; {{ plural(unsent, 'tick') }} kept here until it does.
            <Act @click="tell">Try again</Act></template
          >
          <template v-else-if="away">The server does not answer; what you tick is kept here.</template>
          <template v-else>In the order it comes out, pouch by pouch.</template></span
        ><template #acts
          ><v-checkbox v-model="open" label="Only what is not in" hide-details />
          <v-btn variant="outlined" @click="print">Print</v-btn></template
        ></PageHead
      >
      <section v-if="minded.length > 0" class="small" aria-label="To mind at this place">
        <p v-for="line in minded" :key="line" class="minded">{{ line }}</p>
      </section>
      <section v-for="{ place, lines } in pouches" :key="place.id" :aria-label="place.name">
        <h2 class="free">
          {{ place.name }}
          <span class="small num">{{ lines.filter(l => isIn(l.unitId)).length }} of {{ lines.length }}</span>
        </h2>
        <ul class="bare">
          <li v-for="l in open ? lines.filter(x => !isIn(x.unitId)) : lines" :key="l.unitId">
            <label>
              <input
                type="checkbox"
                :checked="isIn(l.unitId)"
                @change="tick(packedKey(l.unitId), ($event.target as HTMLInputElement).checked)"
              />
              <span class="free" :class="{ in: isIn(l.unitId) }">{{ packedInWords(l) }}</span>
              <span v-if="!l.isAlong" class="small">from home</span>
            </label>
          </li>
        </ul>
      </section>
      <KeptHere :along="along" :unsent="0" />
    </Answer>
  </div>
</template>

<style scoped>
.minded {
  margin: 4px 0 0;
  max-width: 80ch;
}
.list {
  max-width: 900px;
}
h2 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  border-bottom: 1px solid var(--ink);
  margin-top: 20px;
  padding-bottom: 4px;
}
ul {
  columns: 2 280px;
  column-gap: 32px;
}
li {
  break-inside: avoid;
  border-bottom: 1px solid var(--line);
}
label {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  cursor: pointer;
}
input {
  width: 22px;
  height: 22px;
  accent-color: var(--accent);
  flex: none;
}
.in {
  text-decoration: line-through;
  color: var(--muted);
}
@media print {
  label {
    min-height: 24px;
  }
}
</style>
