<script setup lang="ts">
import { BagInput, type BagLine } from '#shared/records/days/bags'
import type { Job } from '#shared/records/days/jobs'
import { api } from '~/asking/api'

/** What goes to the job: the core kit with its changes, as the case stands packed. */
const { job } = defineProps<{ job: Job }>()
useHead({ title: () => `Bag, ${job.name}` })
const jobs = useJobs()
const undo = useUndo()
const asked = useAsked(
  () => job.id,
  (id, signal) => api('get', '/api/jobs/:id/bag', { id }, { signal }),
)
const { value: packed } = asked
const { value: lists } = useAsked(
  () => 'standing lists',
  (_all, signal) => api('get', '/api/standing-lists', {}, { signal }),
)
const settings = useSettings()
const money = (minor: number) => formatMoney(minor, settings.value.currency)

const chosenId = ref<string | null>(null)
const chosen = computed(() => packed.value?.goes.find(g => g.unitId === chosenId.value) ?? null)
const called = computed(() => calledBy(packed.value?.faces ?? []))
const nameOf = (id: string) => called.value(id)
const placeOf = (id: string | null) => packed.value?.places.find(p => p.id === id)?.name ?? 'no place yet'
const bring = computed(() => packed.value?.goes.filter(g => !g.isAlong) ?? [])
const busy = ref(false)
async function act(work: () => Promise<unknown>) {
  busy.value = true
  await undo.attempt(work)
  busy.value = false
}
const set = (more: Partial<BagInput>) =>
  act(() => jobs.pack(job.id, Object.assign(new BagInput(), { ...job.bag, version: job.version, ...more })))
const choose = (line: BagLine) => (chosenId.value = chosenId.value === line.unitId ? null : line.unitId)
async function leave(ids: readonly string[]) {
  await act(() => jobs.leave(job.id, ids))
  chosenId.value = null
}
const print = () => window.print()
const cores = computed(() => (lists.value ?? []).map(l => ({ value: l.id, title: l.name })))
const handled = (handling: BagLine['handling'][number]) =>
  packed.value?.goes.filter(g => g.handling.includes(handling)) ?? []
</script>

