<script setup lang="ts">
import { everyone } from '#core/complexion/skins/population'
import type { Aim, MustFace } from '~/composables/useBuyPlan'
import type { BaseAsked } from '#shared/records/people/plans'
import { askedInWords } from '~/words/plan'
import type PlanLines from '~/components/buys/PlanLines.vue'

const settings = useSettings()
const buys = useBuys()
const clientele = useClientele()
const reach = useKeptReach()
const undo = useUndo()
const { plan, curve, state, musts, progress, stop, make, lookAt } = useBuyPlan()

const said = settings.value.budgetMinor
const typed = ref(said === null ? '' : formatMoney(said))
const budgetMinor = computed(() => parseMoney(typed.value))
const budgetWrong = computed(() =>
  budgetMinor.value === undefined && typed.value.trim() !== '' ? 'must be an amount such as 140.00' : '',
)
const aim = ref<Aim>('everyone')
const planned = ref(0)
const plannedAim = ref<Aim>('everyone')
const planLines = ref<InstanceType<typeof PlanLines>>()
const accepting = ref(false)

const route = useRoute()
/** Whoever Buys was opened for, and the base that was asked for there. */
const mustId = String(route.query.must ?? '')
const plans = usePlans()
const asked = shallowRef<BaseAsked | null>(null)
const askedKnown = ref(!(mustId && 'asked' in route.query))
async function learnWhatWasAsked() {
  await undo.attempt(async () => {
    asked.value = await plans.asAsked(mustId)
  })
  askedKnown.value = true
}
if (!askedKnown.value) void learnWhatWasAsked()

/** Faces the kit cannot match, or whose wished base it does not have: the plan can put them first. */
const outOfReach = computed<MustFace[]>(() => {
  const wish = asked.value
  const first: MustFace[] = wish
    ? [
        {
          id: wish.faceId,
          name: wish.name,
          skin: wish.skin,
          asked: { ...wish, words: askedInWords(wish) },
        },
      ]
    : []
  const rest = [...reach.faceSkins].flatMap(([id, skin]): MustFace[] => {
    const face = clientele.byId.get(id)
    return face?.lab && id !== wish?.faceId && !reach.isReached(skin)
      ? [{ id, name: face.name, skin: face.lab, asked: null }]
      : []
  })
  return [...first, ...rest]
})
const spared = ref<ReadonlySet<string>>(new Set())
const mustFaces = computed(() => outOfReach.value.filter(f => !spared.value.has(f.id)))
function toggle(id: string) {
  const next = new Set(spared.value)
  if (!next.delete(id)) next.add(id)
  spared.value = next
}

/** Lets go of the cover and finish that were asked for. */
async function byColourAlone() {
  asked.value = null
  await search()
}
async function search() {
  if (budgetMinor.value === undefined) return
  if (budgetMinor.value !== settings.value.budgetMinor)
    await undo.attempt(() => settings.change({ budgetMinor: budgetMinor.value! }))
  planned.value = budgetMinor.value
  plannedAim.value = aim.value
  await make(budgetMinor.value, mustFaces.value, aim.value)
}
// Where a budget was said, the first plan makes itself as soon as it is known which faces are out of reach.
watch(
  () => reach.state === 'ready' && askedKnown.value,
  known => {
    if (known && state.value === 'idle') void search()
  },
  { immediate: true },
)

const total = everyone().length
const chosenPoint = computed(() => {
  const i = curve.value.findIndex(p => Math.abs(p.spend - (plan.value?.spend ?? -1)) < 1)
  return i < 0 ? curve.value.length - 1 : i
})
/** Reach from → after; a share of weighted faces is no number of skins. */
const fromTo = (before: number, after: number) =>
  plannedAim.value === 'everyone'
    ? `from ${Math.round(before * total)} to ${Math.round(after * total)} of ${total} skins`
    : `from ${percent(before)} to ${percent(after)} of my clientele`
const unmetNames = computed(() =>
  (plan.value?.unmet ?? []).flatMap(i => {
    const face = musts.value[i]
    return face ? [face.asked ? `${face.name} with ${face.asked.words}` : face.name] : []
  }),
)
const answer = computed(() => {
  const p = plan.value
  if (!p) return settings.value.budgetMinor === null ? 'How much may it cost?' : 'What should be bought?'
  if (p.chosen.length === 0) return 'Nothing on offer reaches more for this money.'
  return `${plural(p.chosen.length, 'bottle')} for ${formatMoney(p.spend, settings.value.currency)}: ${fromTo(p.reach.before, p.reach.after)}.`
})

