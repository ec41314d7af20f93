<script setup lang="ts">
import { api } from '~/asking/api'

/** What to buy so that an ability is there: the cheapest that is offered, put on the purchase list in one tap. */
const { standardId, abilityId, name, placeId, atHomeToo } = defineProps<{
  standardId: string
  abilityId: string
  name: string
  placeId: string | null
  atHomeToo: boolean
}>()
const buys = useBuys()
const settings = useSettings()
const undo = useUndo()
const wanted = ref(false)
const {
  value: answer,
  state,
  problem,
  again,
} = useAsked(
  () => (wanted.value ? ([standardId, abilityId, placeId, atHomeToo] as const) : null),
  ([standard, ability, place, home], signal) =>
    api(
      'post',
      '/api/standards/fill',
      {},
      { body: { standardId: standard, abilityId: ability, placeId: place, atHomeToo: home }, signal },
    ),
  { afterActs: false },
)
const look = () => (wanted.value ? again() : (wanted.value = true))
const listed = ref(false)

const money = (minor: number) => formatMoney(minor, settings.value.currency)
const open = computed(() => answer.value?.buy.filter(b => !buys.onTheWay.has(b.offerId)) ?? [])
async function list() {
  const lines = open.value.map(({ offerId, count }) => ({ offerId, count, reason: name }))
  listed.value = await undo.attempt(() => buys.accept({ lines, budgetMinor: answer.value!.priceMinor }))
}
</script>

<template>
  <div class="gap no-print">
    <p v-if="problem" role="alert">{{ problem }}</p>
    <Act v-if="state === 'idle' || state === 'failed'" :aria-label="`What to buy: ${name}`" @click="look"
      >What to buy for it</Act
    >
    <p v-else-if="state === 'working'" role="status">Looking what is offered …</p>
    <template v-else-if="answer">
      <p v-if="answer.buy.length === 0">Nobody here sells anything that would do it.</p>
      <template v-else>
        <ul class="bare">
          <li v-for="b in answer.buy" :key="b.offerId">
            <span class="num">{{ b.count }} ×</span> <b>{{ b.name }}</b> <span class="small">{{ b.supplier }}</span>
            <span class="num price">{{ money(b.priceMinor * b.count) }}</span>
          </li>
        </ul>
        <p class="small">
          {{ money(answer.priceMinor) }}{{ answer.proven ? ', the least that does it' : '; something cheaper may do it'
          }}<template v-if="answer.still.length > 0"
            >; nobody sells anything for {{ plural(answer.still.length, 'more part') }} of it</template
          >.
        </p>
        <p v-if="listed || open.length === 0" role="status">
          On the purchase list. <NuxtLink to="/buys">To the list</NuxtLink>
        </p>
        <v-btn v-else variant="outlined" :aria-label="`Put it on the purchase list: ${name}`" @click="list"
          >Put it on the purchase list</v-btn
        >
      </template>
    </template>
  </div>
</template>

<style scoped>
.gap {
  margin-top: 6px;
}
.gap p {
  margin: 4px 0;
}
.gap li {
  display: flex;
  gap: 8px;
  align-items: baseline;
  padding: 3px 0;
}
.price {
  margin-left: auto;
}
</style>
