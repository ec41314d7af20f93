<script setup lang="ts">
import { WEIGHT_ADVICE, type DeadWeight } from '#core/stock/ends/deadWeight'

/** What is carried and hardly used, with what would be lost without it: nothing. */
const { things } = defineProps<{ things: readonly DeadWeight[] }>()
const board = useBoard()
const undo = useUndo()
const settings = useSettings()
const home = computed(() => board.board.places.find(p => p.sort === 'home' || p.sort === 'reserve'))
const isHome = ({ placeId }: DeadWeight) => {
  const sort = board.board.places.find(p => p.id === placeId)?.sort
  return sort === 'home' || sort === 'reserve'
}
const total = computed(() => things.reduce((sum, t) => sum + t.massG, 0))
const worth = computed(() => things.reduce((sum, t) => sum + (t.priceMinor ?? 0), 0))
const byAdvice = computed(() =>
  WEIGHT_ADVICE.map(advice => ({ advice, of: things.filter(t => t.advice === advice) })).filter(g => g.of.length > 0),
)
const SHOWN = 8
const shown = reactive(new Set<string>())
const retire = (t: DeadWeight) => undo.attempt(() => board.retire([t.id], true, USUAL_WHY[t.advice]))
const leave = (t: DeadWeight) => undo.attempt(() => board.move([{ id: t.id }], home.value!.id))
</script>

<template>
  <section aria-labelledby="dead">
    <h2 id="dead">Dead weight</h2>
    <p v-if="things.length === 0" class="small">
      Nothing: what is not used in twelve months, or on twenty jobs, is needed for something, or nothing has been logged
      for so long yet.
    </p>
    <template v-else>
      <p>
        <b
          >{{ plural(things.length, 'thing') }}, {{ kilos(total) }},
          {{ formatMoney(worth, settings.value.currency) }}.</b
        >
        Without any one of them nothing of this standard is lost.
      </p>
      <div v-for="g in byAdvice" :key="g.advice">
        <h3>{{ capital(g.advice) }}</h3>
        <ul class="bare">
          <li v-for="t in shown.has(g.advice) ? g.of : g.of.slice(0, SHOWN)" :key="t.id">
            <Swatch v-if="t.lab" :lab="t.lab" :size="26" />
            <p>
              <NuxtLink :to="`/kit/${t.id}`">{{ t.name }}</NuxtLink>
              <span class="small">{{ kilos(t.massG) }}{{ isHome(t) ? ', at home already' : '' }}</span
              ><br /><span class="small">{{ capital(t.why.join('; ')) }}.</span><br />
              <Act
                v-if="home && !isHome(t) && g.advice !== 'give away'"
                :aria-label="`${t.name} stays at home`"
                @click="leave(t)"
                >Stays at home</Act
              >
              <Act :aria-label="`${t.name} is used`" @click="undo.attempt(() => board.usedLately(t.id))"
                >I do use it</Act
              >
              <Act :aria-label="`${g.advice === 'give away' ? 'Give away' : 'Retire'} ${t.name}`" @click="retire(t)">{{
                g.advice === 'give away' ? 'Given away' : 'Retire'
              }}</Act>
            </p>
          </li>
        </ul>
        <Act v-if="g.of.length > SHOWN && !shown.has(g.advice)" @click="shown.add(g.advice)"
          >{{ g.of.length - SHOWN }} more to {{ g.advice }}</Act
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
section {
  margin-top: 26px;
}
h3 {
  margin: 10px 0 2px;
}
li {
  display: flex;
  gap: 10px;
  padding: 7px 0;
  border-bottom: 1px solid var(--line);
}
li p {
  margin: 0;
}
</style>
