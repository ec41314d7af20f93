<script setup lang="ts">
import { jobInput, MorningInput, type Job } from '#shared/records/days/jobs'
import type { ReadyCheck } from '~/words/ready'
import { useReady } from '~/composables/useReady'
import { api } from '~/asking/api'

/** What is still open before the day of a job, each with the step that settles it. */
const { job } = defineProps<{ job: Job }>()
const jobs = useJobs()
const undo = useUndo()
const buys = useBuys()
const settings = useSettings()
const { ready, checks, whole, problem, again } = useReady(() => job.id)
const money = (minor: number) => formatMoney(minor, settings.value.currency)
const busy = ref('')
const called = computed(() => calledBy(job.bookings.map(b => ({ id: b.faceId, name: b.faceName }))))
const nameOf = (id: string) => called.value(id)
const said = (check: ReadyCheck) => checkInWords(job, check, money, nameOf)
const keyOf = (check: ReadyCheck) => `${check.is} ${said(check).what}`
async function mend(check: ReadyCheck, work: () => Promise<unknown>) {
  busy.value = keyOf(check)
  await undo.attempt(work)
  busy.value = ''
}
/** The plan anew, as the day asks, in place of what was agreed for another. */
const planAnew = (check: Extract<ReadyCheck, { is: 'against' }>) =>
  mend(check, () =>
    api('post', '/api/faces/:id/plans', { id: check.face.faceId }, { body: { bookingId: check.face.bookingId } }),
  )
const doWithout = (keys: readonly string[]) =>
  jobs.pack(job.id, {
    ...job.bag,
    without: [...new Set([...job.bag.without, ...keys])],
    version: job.version,
  })
const minded = computed(() => (ready.value ? mindedInWords(ready.value.venue) : []))
/** What the stairs take and the morning does not reckon with yet. */
const stairsMin = computed(() => {
  const { setUp } = job.morning
  const short = (ready.value?.venue.stairs?.minutes ?? 0) + new MorningInput().setUp - setUp
  return setUp + short <= LONGEST_SET_UP ? Math.max(0, short) : 0
})
const LONGEST_SET_UP = 240
const addToSetUp = () =>
  undo.attempt(() =>
    jobs.change(job.id, {
      ...jobInput(job),
      morning: { ...job.morning, setUp: job.morning.setUp + stairsMin.value },
    }),
  )
async function buy(check: ReadyCheck) {
  await mend(check, async () => {
    await jobs.buyLacking(job.id)
    await buys.load()
  })
}
</script>

<template>
  <section aria-labelledby="before">
    <h2 id="before" data-testid="ready">
      {{ ready === null || !whole ? 'Before the day' : readyInWords(checks) }}
    </h2>
    <p v-if="problem" role="alert">{{ problem }} <Act @click="again">Try again</Act></p>
    <p v-else-if="ready === null" role="status" class="small">Looking through plans, bag and morning …</p>
    <template v-else>
      <p v-if="!whole" role="status" class="small">Still looking at the morning …</p>
      <p v-else-if="checks.length === 0">
        Everybody is matched, everything that is needed is in the bag in the order of use, and the morning fits.
      </p>
      <ul class="bare lines">
        <li v-for="check in checks" :key="keyOf(check)">
          <h3 class="free">{{ said(check).what }}</h3>
          <p>{{ said(check).why }}</p>
          <p v-if="busy === keyOf(check)" role="status" class="small">Mending …</p>
          <p v-else class="acts no-print">
            <template v-if="check.is === 'unread'">
              <NuxtLink
                v-for="f in check.faces"
                :key="f.faceId"
                class="act"
                :to="`/faces/${f.faceId}?read`"
                :aria-label="`Read ${f.name}`"
                >Read {{ nameOf(f.faceId) }}</NuxtLink
              >
            </template>
            <template v-else-if="check.is === 'unmatched'">
              <template v-for="f in check.faces" :key="f.faceId">
                <NuxtLink class="act" :to="`/buys?must=${f.faceId}`" :aria-label="`What matches ${f.name}`"
                  >What to buy for {{ nameOf(f.faceId) }}</NuxtLink
                >
                <Act
                  :aria-label="`Turn ${f.name} away`"
                  @click="mend(check, () => jobs.removeFace(f.bookingId, f.faceId))"
                  >Turn away</Act
                >
              </template>
            </template>
            <template v-else-if="check.is === 'against'">
              <Act @click="planAnew(check)">Plan anew for this day</Act>
              <NuxtLink class="act" :to="`/faces/${check.face.faceId}/plan`">See the plan</NuxtLink>
            </template>
            <template v-else-if="check.is === 'lacking'">
              <Act v-if="check.sold > 0 && !check.onTheWay" @click="buy(check)">Put it on the purchase list</Act>
              <NuxtLink v-else-if="check.sold > 0" class="act" to="/buys">To the purchase list</NuxtLink>
              <Act v-if="!check.onTheWay" @click="mend(check, () => doWithout(check.keys))">Do without</Act>
              <NuxtLink class="act" :to="`/jobs/${job.id}/together`">What is needed</NuxtLink>
            </template>
            <Act v-else-if="check.is === 'bring'" @click="mend(check, () => jobs.bring(job.id))">Bring all</Act>
            <Act v-else-if="check.is === 'out'" @click="mend(check, () => jobs.takeOut(job.id))">Take out</Act>
            <Act v-else-if="check.is === 'past'" @click="mend(check, () => jobs.leave(job.id, check.ids))"
              >Take out</Act
            >
            <template v-else-if="check.is === 'heavy'">
              <Act
                v-if="check.over.leave.length > 0"
                @click="
                  mend(check, () =>
                    jobs.leave(
                      job.id,
                      check.over.leave.map(l => l.unitId),
                    ),
                  )
                "
                >Leave {{ plural(check.over.leave.length, 'thing') }} at home, {{ kilos(check.over.leaveG) }}</Act
              >
              <NuxtLink class="act" :to="`/jobs/${job.id}/bag`">See which</NuxtLink>
            </template>
            <Act v-else-if="check.is === 'buried'" @click="mend(check, () => jobs.lay(job.id))"
              >Lay it in the order of use</Act
            >
            <NuxtLink v-else-if="check.is === 'morning'" class="act" :to="`/jobs/${job.id}/morning`"
              >To the morning: cut, help, or earlier</NuxtLink
            >
          </p>
        </li>
      </ul>
      <ul v-if="minded.length > 0" class="bare small minded" aria-label="To mind at this place">
        <li v-for="(line, i) in minded" :key="line">
          {{ line }}
          <Act v-if="i === 0 && stairsMin > 0 && !job.wrap" class="no-print" @click="addToSetUp"
            >Add {{ stairsMin }} min to the set-up</Act
          >
        </li>
      </ul>
      <p v-if="ready.single.length > 0" class="small">
        Only one {{ listInWords(ready.single) }}: where it fails, the job stops. A second costs little.
      </p>
    </template>
  </section>
</template>

<style scoped>
h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
li {
  padding: 9px 0;
  border-bottom: 1px solid var(--line);
}
/* In the line it belongs to. */
.minded .act {
  min-height: 24px;
  padding: 0;
}
li p {
  margin: 3px 0 0;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
}
.acts .act {
  padding-left: 0;
}
</style>
