<script setup lang="ts">
import { faceCard } from '#shared/asked/faceCard'
import type { Face } from '#shared/records/people/faces'

/** What was planned and used: the artist's card with recipe and reasons, and a plain one for the person. */
const props = defineProps<{ face: Face }>()
useHead({ title: () => `${props.face.name}: card` })
const names = useProductNames()
const plans = usePlans()
const undo = useUndo()

const chosenId = ref<string>()
const reader = ref<'artist' | 'person'>('artist')
const line = computed(() => props.face.plans.find(p => p.id === chosenId.value) ?? props.face.plans[0])
const {
  value: body,
  problem,
  again,
} = useAsked(
  () => line.value?.id ?? null,
  id => plans.body(id),
  { afterActs: false, fresh: true },
)
/** What was kept, with what was noted of it since. */
const saved = computed(() => (line.value && body.value ? { ...body.value, ...line.value } : null))
const nameOf = (id: string) => props.face.own.find(p => p.id === id)?.shade ?? names.nameOf(id)
const card = computed(() => (saved.value ? faceCard(props.face, saved.value, nameOf) : null))
const firstName = computed(() => props.face.name.split(' ')[0] ?? '')

const download = () =>
  saveText(
    JSON.stringify(card.value, null, 2),
    `${props.face.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-card.json`,
    'application/json',
  )
const print = () => window.print()
</script>

<template>
  <div v-if="problem" role="alert">
    <h1>This plan cannot be shown.</h1>
    <p class="lead">{{ problem }} <Act @click="again">Try again</Act></p>
  </div>
  <p v-else-if="line && !saved" role="status">Opening what was kept …</p>
  <div v-else-if="!saved || !card">
    <h1>{{ firstName }}: nothing on the card yet.</h1>
    <p class="lead">Keep a plan, and it stands here with its recipe and its reasons.</p>
    <v-btn class="set-off" color="primary" variant="flat" :to="`/faces/${face.id}/plan`">Make the plan</v-btn>
  </div>
  <div v-else class="sheet">
    <section>
      <h1 data-testid="answer">
        {{
          reader === 'artist'
            ? `${face.name}: ${saved.kind === 'preview' ? 'the preview' : saved.usedAt ? 'what was used' : 'the plan'}.`
            : `${firstName}, this is what was used on you.`
        }}
      </h1>
      <p class="lead">
        {{ stampInWords(saved.usedAt ?? saved.savedAt)
        }}<template v-if="reader === 'artist'">, {{ card.minutes }} minutes</template>.
      </p>
      <AskFirst v-if="reader === 'artist'" :sentences="card.askFirst" />
      <CardLines :card="card" :layers="saved.plan.layers" :record="saved.record" :reader="reader" />
      <p v-if="reader === 'person'" class="small">
        Read packs for ingredients. If anything itches, swells or reddens, wash it off and ask a pharmacist or doctor.
      </p>
      <p v-for="o in reader === 'artist' ? card.overrides.filter(o => o.reason) : []" :key="o.rule" class="small">
        Used all the same ({{ o.rule }}): {{ o.reason }}
      </p>
    </section>
    <aside class="flow no-print">
      <Choices
        v-model="reader"
        label="For whom"
        :options="[
          ['artist', 'for you'],
          ['person', `for ${firstName}`],
        ]"
        hide-label
      />
      <div class="acts">
        <v-btn
          v-if="!saved.usedAt && saved.kind === 'day'"
          color="primary"
          variant="flat"
          @click="undo.attempt(() => plans.use(face.id, saved!.id))"
          >It was used like this</v-btn
        >
        <v-btn
          v-if="saved.kind === 'preview'"
          color="primary"
          variant="flat"
          :to="`/faces/${face.id}/plan`"
          @click="undo.attempt(() => plans.copyToDay(face.id, saved!.id))"
          >The day, as at the preview</v-btn
        >
        <v-btn color="primary" @click="print">Print or save as PDF</v-btn>
        <v-btn color="primary" variant="text" @click="download">Save as JSON</v-btn>
        <v-btn color="primary" variant="text" @click="undo.attempt(() => plans.remove(face.id, saved!.id))"
          >Delete</v-btn
        >
      </div>
      <CardNotes :key="saved.id" :face-id="face.id" :saved="saved" />
      <template v-if="face.plans.length > 1">
        <h2>Earlier</h2>
        <ul>
          <li v-for="p in face.plans" :key="p.id">
            <Act :aria-current="p.id === saved.id" @click="chosenId = p.id">
              {{ stampInWords(p.savedAt) }}
            </Act>
            <span class="small">{{ p.kind }}{{ p.usedAt ? ', used' : '' }}</span>
          </li>
        </ul>
      </template>
    </aside>
  </div>
</template>

<style scoped>
.acts {
  display: grid;
  gap: 8px;
}
@media print {
  .sheet {
    display: block;
  }
}
</style>
