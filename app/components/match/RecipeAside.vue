<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { difference } from '#core/colour/difference'
import { STEERINGS, type Steering, type Touch } from '#core/complexion/mixing/touch'
import type { Seen } from '#core/reading/verdicts'
import { ratioInWords, verdictOf, type Drops } from '#core/complexion/mixing/recipe'
import { blendedCoverage, countOut } from '#core/stock/things/amount'
import { LIMB_ML } from '#core/asked/slots'
import { riskBetween } from '#core/plan/layers/layering'
import { complexionOf, mixAsKnown } from '#shared/asked/kitPigments'
import type { useMatch } from '~/composables/useMatch'
import { outcomeOf } from '~/asking/api'

/** The chosen recipe at the jaw: what to mix for this face, and what to add when it is not right yet. */
const props = defineProps<{
  drops: readonly Drops[]
  lab: Lab
  target: Lab
  chance: number
  /** Whether it is of use as it is; else saving it is not the next thing to do. */
  isNear: boolean
  steer: ReturnType<typeof useMatch>['steer']
  nextTouch: ReturnType<typeof useMatch>['nextTouch']
}>()
const emit = defineEmits<{ save: []; seen: [what: Seen]; take: [touch: Touch] }>()
const kit = useKit()
const settings = useSettings()
const plans = usePlans()

const deltaE = computed(() => difference(props.lab, props.target))
const products = computed(() => props.drops.flatMap(d => kit.byId.get(d.id) ?? []))
const whole = computed(() => products.value.length === props.drops.length)
/** What it is mixed for: the same colour for arms and legs takes more of it. */
const LIMBS = { 'a limb': 1, 'four limbs': 4 } as const
const AREAS = ['the face', 'a limb', 'four limbs'] as const
const area = ref<(typeof AREAS)[number]>('the face')
const amount = computed(() => {
  if (!whole.value) return null
  const coverage = blendedCoverage(props.drops, products.value.map(complexionOf))
  const wantedMl = area.value === 'the face' ? settings.faceMl[coverage] : LIMB_ML * LIMBS[area.value]
  const colourOf = (drops: readonly Drops[]) => mixAsKnown(drops, kit.byId) ?? props.lab
  const shiftOf = (rounded: readonly Drops[]) => difference(colourOf(rounded), colourOf(props.drops))
  return { coverage, ...countOut(props.drops, wantedMl, settings.value.dropMl, shiftOf) }
})
const halves = computed(() => amount.value?.parts.some(p => !Number.isInteger(p.drops)) ?? false)
/** Bases in this mix that often hold and sometimes do not. */
const risky = computed(() => {
  const bottles = products.value.map(p => ({ ...complexionOf(p), range: complexionOf(p).range ?? '' }))
  const pair = bottles
    .flatMap((x, i) => bottles.slice(i + 1).map(y => [x, y] as const))
    .find(([x, y]) => riskBetween(x, y, plans.tests.palette).risk !== 'none')
  return pair && `${pair[0].family} and ${pair[1].family}`
})
/** Bottles that do not hold enough for this face. */
const short = computed(() =>
  (amount.value?.parts ?? []).flatMap(part => {
    const p = kit.byId.get(part.id)
    return p && p.level * p.sizeMl < part.ml ? [p.shade] : []
  }),
)
const dropsInWords = (count: number) => `${Math.floor(count) || ''}${Number.isInteger(count) ? '' : '½'}`
const name = (id: string) => kit.byId.get(id)?.shade ?? 'a bottle that left the kit'

const steering = ref<Partial<Record<Steering, Touch>>>({})
const touch = ref<Touch | null>()
const said = shallowRef<Seen>()
watch(
  () => props.drops,
  async drops => {
    steering.value = {}
    if (!whole.value) return
    const found = await outcomeOf(props.steer(drops))
    if (found.ok && props.drops === drops) steering.value = found.value
  },
  { immediate: true },
)

async function say(what: Seen) {
  said.value = what
  touch.value = undefined
  emit('seen', what)
  if (what.seen === 'right') return
  if (!whole.value) {
    touch.value = null
    return
  }
  const found = await outcomeOf(props.nextTouch(props.drops, what.seen, what.degree ?? undefined))
  // Another word may have been said meanwhile.
  if (said.value === what && found.ok) touch.value = found.value
}
const touchInWords = (t: Touch) =>
  `${t.add.count === 1 ? 'One drop' : `${t.add.count} drops`} of ${name(t.add.id)} to ${t.to}`
