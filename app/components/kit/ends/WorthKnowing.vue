<script setup lang="ts">
import { formatISO, parseISO, subMonths } from 'date-fns'
import type { Datum } from '#core/plan/worthKnowing'
import type { Family } from '#core/complexion/bottles/product'
import type { BookedFace, OpenSince } from '#shared/records/kit/ahead'
import { today } from '#shared/today'
import type { OpenDatum } from '~/composables/useWorthKnowing'

/** Missing data that would change an answer, and only those: one tap for each. */
const { open, booked } = defineProps<{ open: readonly OpenSince[]; booked: readonly BookedFace[] }>()
const board = useBoard()
const kit = useKit()
const undo = useUndo()
const { asked, done, of, state, problem, partly, look, stop, told } = useWorthKnowing()
const FACES = 8
const FEW = 6
const all = ref(false)
const shown = computed(() => (all.value ? open : open.slice(0, FEW)))

const SINCE: readonly (readonly [words: string, months: number])[] = [
  ['this month', 0],
  ['3 months ago', 3],
  ['6 months ago', 6],
  ['a year ago', 12],
]
const before = (months: number) => formatISO(subMonths(parseISO(today()), months), { representation: 'date' })
const opened = ({ id }: OpenSince, openedOn: string) =>
  undo.attempt(async () => {
    const t = board.things.get(id)
    if (!t) return
    const { size, measure, level, count, priceMinor, expiresOn, notes, placeId, label, role } = t
    await kit.changeUnit(id, {
      sizeMl: size,
      measure,
      level,
      count,
      priceMinor,
      expiresOn,
      notes,
      placeId,
      label,
      role,
      openedOn,
    })
  })

/** What is asked, in words. */
const WHAT: Record<Datum, string> = {
  'base': 'what its base is',
  'sun filter': 'whether it has a sun filter',
  'ingredients': 'what is in it',
  'how long it lasts': 'how long it lasts',
  'colour': 'its colour',
}
const ANSWERS: Partial<Record<Datum, readonly (readonly [words: string, value: string])[]>> = {
  'base': [
    ['silicone', 'silicone'],
    ['water', 'water'],
    ['oil', 'oil'],
  ],
  'sun filter': [
    ['none', 'none'],
    ['mineral', 'mineral'],
    ['another', 'organic'],
  ],
  'how long it lasts': [
    ['4 hours', '4'],
    ['8 hours', '8'],
    ['12 hours', '12'],
  ],
}
async function tell(one: OpenDatum, value: string) {
  const isDone = await undo.attempt(async () => {
    const { traits } = await kit.open(one.id)
    if (one.datum === 'base') await kit.changeAll([{ id: one.id, family: value as Family }])
    else if (one.datum === 'sun filter') {
      const filter = value as 'none' | 'mineral' | 'organic'
      const spf = value === 'none' ? 0 : USUAL_SPF
      await kit.changeAll([{ id: one.id, traits: { ...traits, filter, spf } }])
    } else await kit.changeAll([{ id: one.id, traits: { ...traits, wearHours: Number(value) } }])
  })
  if (isDone) told(one)
}
// What a base with a filter commonly says; the exact figure stands on the pack.
const USUAL_SPF = 30
const unitOf = (productId: string) => [...board.things.values()].find(t => t.productId === productId)?.id
const said = ({ changes }: OpenDatum) =>
  changes
    .slice(0, 3)
    .map(c => `${c.value}: ${c.words}${c.face === null ? '' : ` for ${c.face}`}`)
    .join('; ')
</script>

<template>
  <section aria-labelledby="worth">
    <h2 id="worth">Worth knowing</h2>
    <p v-if="open.length === 0" class="small">Of everything that is open it is noted since when.</p>
    <ul class="bare swatched">
      <li v-for="o in shown" :key="o.id">
        <Swatch v-if="o.lab" :lab="o.lab" :size="26" />
        <span v-else />
        <div>
          <p>
            <NuxtLink :to="`/kit/${o.id}`">{{ o.name }}</NuxtLink>
            <span class="small">
              is open, and keeps {{ plural(o.paoMonths, 'month') }}: opened before {{ dateInWords(o.pastIfBefore) }} it
              has to go. Since when?</span
            >
          </p>
          <p class="no-print">
            <Act
              v-for="[words, months] in SINCE"
              :key="words"
              :aria-label="`${o.name}: opened ${words}`"
              @click="opened(o, before(months))"
              >{{ words }}</Act
            >
          </p>
        </div>
      </li>
    </ul>
    <Act v-if="open.length > FEW && !all" class="no-print" @click="all = true"
      >{{ open.length - FEW }} more open ones</Act
    >

    <h3>For the faces that are booked, and for what the kit matches</h3>
    <p v-if="booked.length === 0" class="small">Nobody is booked: only what the kit matches is looked at.</p>
    <p v-if="state === 'idle'">
      <v-btn variant="outlined" class="no-print" @click="look(booked.slice(0, FACES))">What would change a plan</v-btn>
    </p>
    <p v-else-if="state === 'working'" role="status">
      {{ done }} of {{ plural(of, 'face') }} looked at … <Act @click="stop">Stop</Act>
    </p>
    <template v-else>
      <p class="small" role="status">
        {{
          asked.length === 0
            ? `Nothing that is not known would change a plan of the ${plural(done, 'face')} looked at.`
            : `${plural(done, 'face')} looked at: each plan was made again for every answer.`
        }}
        <template v-if="partly.length > 0"
          >Not to the end: {{ partly.join(', ') }}{{ problem ? `. ${problem}` : '.' }}</template
        >
        <Act class="no-print" @click="look(booked.slice(0, FACES))">Look again</Act>
      </p>
    </template>
    <ul class="bare swatched">
      <li v-for="a in asked" :key="`${a.id} ${a.datum}`">
        <span />
        <div>
          <p>
            <NuxtLink :to="`/kit/${unitOf(a.id) ?? ''}`">{{ a.name }}</NuxtLink>
            <span class="small">{{ capital(WHAT[a.datum]) }}? {{ capital(said(a)) }}.</span>
          </p>
          <p class="no-print">
            <Act
              v-for="[words, value] in ANSWERS[a.datum] ?? []"
              :key="value"
              :aria-label="`${a.name}, ${WHAT[a.datum]}: ${words}`"
              @click="tell(a, value)"
              >{{ words }}</Act
            >
            <NuxtLink v-if="!ANSWERS[a.datum]" :to="`/kit/${unitOf(a.id) ?? ''}`"
              >Read the pack and sharpen it</NuxtLink
            >
          </p>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 26px;
}
p {
  margin: 0;
}
h3 {
  margin: 18px 0 6px;
}
</style>