<template>
  <div>
    <Answer
      v-slot="{ answer: bag }"
      :asked="asked"
      waiting="Looking what everybody’s plan takes"
      refused="The bag could not be worked out."
    >
      <PageHead data-testid="answer" :title="bagInWords(bag)"
        >In the order it comes out; what a plan or the day needs has a strong edge.
        <template v-if="bag.unplanned.length > 0"
          >{{ listInWords(bag.unplanned.map(nameOf)) }} cannot be packed for: not read yet.</template
        ><template #acts><v-btn variant="outlined" @click="print">Print</v-btn></template></PageHead
      >
      <div class="asked no-print">
        <Choices
          :model-value="job.bag.carrying"
          label="How much to carry"
          :options="CARRYING_WORDS"
          @update:model-value="set({ carrying: $event })"
        />
        <v-select
          v-if="cores.length > 0"
          :model-value="job.bag.listId ?? null"
          label="Core"
          :items="cores"
          clearable
          hide-details
          @update:model-value="set({ listId: $event })"
        />
        <v-checkbox
          :model-value="job.bag.cabin"
          label="By air, in the cabin"
          hide-details
          @update:model-value="set({ cabin: $event === true })"
        />
      </div>
      <div class="answer">
        <BagCase :places="bag.places" :goes="bag.goes" :chosen="chosenId" @choose="choose" />
        <aside>
          <section v-if="chosen" aria-labelledby="one" class="one no-print">
            <h2 id="one" class="free">{{ packedInWords(chosen) }}</h2>
            <p>
              {{ capital(goesBecause(chosen)) }}; {{ kilos(chosen.massG) }}, in {{ placeOf(chosen.to)
              }}{{ chosen.isAlong ? '' : ' once it is brought' }}.
            </p>
            <p v-for="h in chosen.handling" :key="h" class="small">{{ capital(HANDLING_WORDS[h]) }}.</p>
            <h3>Left at home</h3>
            <p v-if="breaksInWords(chosen.breaks, nameOf).length === 0">Nothing breaks.</p>
            <p v-for="line in breaksInWords(chosen.breaks, nameOf)" :key="line">{{ line }}</p>
            <Act :disabled="busy" @click="leave([chosen.unitId])">Leave it at home</Act>
            <NuxtLink class="act" :to="`/kit/${chosen.unitId}`">Its page</NuxtLink>
          </section>
          <section v-for="o in bag.over" :key="o.placeId" :aria-labelledby="`over-${o.placeId}`">
            <h2 :id="`over-${o.placeId}`" class="free">{{ overInWords(o).what }}</h2>
            <p>{{ overInWords(o).why }}</p>
            <template v-if="o.leave.length > 0">
              <p>
                The least loss{{ o.proven ? ', proven' : ' found' }}: {{ plural(o.leave.length, 'thing') }},
                {{ kilos(o.leaveG) }}.
              </p>
              <ul class="bare rows">
                <li v-for="l in o.leave" :key="l.unitId">
                  <span class="free">{{ packedInWords(l) }}</span>
                  <span class="num">{{ kilos(l.massG) }}</span>
                </li>
              </ul>
              <v-btn class="no-print" variant="outlined" :loading="busy" @click="leave(o.leave.map(l => l.unitId))"
                >Leave them at home</v-btn
              >
            </template>
          </section>
          <section v-for="f in bag.full" :key="f.placeId" :aria-labelledby="`full-${f.placeId}`">
            <h2 :id="`full-${f.placeId}`" class="free">{{ f.name }} does not close</h2>
            <p>{{ easedInWords(f, bag.places) }}</p>
          </section>
          <p v-if="bag.full.some(f => f.move.length > 0)" class="no-print">
            <Act :disabled="busy" @click="act(() => jobs.ease(job.id))">Lay them there</Act>
          </p>
          <section v-if="bag.buried.length > 0" aria-labelledby="bottom">
            <h2 id="bottom">What comes first lies at the bottom</h2>
            <p v-for="b in bag.buried" :key="b.placeId">{{ buriedInWords(b) }}</p>
            <Act class="no-print" :disabled="busy" @click="act(() => jobs.lay(job.id))">Lay it in the order of use</Act>
          </section>
          <section v-if="bring.length > 0" aria-labelledby="to-bring">
            <h2 id="to-bring">To bring</h2>
            <ul class="bare rows">
              <li v-for="l in bring" :key="l.unitId">
                <span class="free">{{ packedInWords(l) }}</span> <span class="small">into {{ placeOf(l.to) }}</span>
              </li>
            </ul>
            <Act class="no-print" :disabled="busy" @click="act(() => jobs.bring(job.id))">All of it is packed</Act>
          </section>
          <section v-if="bag.decant.length > 0" aria-labelledby="decant">
            <h2 id="decant">In small vessels</h2>
            <p>{{ decantInWords(bag.decant) }}</p>
            <ul class="bare rows">
              <li v-for="d in bag.decant" :key="d.unitId">
                <span>
                  <span class="free">{{ d.name }}</span><span class="small vessel">{{ vesselInWords(d) }}</span>
                </span>
                <Act
                  class="no-print"
                  :aria-label="`${d.name} is decanted`"
                  :disabled="busy"
                  @click="act(() => jobs.decant(job.id, [d.unitId]))"
                  >Decanted</Act
                >
              </li>
            </ul>
            <p class="small">{{ carefulInWords(bag.decant) }}</p>
            <Act
              v-if="bag.decant.length > 1"
              class="no-print"
              :disabled="busy"
              @click="
                act(() =>
                  jobs.decant(
                    job.id,
                    bag!.decant.map(d => d.unitId),
                  ),
                )
              "
              >All of them</Act
            >
          </section>
          <section v-if="bag.lacking.length > 0" aria-labelledby="lacking">
            <h2 id="lacking">Not there</h2>
            <ul class="bare">
              <li v-for="l in bag.lacking" :key="l.key">
                <h3 class="free">{{ capital(l.name) }}</h3>
                <p>{{ lackInWords(l, nameOf) }}</p>
                <p v-if="l.offer" class="small">
                  {{ l.offer.count > 1 ? `${l.offer.count} × ` : '' }}{{ l.offer.name }},
                  {{ money(l.offer.priceMinor) }}
                </p>
                <p v-else class="small">Nobody here sells any.</p>
                <Act
                  class="no-print"
                  :aria-label="`Do without ${l.name}`"
                  :disabled="busy"
                  @click="set({ without: [...job.bag.without, l.key] })"
                  >Do without</Act
                >
              </li>
            </ul>
            <Act
              v-if="bag.lacking.some(l => l.offer)"
              class="no-print"
              :disabled="busy"
              @click="act(() => jobs.buyLacking(job.id))"
              >Put it on the purchase list</Act
            >
          </section>
          <section v-if="bag.without.length > 0" aria-labelledby="without">
            <h2 id="without">Done without this time</h2>
            <ul class="bare rows">
              <li v-for="w in bag.without" :key="w.key">
                <span class="free">{{ capital(w.name) }}</span>
                <Act
                  class="no-print"
                  :aria-label="`Ask for ${w.name} again`"
                  :disabled="busy"
                  @click="set({ without: job.bag.without.filter(key => key !== w.key) })"
                  >Ask for it again</Act
                >
              </li>
            </ul>
          </section>
          <section v-if="bag.takeOut.length > 0" aria-labelledby="out" class="no-print">
            <h2 id="out">To take out</h2>
            <ul class="bare rows">
              <li v-for="t in bag.takeOut" :key="t.unitId">
                <span class="free">{{ packedInWords(t) }}</span> <span class="small">{{ outBecause(t) }}</span>
              </li>
            </ul>
            <Act :disabled="busy" @click="act(() => jobs.takeOut(job.id))">Take all of it out</Act>
          </section>
          <section v-if="bag.left.length > 0" aria-labelledby="left" class="no-print">
            <h2 id="left">Stays at home this time</h2>
            <ul class="bare rows">
              <li v-for="l in bag.left" :key="l.unitId">
                <span class="free">{{ l.name }}</span>
                <Act
                  :aria-label="`Take ${l.name} along after all`"
                  :disabled="busy"
                  @click="set({ leave: job.bag.leave.filter(id => id !== l.unitId) })"
                  >Take it after all</Act
                >
              </li>
            </ul>
          </section>
          <section v-if="handled('flammable').length > 0 || bag.cabinMl !== null" aria-labelledby="mind">
            <h2 id="mind">To mind on the way</h2>
            <p v-if="handled('flammable').length > 0">
              {{ listInWords(handled('flammable').map(g => g.name)) }}: {{ HANDLING_WORDS.flammable }}.
            </p>
            <template v-if="bag.cabinMl !== null">
              <p v-if="handled('not in a cabin').length > 0">
                {{ listInWords(handled('not in a cabin').map(g => g.name)) }}: {{ HANDLING_WORDS['not in a cabin'] }}.
              </p>
              <p>
                Liquids in small vessels come to {{ litres(bag.cabinMl) }}; the usual limit is one litre in one clear
                bag. Airline and airport have the last word.
              </p>
            </template>
          </section>
        </aside>
      </div>
    </Answer>
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 320px);
  gap: 36px;
  align-items: start;
}
aside h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
aside p {
  margin: 6px 0;
}
aside .act {
  padding-left: 0;
}
@media (max-width: 900px) {
  .answer {
    grid-template-columns: minmax(0, 1fr);
  }
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
  align-items: end;
  margin: 8px 0 4px;
}
.asked :deep(.v-select) {
  max-width: 240px;
}
aside section {
  margin-bottom: 22px;
}
.one {
  position: sticky;
  top: 64px;
  z-index: 1;
  background: var(--ground, rgb(var(--v-theme-background)));
  border-bottom: 2px solid var(--ink);
  padding-bottom: 6px;
}
@media (max-width: 900px) {
  .one {
    position: fixed;
    inset: auto 0 0;
    margin: 0;
    padding: 10px 16px calc(10px + env(safe-area-inset-bottom));
    border-top: 2px solid var(--ink);
    max-height: 45vh;
    overflow: auto;
  }
}
.vessel {
  display: block;
}
.rows li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
</style>
