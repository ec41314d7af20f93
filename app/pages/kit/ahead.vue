<script setup lang="ts">
import { today } from '#shared/today'
import { api } from '~/asking/api'

/** The kit in time: what has to be ordered, what keeps no longer, and what would be worth telling. */
useHead({ title: 'What ends' })
const board = useBoard()
const {
  value: kept,
  problem,
  again,
  first,
} = useAsked(
  () => 'ahead',
  async (_all, signal) => {
    const [found] = await Promise.all([api('get', '/api/things/ahead', {}, { signal }), board.load()])
    return found
  },
)
await first
const title = computed(() => {
  if (!kept.value) return 'What ends and what runs out'
  const now = kept.value.runsOut.filter(l => l.lasting.orderBy === today()).length
  const past = kept.value.ends.filter(l => l.useBy < today()).length
  const order = now === 0 ? 'Nothing has to be ordered today' : `${plural(now, 'product')} to order now`
  return `${order}; ${past === 0 ? 'nothing is past its day' : past === 1 ? 'one thing is past its day' : `${past} things are past their day`}.`
})
const print = () => window.print()
</script>

<template>
  <div>
    <PageHead :title="title"
      >By what the log says was taken, and by the kept plans of the faces that are booked: of the two, whichever takes
      more. <NuxtLink to="/kit">The kit as it stands</NuxtLink
      ><template #acts><v-btn variant="outlined" @click="print">Print</v-btn></template></PageHead
    >
    <p v-if="problem" role="alert">{{ problem }} <Act @click="again">Try again</Act></p>
    <div v-if="kept" class="columns">
      <div>
        <RunsOut :lines="kept.runsOut" :silent="kept.silent" />
        <WorthKnowing :open="kept.openSince" :booked="kept.booked" />
      </div>
      <div>
        <EndsSoon :lines="kept.ends" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 40px;
  margin-top: 18px;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
