<script setup lang="ts">
import { isCosmeticOffer } from '#shared/records/kit/buys'
import { doubles } from '#core/complexion/bottles/doubles'
import { verdictOf } from '#core/complexion/mixing/recipe'
import type { FaceLine } from '#shared/records/people/clientele'
import type { KitLine } from '#shared/records/kit/kit'
import { today } from '#shared/today'

const kit = useKit()
const clientele = useClientele()
const reach = useKeptReach()
const buys = useBuys()
const undo = useUndo()
const keeping = useKeeping()

const matched = computed(() => reach.skins.filter(reach.isReached).length)
/** Faces read and out of reach, the soonest booked first. */
const unmatched = computed(() =>
  clientele.faces.filter(f => {
    const skin = reach.faceSkins.get(f.id)
    return skin && !reach.isReached(skin)
  }),
)
const unread = computed(() => clientele.faces.filter(f => f.lab === null && (f.booking?.day ?? '') >= today()))
const nameOf = (id: string) => kit.byId.get(id)?.shade ?? ''
const onItsWay = (p: KitLine) =>
  buys.purchases.some(list => list.lines.some(l => !l.receivedAt && l.offer.productId === p.id))
const EMPTIES_SHOWN = 8
const { page: empty } = useKitList({ state: 'empty', order: 'shade', limit: EMPTIES_SHOWN })
/** What is empty, with how many saved recipes call for it. */
const empties = computed(() =>
  empty.value.lines
    .filter(p => !onItsWay(p))
    .map(p => ({
      product: p,
      recipes: clientele.value.inRecipes[p.id] ?? 0,
    })),
)
const low = computed(() => kit.usable.filter(p => p.level <= 0.2))
const twice = computed(() => doubles(kit.shelf.products))
const gaps = computed(() => {
  const lost = reach.skins.filter(s => !reach.isReached(s))
  const deep = lost.filter(s => s.failsBy[0] === 'too light')
  const olive = lost.filter(s => s.undertone === 'olive')
  return { lost, deep, olive }
})
const waiting = computed(() => buys.purchases.flatMap(p => p.lines.filter(l => !l.receivedAt)))

/** What a supplier asks for the same product, where none of it is on its way. */
const refillOf = (p: KitLine) => (onItsWay(p) ? undefined : buys.offersOf(p.id)[0])
async function refill(p: KitLine) {
  const offer = refillOf(p)
  if (!offer) return
  const lines = [{ offerId: offer.id, reason: 'A refill: the bottle is empty.' }]
  await undo.attempt(() => buys.accept({ lines, budgetMinor: offer.priceMinor }))
}

const decisions = computed(
  () =>
    keeping.aside.length
    + unmatched.value.length
    + (unread.value.length > 0 ? 1 : 0)
    + empties.value.length
    + (empty.value.next ? 1 : 0)
    + (gaps.value.lost.length > 0 ? 1 : 0)
    + twice.value.length
    + (waiting.value.length > 0 ? 1 : 0),
)
const way = useWayIn()
const skinsMatched = computed(() => `${matched.value} of ${reach.skins.length} skins`)
/** While the kit is being set up, what it can do already; later, what waits. */
const isSettingUp = computed(() => way.step.value !== null && way.guessed.value.length > 0)
const answer = computed(() => {
  if (isSettingUp.value) return `Your kit matches ${skinsMatched.value}.`
  return decisions.value === 0 ? 'Nothing waits for a decision.' : `${plural(decisions.value, 'thing')} to decide.`
})
const matchedInWords = computed(() => {
  if (isSettingUp.value) return 'As sure as the depths of your bottles, which are words so far.'
  const read = reach.faceSkins.size
  const onFaces = read === 0 ? '' : ` and ${read - unmatched.value.length} of the ${read} faces read so far`
  return `The kit matches ${skinsMatched.value}${onFaces}.`
})
const whenBooked = ({ booking }: FaceLine) => (booking ? dayOfWork(booking) : 'not booked')
</script>

