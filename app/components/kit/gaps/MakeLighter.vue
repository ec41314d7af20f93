<script setup lang="ts">
import { acts } from '~/asking/api'
import type { AuditAnswer, StandardLine } from '#shared/records/kit/standards'
import type { useAudit } from '~/composables/useAudit'

/** A case so much lighter, and nothing lost of what it can do: what may stay at home, exactly. */
const { audit, standardId, standards } = defineProps<{
  audit: ReturnType<typeof useAudit>
  standardId: string
  standards: readonly StandardLine[]
}>()
/** Further standards that are to hold. */
const also = ref<string[]>([])
const others = computed(() => standards.filter(s => s.id !== standardId).map(s => ({ value: s.id, title: s.name })))
const board = useBoard()
const undo = useUndo()

const carried = computed(() => board.board.places.filter(p => p.limits.limitG !== null && p.within.count > 0))
const heaviest = computed(
  () => [...carried.value].sort((x, y) => y.within.massG - y.limits.limitG! - (x.within.massG - x.limits.limitG!))[0],
)
const placeId = ref<string | null>(heaviest.value?.id ?? null)
const place = computed(() => board.placeById.get(placeId.value ?? ''))
/** What is too much, else a kilo. */
const USUAL_KG = 1
const over = computed(() => {
  const p = place.value
  return p && p.limits.limitG !== null && p.within.massG > p.limits.limitG
    ? Math.ceil((p.within.massG - p.limits.limitG) / 100) / 10
    : USUAL_KG
})
const kg = ref(over.value)
watch(placeId, () => {
  kg.value = over.value
  found.value = null
})
const found = shallowRef<AuditAnswer | null>(null)
const working = ref(false)
watch([acts, () => standardId, also], () => {
  found.value = null
})
async function think() {
  if (!placeId.value || !(kg.value > 0)) return
  working.value = true
  await undo.attempt(async () => {
    found.value = await audit.ask({
      standardId,
      placeId: placeId.value,
      lighterG: kg.value * 1000,
      also: also.value.length > 0 ? also.value : null,
    })
  })
  working.value = false
}
const leave = computed(() => {
  const byId = new Map(found.value?.things.map(t => [t.id, t]))
  return found.value?.lighter?.leave.flatMap(id => byId.get(id) ?? []) ?? []
})
const met = computed(() =>
  standards.filter(s => s.id === standardId || also.value.includes(s.id)).map(s => s.name.toLowerCase()),
)
const home = computed(() => board.board.places.find(p => p.sort === 'home'))
async function takeOut() {
  if (home.value)
    await undo.attempt(() =>
      board.move(
        leave.value.map(({ id }) => ({ id })),
        home.value!.id,
      ),
    )
}
</script>

<template>
  <section aria-labelledby="lighter">
    <h2 id="lighter">Lighter, and nothing lost</h2>
    <p v-if="carried.length === 0" class="small">Nothing is carried yet: put things in a case or a bag.</p>
    <form v-else class="ask" @submit.prevent="think">
      <v-select
        v-model="placeId"
        label="Make lighter"
        :items="carried.map(p => ({ value: p.id, title: `${p.name}, ${kilos(p.within.massG)}` }))"
        hide-details
      />
      <NumberField v-model="kg" label="by, kg" hide-details />
      <v-select v-model="also" label="And still meet" :items="others" multiple hide-details />
      <v-btn type="submit" variant="outlined" :loading="working">What can stay?</v-btn>
    </form>
    <div v-if="found?.lighter" role="status">
      <p>
        <b>{{
          found.lighter.enough
            ? `${kilos(found.lighter.leaveG)} can stay at home.`
            : `Only ${kilos(found.lighter.leaveG)} can stay at home.`
        }}</b>
        All the {{ listInWords(met) }} asks and this can do today, it still can; and everybody who is booked can be made
        up as planned.
        {{
          found.lighter.proven
            ? `Of everything in it ${kilos(found.lighter.mostG)} could go, and no more: proven.`
            : `At most ${kilos(found.lighter.mostG)} could go.`
        }}
      </p>
      <ul class="bare rows">
        <li v-for="t in leave" :key="t.id">
          <div class="free">{{ t.name }}</div>
          <span class="num">{{ kilos(t.massG) }}</span>
        </li>
      </ul>
      <v-btn v-if="home && leave.length > 0" class="out" variant="outlined" @click="takeOut"
        >Leave {{ leave.length === 1 ? 'it' : 'them' }} at {{ home.name }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
.ask {
  display: grid;
  gap: 10px;
  margin-top: 10px;
}
.out {
  margin-top: 10px;
}
</style>