</script>

<template>
  <div class="flow">
    <TouchingFields
      :left="target"
      :right="lab"
      left-name="the skin at the jaw"
      right-name="the mix, set"
      :height="120"
    />
    <h2>{{ VERDICT_WORDS[verdictOf(deltaE)] }}</h2>
    <p class="small">
      ΔE {{ deltaE.toFixed(1) }} in daylight; given how well the skin is known, {{ chancePercent(chance) }} likely to
      match.
    </p>
    <p v-if="risky" class="mind">
      <b>May separate:</b> {{ risky }} in one mix. Try it on the palette first, and
      <NuxtLink to="/methods">keep what you saw</NuxtLink>.
    </p>
    <div v-if="amount">
      <h3>For {{ area }}: {{ ratioInWords(drops) }}, {{ amount.totalMl.toFixed(2) }} ml</h3>
      <Choices v-model="area" label="Mixed for" hide-label :options="AREAS" />
      <p v-if="amount.overMl > 0.005 || halves" class="small">
        <template v-if="amount.overMl > 0.005">{{ amount.overMl.toFixed(2) }} ml more than it takes. </template>
        <template v-if="halves"
          >Split the half drops with the spatula{{
            amount.shift >= 0.05 ? `: it moves the colour by ΔE ${amount.shift.toFixed(1)}` : ''
          }}.</template
        >
      </p>
      <table class="amounts">
        <caption class="visually-hidden">
          Drops for this face
        </caption>
        <tr v-for="part in amount.parts" :key="part.id">
          <td class="num">
            <b>{{ dropsInWords(part.drops) }}</b> drops
          </td>
          <th scope="row">{{ name(part.id) }}</th>
          <td class="num small">{{ part.ml.toFixed(2) }} ml</td>
        </tr>
      </table>
      <p v-if="short.length > 0"><b>Not enough left:</b> {{ listInWords(short) }}.</p>
    </div>
    <p v-else>A bottle of this recipe has left the kit: choose another below, or put it back.</p>
    <v-btn v-if="whole" color="primary" :variant="isNear ? 'flat' : 'text'" @click="emit('save')">{{
      isNear ? 'Save to the face' : 'Save it all the same'
    }}</v-btn>
    <slot />
    <SeenScales legend="On the skin it looks" :said="said" @say="say" />
    <div v-if="said && said.seen !== 'right'" class="touch" role="status">
      <template v-if="touch"
        ><p>
          <b>{{ touchInWords(touch) }}.</b>
        </p>
        <TouchingFields
          :left="lab"
          :right="touch.lab"
          left-name="as it is"
          right-name="with the touch"
          :height="44"
        /><Act @click="emit('take', touch)">Take it into the recipe</Act></template
      >
      <p v-else-if="touch === null">Nothing in this kit brings it nearer. <NuxtLink to="/buys">See Buys</NuxtLink></p>
    </div>
    <MixReading v-if="whole" :drops="drops" :lab="lab" />
    <details>
      <summary>Which bottle steers it where</summary>
      <ul class="small">
        <template v-for="way in STEERINGS" :key="way"
          ><li v-if="steering[way]">
            <b>{{ way }}</b>:
            {{
              touchInWords(steering[way]!)
                .toLowerCase()
                .replace(name(steering[way]!.add.id).toLowerCase(), name(steering[way]!.add.id))
            }}
          </li>
          <li v-else>
            <b>{{ way }}</b>: nothing in the kit
          </li></template
        >
      </ul>
    </details>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
.amounts {
  width: 100%;
  border-collapse: collapse;
}
.amounts td,
.amounts th {
  padding: 2px 8px 2px 0;
  font-weight: 400;
  text-align: left;
}
.amounts .num {
  text-align: right;
  white-space: nowrap;
}
/* As at the seams of a plan. */
.mind {
  border-left: 5px solid var(--ink);
  padding-left: 10px;
}
.touch {
  display: grid;
  gap: 6px;
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