<template>
  <div class="bench">
    <LazyWayIn v-if="kit.count === 0 && clientele.value.all === 0" />
    <template v-else>
      <h1 data-testid="answer">
        {{ reach.state === 'ready' ? answer : 'Looking over the kit …' }}
      </h1>
      <p class="lead">
        {{
          reach.state === 'ready' ? matchedInWords : 'Every recipe is being mixed against every skin and every face.'
        }}
      </p>
      <ReachComputing what="Mixing every recipe" />
      <SetAsideList />
      <ol v-if="reach.state === 'ready'" class="agenda">
        <li v-for="f in unmatched" :key="f.id">
          <TouchingFields
            v-if="reach.faceSkins.get(f.id)?.nearest"
            :left="reach.faceSkins.get(f.id)!.lab"
            :right="reach.faceSkins.get(f.id)!.nearest!.lab"
            plain
          />
          <div>
            <b
              >{{ f.name }} cannot be matched{{
                verdictOf(reach.faceSkins.get(f.id)?.nearest?.deltaE ?? 9) === 'workable'
                  ? ' without a blended edge'
                  : ''
              }}.</b
            >
            <p class="small">
              {{ whenBooked(f) }}. The nearest mix is
              {{ listInWords(reach.faceSkins.get(f.id)?.failsBy ?? []) || 'visible' }}, ΔE
              {{ reach.faceSkins.get(f.id)?.nearest?.deltaE.toFixed(1) ?? '–' }}.
            </p>
          </div>
          <v-btn color="primary" variant="flat" :to="`/buys?must=${f.id}`">What to buy</v-btn>
        </li>
        <li v-if="unread.length > 0">
          <span class="sign" aria-hidden="true">?</span>
          <div>
            <b>{{ plural(unread.length, 'booked face') }} not read yet: {{ listInWords(unread.map(f => f.name)) }}.</b>
            <p class="small">First {{ whenBooked(unread[0]!) }}.</p>
          </div>
          <v-btn color="primary" :to="`/faces/${unread[0]!.id}?read`">Read the skin</v-btn>
        </li>
        <li v-for="{ product, recipes } in empties" :key="product.id">
          <Swatch :lab="product.lab" :size="64" />
          <div>
            <b>{{ product.shade }} is empty.</b>
            <p class="small">
              {{
                recipes > 0
                  ? `${plural(recipes, 'face')} ${recipes === 1 ? 'has' : 'have'} it in a recipe.`
                  : 'No saved recipe calls for it.'
              }}
              {{ product.notes }}
            </p>
          </div>
          <v-btn v-if="refillOf(product)" color="primary" @click="refill(product)">List a refill</v-btn>
          <v-btn v-else color="primary" to="/buys">What replaces it</v-btn>
        </li>
        <li v-if="empty.next">
          <span class="sign" aria-hidden="true">…</span>
          <div>
            <b
              >{{ plural(empty.count - empty.lines.length, 'other thing') }} of the kit
              {{ empty.count - empty.lines.length === 1 ? 'is' : 'are' }} empty.</b
            >
          </div>
          <v-btn color="primary" to="/kit?show=empty">See them</v-btn>
        </li>
        <li v-if="gaps.lost.length > 0">
          <span class="strip" aria-hidden="true"
            ><Swatch
              v-for="s in gaps.lost.filter((_, i) => i % Math.ceil(gaps.lost.length / 4) === 0)"
              :key="s.id"
              :lab="s.lab"
              :size="16"
          /></span>
          <div>
            <b
              >{{ plural(gaps.lost.length, 'skin') }} out of reach{{
                gaps.deep.length > 0 ? `, ${gaps.deep.length} of them too deep for the kit` : ''
              }}{{ gaps.olive.length > 0 ? `, ${gaps.olive.length} olive` : '' }}.</b
            >
            <p class="small">{{ rangesInWords(gaps.lost) }}.</p>
          </div>
          <v-btn color="primary" to="/reach">See the field</v-btn>
        </li>
        <li v-for="group in twice" :key="group[0]!.id">
          <span class="strip" aria-hidden="true"
            ><Swatch v-for="p in group" :key="p.id" :lab="p.lab" :size="64 / group.length"
          /></span>
          <div>
            <b>{{ listInWords(group.map(p => nameOf(p.id))) }} are one colour.</b>
            <p class="small">One of them does the work; the others are money and weight.</p>
          </div>
          <v-btn color="primary" to="/kit">Look at the kit</v-btn>
        </li>
        <li v-if="waiting.length > 0">
          <Swatch v-if="isCosmeticOffer(waiting[0]!.offer)" :lab="waiting[0]!.offer.lab" :size="64" />
          <div>
            <b>{{ plural(waiting.length, 'thing') }} on the way: {{ listInWords(waiting.map(l => l.offer.shade)) }}.</b>
            <p class="small">Say when they are here and they count.</p>
          </div>
          <v-btn color="primary" to="/buys">Receive</v-btn>
        </li>
      </ol>
      <p v-if="reach.state === 'ready' && low.length > 0" class="small">
        Nearly out: {{ listInWords(low.map(p => p.shade)) }}.
      </p>
    </template>
    <LastBackup />
  </div>
</template>

<style scoped>
.bench {
  max-width: 980px;
}
li {
  grid-template-columns: 128px minmax(0, 1fr) 150px;
  min-height: 76px;
  padding: 5px 0;
}
li > :first-child {
  justify-self: stretch;
}
li > .swatch {
  width: 128px !important;
}
.strip {
  display: flex;
  height: 64px;
}
.strip :deep(.swatch) {
  flex: 1;
  height: 64px !important;
}
@media (max-width: 760px) {
  li {
    grid-template-columns: 64px minmax(0, 1fr);
    padding: 10px 0;
  }
  li > .swatch {
    width: 64px !important;
  }
  li > .v-btn {
    grid-column: 1 / -1;
  }
}
</style>
