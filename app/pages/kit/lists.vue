<script setup lang="ts">
import { CORE_LIST, changesTo, type ListLine } from '#core/stock/handling/standingList'
import { StandingListInput, type StandingListLine } from '#shared/records/kit/standingLists'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'

/** The kit that stays packed, and what differs from it for a ceremony or a day on set. */
useHead({ title: 'Standing lists' })
const undo = useUndo()
const chosenId = ref(CORE_LIST)
const { value, problem, again, first } = useAsked(
  () => 'standing lists',
  (_all, signal) => api('get', '/api/standing-lists', {}, { signal }),
)
await first
const lists = computed(() => value.value ?? [])
const core = computed(() => lists.value.find(l => l.isCore))
const list = computed(() => lists.value.find(l => l.id === chosenId.value) ?? core.value)
const wantedOf = ({ lines }: StandingListLine): ListLine[] =>
  lines.map(({ productId, wanted }) => ({ productId, count: wanted }))

const title = computed(() => {
  const l = list.value
  if (!l) return 'No kit stands packed yet.'
  const open = l.lines.filter(x => x.bring.length > 0).length
  const lacking = l.lines.filter(x => x.lacking > 0).length
  const parts = [
    open > 0 ? `${open} to come` : '',
    lacking > 0 ? `${lacking} not there` : '',
    l.surplus.length > 0 ? `${l.surplus.length} along for nothing` : '',
  ].filter(Boolean)
  return `${l.name}: ${parts.length === 0 ? 'packed as it should be' : parts.join(', ')}.`
})

const keep = (l: Pick<StandingListLine, 'id' | 'name' | 'isCore' | 'version'>, wanted: ListLine[]) =>
  undo.attempt(async () => {
    const lines = l.isCore ? wanted : changesTo(wantedOf(core.value!), wanted)
    const input = Object.assign(new StandingListInput(), { id: l.id, name: l.name, lines, version: l.version })
    await api('put', '/api/standing-lists', {}, { body: plain(input) })
  })
function count(productId: string, wanted: number) {
  const l = list.value!
  const rest = wantedOf(l).filter(x => x.productId !== productId)
  void keep(l, wanted > 0 ? [...rest, { productId, count: wanted }] : rest)
}
const add = (productId: string) =>
  count(productId, (list.value!.lines.find(l => l.productId === productId)?.wanted ?? 0) + 1)

const name = ref('')
const naming = ref(false)
async function addVariant() {
  const called = name.value.trim()
  if (!called) return
  const id = crypto.randomUUID()
  const input = Object.assign(new StandingListInput(), { id, name: called, lines: [] })
  if (await undo.attempt(() => api('put', '/api/standing-lists', {}, { body: plain(input) }))) {
    chosenId.value = id
    naming.value = false
    name.value = ''
  }
}
const takeCarried = () => undo.attempt(() => api('post', '/api/standing-lists/carried'))
const pack = () => undo.attempt(() => api('post', '/api/standing-lists/:id/pack', { id: list.value!.id }))
const drop = () => undo.attempt(() => api('delete', '/api/standing-lists/:id', { id: list.value!.id }))
const isPacked = computed(() => list.value?.surplus.length === 0 && list.value.lines.every(l => l.bring.length === 0))
const print = () => window.print()
</script>

<template>
  <div>
    <PageHead :title="title"
      ><template v-if="list"
        >{{ plural(list.lines.length, 'product') }}, {{ kilos(list.massG) }}, {{ litres(list.roomMl) }} of room.
        <template v-if="!list.isCore"
          >The core with {{ plural(list.changes.length, 'change') }}: when the core changes, this changes with
          it.</template
        ></template
      >
      <template v-else>A core kit stays packed; for a job a few things are added and taken out.</template>
      <NuxtLink to="/kit">The kit as it stands</NuxtLink
      ><template v-if="list" #acts
        ><v-btn color="primary" variant="flat" :disabled="isPacked" @click="pack">Pack by it</v-btn>
        <v-btn variant="outlined" @click="print">Print</v-btn></template
      ></PageHead
    >
    <p v-if="problem" role="alert">{{ problem }} <Act @click="again">Try again</Act></p>
    <p v-if="!core && !problem">
      <v-btn color="primary" variant="flat" @click="takeCarried">What is along now is the core</v-btn>
    </p>
    <template v-if="list && core">
      <div class="choose no-print">
        <Choices v-model="chosenId" label="Lists" hide-label :options="lists.map(l => [l.id, l.name] as const)" />
        <Act v-if="!naming" @click="naming = true">A variant of the core</Act>
        <form v-else class="naming" @submit.prevent="addVariant">
          <v-text-field v-model="name" v-first label="Called" density="compact" hide-details maxlength="60" />
          <v-btn type="submit" variant="outlined">Make it</v-btn>
          <v-btn variant="text" @click="naming = false">Cancel</v-btn>
        </form>
        <Act v-if="list.isCore" @click="takeCarried">What is along now is the core</Act>
        <Act v-if="!list.isCore || lists.length === 1" @click="drop">Take this list away</Act>
        <ThingPicker class="add" label="Add to the list" @choose="t => add(t.productId)" />
      </div>
      <p v-if="list.surplus.length > 0">
        <b>Along, and on no list or of no use:</b>
        <span class="free">{{
          list.surplus.map(s => (s.count > 1 ? `${s.count} ${s.name}` : s.name)).join(', ')
        }}</span>. Packing by the list leaves them at home.
      </p>
      <ListLines :list="list" @count="count" />
    </template>
  </div>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin: 14px 0;
}
.naming {
  display: flex;
  gap: 8px;
  align-items: center;
}
.naming .v-text-field {
  width: 180px;
}
.add {
  margin-left: auto;
  min-width: 240px;
}
</style>
