<script setup lang="ts">
import { ABILITY_STATES, type AbilityState } from '#core/standard/audit'
import { StandardInput, type StandardLine } from '#shared/records/kit/standards'
import { check } from '#shared/checks/validate'
import { acts, api } from '~/asking/api'

useHead({ title: 'Gaps' })
const board = useBoard()
const undo = useUndo()
await board.load()
const standards = ref<StandardLine[]>(await api('get', '/api/standards'))
const asked = reactive({ standardId: 'working', placeId: null as string | null, atHomeToo: false })
const ALONG = 'along'
const EVERYTHING = 'everything'
/** What is asked: what goes along, everything, or one place. */
const of = computed({
  get: () => asked.placeId ?? (asked.atHomeToo ? EVERYTHING : ALONG),
  set: what =>
    Object.assign(asked, {
      placeId: what === ALONG || what === EVERYTHING ? null : what,
      atHomeToo: what === EVERYTHING,
    }),
})
const audit = useAudit(asked)
watch(acts, async () => {
  await board.load()
  standards.value = await api('get', '/api/standards')
  if (!standards.value.some(s => s.id === asked.standardId)) asked.standardId = 'first'
})

const answer = computed(() => audit.answer.value)
const places = computed(() => [
  { value: ALONG, title: 'what goes along' },
  { value: EVERYTHING, title: 'everything, at home too' },
  ...board.board.places.filter(p => p.depth === 0).map(p => ({ value: p.id, title: p.name })),
])
const found = (state: AbilityState) => answer.value?.audit.abilities.filter(a => a.state === state) ?? []
const line = computed(() => standards.value.find(s => s.id === asked.standardId))
const title = computed(() => {
  if (!answer.value) return 'What the kit can do'
  const [missing, thin] = [found('missing').length, found('thin').length]
  const all = answer.value.audit.abilities.length
  const rest = thin > 0 ? `; ${thin} ${thin === 1 ? 'hangs' : 'hang'} on one thing` : ''
  return missing === 0 ? `All ${all} abilities are there${rest}.` : `${missing} of ${all} abilities are missing${rest}.`
})

const file = ref<HTMLInputElement>()
const refused = ref('')
async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const [chosen] = input.files ?? []
  input.value = ''
  if (!chosen) return
  refused.value = ''
  let said: unknown
  try {
    said = JSON.parse(await chosen.text())
  } catch {
    refused.value = `${chosen.name} is not JSON: nothing was changed.`
    return
  }
  const checked = check(StandardInput, said as object)
  if (!checked.ok) {
    const [first] = checked.issues
    refused.value = `${chosen.name}: ${first?.path ?? ''} ${first?.message ?? 'is no standard'}. Nothing was changed.`
    return
  }
  await keep(checked.value)
}
const { submit, problem: notKept, clash } = useForm(StandardInput)
let lastRead: StandardInput | null = null
async function keep(standard: StandardInput) {
  lastRead = standard
  if (await submit(standard, input => audit.keep(input))) asked.standardId = standard.id
}
/** In place of what was changed since the file was made. */
const keepAllTheSame = () => keep({ ...lastRead!, madeFrom: clash.value!.version })
</script>

<template>
  <div>
    <PageHead :title="title"
      >{{ capital(line?.meant ?? '') }}.
      <template v-if="answer"
        >The largest party ahead has {{ plural(answer.party, 'face') }}. The fewest things that do what it can do of
        this are
        {{ answer.audit.fewest.proven ? answer.audit.fewest.ids.length : `${answer.audit.fewest.atLeast} or more` }}
        of {{ answer.things.length }}{{ answer.audit.fewest.proven ? ', proven' : '' }}.</template
      >
      <NuxtLink to="/kit">The kit as it stands</NuxtLink></PageHead
    >
    <div class="choose no-print">
      <Choices
        v-model="asked.standardId"
        label="Held against"
        :options="standards.map(s => [s.id, s.changed ? `${s.name}, yours` : s.name] as const)"
      />
      <v-select v-model="of" class="place" label="Of" :items="places" hide-details />
    </div>
    <p v-if="audit.state.value === 'failed'" role="alert">
      {{ audit.problem.value }} <Act @click="audit.again()">Try again</Act>
    </p>
    <progress v-else-if="audit.state.value === 'working'" aria-label="Looking through the kit" />
    <div v-if="answer" class="columns">
      <div>
        <AbilityList
          v-for="s in ABILITY_STATES"
          :key="s"
          :state="s"
          :abilities="found(s)"
          :things="answer.things"
          v-bind="asked"
        />
      </div>
      <aside>
        <MakeLighter :audit="audit" :standard-id="asked.standardId" :standards="standards" />
        <DeadWeight :things="answer.deadWeight" />
        <section class="file no-print" aria-labelledby="file">
          <h2 id="file">The standard as a file</h2>
          <p class="small">It is data: take it out, change what it asks, take it in again, and the audit is another.</p>
          <p>
            <a :href="`/api/standards/${asked.standardId}`" :download="`${asked.standardId}.kit-standard.json`"
              >Take it out</a
            >
            <Act @click="file?.click()">Take one in</Act>
            <Act v-if="line?.changed" @click="undo.attempt(() => audit.drop(asked.standardId))">{{
              line.shipped ? 'As it came' : 'Let it go'
            }}</Act>
          </p>
          <p v-if="refused || notKept" role="alert" class="problem">
            {{ refused || notKept }}
            <Act v-if="clash" @click="keepAllTheSame">Take the file all the same</Act>
          </p>
          <input
            ref="file"
            type="file"
            accept="application/json,.json"
            class="visually-hidden"
            tabindex="-1"
            aria-label="A standard as JSON"
            @change="take"
          />
        </section>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: end;
  margin: 14px 0 4px;
}
.place {
  flex: 0 0 200px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 34px;
}
aside {
  border-left: 1px solid var(--line);
  padding: 14px 0 0 24px;
}
.file {
  margin-top: 26px;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    border-left: 0;
    padding-left: 0;
  }
}
</style>
