<script setup lang="ts">
import type { Layer } from '#core/plan/facePlan'
import { factsOf } from '#shared/asked/faceFacts'
import type { Face } from '#shared/records/people/faces'
import type { PlanKind } from '#shared/records/people/plans'
import { minutesInWords, occasionInWords, skinInWords } from '~/words/plan'

const props = defineProps<{ face: Face }>()
useHead({ title: () => `Plan for ${props.face.name}` })
const plans = usePlans()
const settings = useSettings()
const undo = useUndo()
const { plan, state, problem } = usePlan(() => props.face.id)

const { booking, asks } = useDay(() => props.face)

const chairside = useChairside()
const late = ref(false)
const changing = ref(false)
const saving = ref(false)
const facts = computed(() => factsOf(props.face))
const draft = computed(() => plans.draftOf(props.face.id))
const held = computed(() => draft.value.locks.length + draft.value.overrides.length)
const firstName = computed(() => props.face.name.split(' ')[0] ?? '')
const headline = computed(() => {
  if (!facts.value) return `${firstName.value}: read the skin first.`
  const day = booking.value?.job.day
  const when = day ? `, ${dayInWords(day)}` : ''
  return `${firstName.value}${when}: ${skinInWords(facts.value)}.`
})
const summary = computed(() => {
  const p = plan.value
  if (!p) return ''
  if (p.layers.length === 0 && (p.askFirst ?? []).length > 0) return 'Nothing goes on yet.'
  const seams = p.seams.length === 0 ? 'no seam' : plural(p.seams.length, 'seam to mind', 'seams to mind')
  return `${plural(p.layers.length, 'layer')}, ${minutesInWords(p.minutes)}, product for ${formatMoney(p.cost.minor, settings.value.currency)}; ${seams}.`
})
const cut = computed(() => (late.value ? (plan.value?.minutes.cut ?? []) : []))
const preview = computed(() => props.face.plans.find(p => p.kind === 'preview'))

const lock = (l: Layer) =>
  plans.lock(
    props.face.id,
    l.drops
      ? { key: l.key, empty: false, drops: l.drops.map(d => ({ ...d })) }
      : { key: l.key, empty: false, itemId: l.item.id },
  )
function take({ key }: Layer, { item, drops }: Layer['alternatives'][number]) {
  const held = drops ? { drops: drops.map(d => ({ ...d })) } : { itemId: item.id }
  plans.lock(props.face.id, { key, empty: false, ...held })
}
async function save(kind: PlanKind) {
  saving.value = true
  await undo.attempt(() => plans.save(props.face.id, { ...draft.value, kind, agreed: '', change: '' }))
  saving.value = false
}
</script>

<template>
  <div class="sheet">
    <section>
      <h1 data-testid="answer">{{ headline }}</h1>
      <p class="lead" data-testid="summary">
        <template v-if="!chairside.on">
          {{ capital(occasionInWords(asks)) }}.
          <Act class="no-print" :aria-expanded="changing" @click="changing = !changing">
            {{ changing ? 'Done' : 'Change the day' }}
          </Act>
          <br /> </template
        >{{ summary }}
      </p>
      <AskFirst v-if="plan" :sentences="plan.askFirst ?? []"
        ><p class="no-print">
          <NuxtLink class="act" :to="`/faces/${face.id}/ask`">Answer what they react to</NuxtLink>
        </p></AskFirst
      >
      <DayPanel v-if="changing" class="set-off" :face="face" />
      <p v-if="!facts"><v-btn color="primary" variant="flat" :to="`/faces/${face.id}?read`">Read the skin</v-btn></p>
      <p v-if="state === 'failed'" role="alert">
        <b>{{ capital(problem) }}.</b>
        <Act @click="plans.reset(face.id)">Let everything go</Act>
      </p>
      <p v-if="state === 'working' && !plan" role="status" class="small">Weighing everything in the kit …</p>
      <template v-if="plan && facts">
        <ChairSteps
          v-if="chairside.on"
          :key="face.id"
          :plan="plan"
          :skin="facts.bare"
          :cut="cut"
          :is-done="key => chairside.isDone(face.id, key)"
          @mark="(key, lies) => chairside.mark(face.id, key, lies)"
          @again="chairside.startOver(face.id)"
          ><template #onward
            ><v-btn size="x-large" color="primary" variant="flat" :to="`/faces/${face.id}/card`"
              >The card</v-btn
            ></template
          ></ChairSteps
        >
        <LayerStack
          v-else
          :plan="plan"
          :skin="facts.bare"
          :skin-name="placeInWords(facts.bare)"
          :cut="cut"
          @lock="lock"
          @unlock="plans.unlock(face.id, $event)"
          @empty="plans.lock(face.id, { key: $event, empty: true })"
          @take="take"
        />
        <p class="small">
          To pack: {{ plan.pack.join(', ') }}.<template v-if="plan.cost.unpriced.length > 0">
            No price on record: {{ listInWords(plan.cost.unpriced) }}.</template
          >
        </p>
      </template>
    </section>
    <aside v-if="plan && facts" class="flow">
      <WornFields v-if="plan.worn" :worn="plan.worn" />
      <div class="acts no-print">
        <v-btn color="primary" variant="flat" :loading="saving" @click="save('day')">Keep this plan</v-btn>
        <v-btn v-if="plan.minutes.cut.length > 0" color="primary" :aria-pressed="late" @click="late = !late">{{
          late ? 'Everything again' : `Short version, ${plan.minutes.short} min`
        }}</v-btn>
        <v-btn color="primary" variant="text" :loading="saving" @click="save('preview')">Keep as preview</v-btn>
        <v-btn
          v-if="preview"
          color="primary"
          variant="text"
          @click="undo.attempt(() => plans.copyToDay(face.id, preview!.id))"
          >As at the preview</v-btn
        >
        <WentWrong :face-id="face.id" :occasion="asks" />
      </div>
      <p v-if="held > 0" class="small">
        {{ plural(held, 'choice') }} of yours held.
        <Act @click="plans.reset(face.id)">Let everything go</Act>
      </p>
      <MissingList :missing="plan.missing" :face-id="face.id" />
      <LeftOutList
        :left-out="plan.leftOut"
        @lift="(itemId, rule, reason) => plans.override(face.id, { itemId, rule, reason })"
      />
      <p class="small">
        Cautions come from ingredient lists and what was declared. Labels, local rules and your training come first.
      </p>
    </aside>
  </div>
</template>

<style scoped>
aside p {
  margin: 0;
}
</style>
