<script setup lang="ts">
import type { RunsOutLine } from '#shared/records/kit/ahead'
import { today } from '#shared/today'

/** What is used up soon, and by when the next has to be ordered. */
const { lines, silent } = defineProps<{ lines: readonly RunsOutLine[]; silent: number }>()
const buys = useBuys()
const board = useBoard()
const settings = useSettings()
const undo = useUndo()
const day = today()
const money = (minor: number) => formatMoney(minor, settings.value.currency)
const order = ({ lasting: { orderBy } }: RunsOutLine) =>
  orderBy === day ? 'order now' : `order by ${dateInWords(orderBy!)}`
const spare = ({ productId }: RunsOutLine) =>
  [...board.things.values()].filter(t => t.productId === productId && t.level > 0.5).length > 1
const list = (offer: { id: string; priceMinor: number }, name: string) =>
  undo.attempt(() =>
    buys.accept({ lines: [{ offerId: offer.id, reason: `${name} runs out` }], budgetMinor: offer.priceMinor }),
  )
const isListed = (id: string) => buys.onTheWay.has(id)
</script>

<template>
  <section aria-labelledby="runs-out">
    <h2 id="runs-out">Runs out</h2>
    <p v-if="lines.length === 0" class="small">
      Nothing that log or book speak of has to be ordered within two months.
    </p>
    <ul class="bare swatched">
      <li v-for="l in lines" :key="l.productId">
        <Swatch v-if="l.lab" :lab="l.lab" :size="40" />
        <span v-else />
        <div>
          <p>
            <NuxtLink :to="`/kit/${l.id}`"
              ><b>{{ l.name }}</b></NuxtLink
            >
            <span class="small">{{ l.kind }}</span> <b class="by">{{ order(l) }}</b>
          </p>
          <p class="small">
            <template v-if="l.lasting.left > 0"
              >{{ measuredInWords(l.lasting.left, l.measure) }}{{ spare(l) ? ' in all of it' : '' }} left, for
              {{ plural(l.lasting.faces, 'face') }}; {{ emptyInWords(l.lasting) }}.</template
            >
            <template v-else>Nothing of it can be used.</template>
            {{ capital(l.lasting.because)
            }}<template v-if="l.lasting.left > 0 && l.lasting.overOn === null"
              >; order it when {{ measuredInWords(l.lasting.reorderAt!, l.measure) }} are left</template
            >; {{ plural(l.leadDays, 'day') }} on the way.
          </p>
          <p v-if="l.offer" class="no-print">
            <span v-if="isListed(l.offer.id)" class="small">On the purchase list.</span>
            <Act v-else :aria-label="`Put ${l.name} on the purchase list`" @click="list(l.offer, l.name)"
              >Put it on the purchase list, {{ money(l.offer.priceMinor) }} at {{ l.offer.supplier }}</Act
            >
          </p>
          <template v-else>
            <p class="small">
              {{ l.limited ? 'It is limited or made no more' : 'Nobody here sells it' }};
              {{ l.standIns.length === 0 ? 'nothing owned or offered comes near.' : 'nearest to it:' }}
            </p>
            <StandIns :of="l.lab" :lines="l.standIns" @list="o => list(o, l.name)" />
          </template>
        </div>
      </li>
    </ul>
    <p v-if="silent > 0" class="small">
      Of {{ plural(silent, 'product') }} neither log nor book says how fast they go: nothing is guessed of them.
    </p>
  </section>
</template>

<style scoped>
.swatched {
  --swatch: 40px;
}
</style>