async function accept() {
  const lines =
    planLines.value?.lines.map(({ offer, kept }) => ({ offerId: offer.id, reason: capital(kept).slice(0, 300) })) ?? []
  accepting.value = true
  if (await undo.attempt(() => buys.accept({ lines, budgetMinor: planned.value }))) {
    plan.value = null
    curve.value = []
  }
  accepting.value = false
}
const fresh = computed(() => state.value === 'ready' && plan.value !== null)
</script>

<template>
  <div class="sheet">
    <section>
      <h1 data-testid="answer">{{ answer }}</h1>
      <p v-if="plan" class="lead" data-testid="proof">
        <template v-if="plan.proof.optimal"
          >Proven: no other choice from these suppliers reaches more for the money.</template
        >
        <template v-else
          >The best found in the time allowed; nothing can reach more than
          {{ percent(plan.proof.upperBound) }}.</template
        >
        <template v-if="unmetNames.length > 0">
          <b>{{ listInWords(unmetNames) }} stays out of reach at this budget.</b></template
        >
      </p>
      <p v-else class="lead">
        Every set of bottles the money allows is weighed against everyone’s skin; suppliers and prices are simulated.
      </p>
      <p v-if="asked">
        {{ asked.name }} asked for {{ askedInWords(asked) }}.
        <NuxtLink class="act" :to="`/faces/${asked.faceId}`">Back to the match</NuxtLink>
        <Act v-if="unmetNames.length > 0" @click="byColourAlone">Plan by colour alone</Act>
      </p>
      <form class="ask no-print" @submit.prevent="search">
        <v-text-field
          v-model="typed"
          label="Budget"
          :suffix="settings.value.currency"
          inputmode="decimal"
          :error-messages="budgetWrong"
        />
        <Choices v-model="aim" label="Reach for" :options="['everyone', 'my clientele']" hide-label />
        <v-btn type="submit" color="primary" variant="flat" :disabled="budgetMinor === undefined">Plan</v-btn>
      </form>
      <fieldset v-if="outOfReach.length > 0" class="ticks musts no-print">
        <legend class="small">First of all, match</legend>
        <v-checkbox
          v-for="f in outOfReach"
          :key="f.id"
          :model-value="!spared.has(f.id)"
          :label="f.asked ? `${f.name}: ${f.asked.words}` : f.name"
          @update:model-value="toggle(f.id)"
        />
      </fieldset>
      <Computing
        :state="state"
        what="Weighing every set of bottles"
        :done="progress"
        again="Plan again"
        @stop="stop()"
        @again="search"
        >Stopped; the plan shown is the one before.</Computing
      >
      <template v-if="plan && plan.chosen.length > 0">
        <PlanLines ref="planLines" :plan="plan" :musts="musts" :currency="settings.value.currency" />
        <p class="accept">
          <v-btn color="primary" variant="flat" :disabled="!fresh" :loading="accepting" @click="accept"
            >Put these on the purchase list</v-btn
          ><span class="small"
            >{{ formatMoney(planned - plan.spend, settings.value.currency) }} of the budget stays.</span
          >
        </p>
      </template>
      <p v-else-if="plan" class="small">Raise the budget, or let go of a face that has to be matched.</p>
      <PurchaseLists />
    </section>
    <aside>
      <template v-if="curve.length > 1">
        <h2>What each further sum buys</h2>
        <LazySpendCurve
          :points="curve"
          :chosen="chosenPoint"
          :budget-minor="planned"
          :currency="settings.value.currency"
          :theme="settings.value.theme"
          @choose="lookAt(curve[$event]!, mustFaces, plannedAim)"
        />
        <p class="small">
          Bottles complete each other: the first white or the first very deep shade is worth little alone and much
          together, so the plan is searched as a whole, never one bottle at a time.
        </p>
      </template>
      <p v-else class="small">The spend curve appears with the plan.</p>
    </aside>
  </div>
</template>

<style scoped>
.ask {
  display: flex;
  gap: 12px;
  margin: 14px 0 8px;
  align-items: start;
  flex-wrap: wrap;
}
.ask > :first-child {
  max-width: 160px;
}
.musts {
  border: 0;
  padding: 0;
  margin: 0 0 6px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
}
.accept {
  display: flex;
  gap: 16px;
  align-items: center;
  margin: 14px 0 0;
  flex-wrap: wrap;
}
aside {
  display: grid;
  gap: 10px;
  align-content: start;
}
</style>
