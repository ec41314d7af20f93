<script setup lang="ts">
import { COVERAGES } from '#core/complexion/bottles/product'
import { EYE_FAMILIES, HAIR_SHADES } from '#core/look/colouring'
import { proposedProgramme, PROGRAMMES } from '#core/asked/programme'
import { AGE_BANDS, SKIN_TYPES, ZONES, type Zone } from '#core/asked/face'
import { FINISHES } from '#core/product/item'
import { BROWS, Consultation, EYE_SHAPES, EYE_SIZES, LASHES } from '#shared/records/method/consultation'
import { FaceInput, type Face } from '#shared/records/people/faces'
import { placeInWords } from '~/words/words'
import { carryRecord, isSame, recordOf } from '~/stores/recordDrafts'

/** The record in the order an artist asks; for a walk-up the first column is enough. */
const props = defineProps<{ face: Face }>()
useHead({ title: () => `${props.face.name}: questions` })
const faces = useFaces()
const { at, submit, problem, busy, clash } = useForm<Consultation, Face>(Consultation)
const who = useForm<FaceInput, Face>(FaceInput)

const drafts = useRecordDrafts()
const { answers: values, wish } = reactive(drafts.open(props.face))
const record = computed(() => recordOf(props.face))
const changed = computed(() => !isSame({ answers: values, wish }, record.value))
watch(record, (now, before) => {
  const mine = carryRecord({ answers: values, wish }, before, now)
  Object.assign(values, mine.answers)
  Object.assign(wish, mine.wish)
})
watch([values, wish], () => drafts.keep(props.face, { answers: values, wish }))

const { asks } = useDay(() => props.face)
/** The proposed programme by the answers on this page. */
const proposed = computed(() =>
  proposedProgramme({ facialHair: values.facialHair, bareFaced: values.bareFaced, ageBand: wish.ageBand }, asks.value),
)
const programme = computed({
  get: () => values.programme ?? proposed.value.programme,
  set: chosen => {
    values.programme = chosen === proposed.value.programme ? null : chosen
  },
})
const zone = ref<Zone>('forehead')
const states = computed(() => Object.fromEntries(values.zones.map(z => [z.zone, z.states])))
const firstName = computed(() => props.face.name.split(' ')[0] ?? '')
const known = computed(() =>
  [
    values.sensitivities.length > 0 && `reacts to ${listInWords(values.sensitivities)}`,
    values.mildOnly && 'mild products only',
    values.noScent && 'no scent',
    values.bareFaced && 'wants to look bare-faced',
    values.zones.length > 0 && `${plural(values.zones.length, 'zone')} noted`,
  ].filter((w): w is string => Boolean(w)),
)

const second = computed(() => props.face.readings.slice(1))
function setSecond(on: boolean) {
  const lab = second.value[0]?.lab ?? props.face.readings[0]?.lab
  values.secondTone =
    on && lab ? { zone: 'chin', lab: { ...lab, L: second.value[0] ? lab.L : Math.max(0, lab.L - 4) } } : null
}
const save = async () => {
  const kept = await who.submit({ ...props.face, ...wish }, face =>
    submit({ ...values }, answers => faces.keepRecord(props.face.id, face, answers)),
  )
  // The page shows what was changed elsewhere, with the answers given here on top.
  if (clash.value) faces.put(clash.value)
  return kept
}
function putBack() {
  const { answers, wish: kept } = recordOf(props.face)
  Object.assign(values, answers)
  Object.assign(wish, kept)
}
const HAIR_WORDS = HAIR_SHADES.map(s => s.word)
const told = computed(() => who.problem.value || problem.value)
</script>

<template>
  <div>
    <form class="ask" novalidate @submit.prevent="save">
      <header>
        <h1 data-testid="answer">
          {{ known.length > 0 ? `${firstName}: ${known.join(', ')}.` : `${firstName}: what should be known?` }}
        </h1>
        <p class="lead">
          For a first plan the first column is enough. Everything else can wait until it would change the plan.
          <a href="/api/question-sheet.pdf" download>Question sheet to send ahead (PDF)</a>
        </p>
      </header>
      <p v-if="told" role="alert">
        <b>{{ told }}</b>
      </p>
      <div class="programme">
        <Choices v-model="programme" label="What is done" :options="PROGRAMMES" />
        <p class="small">
          {{
            values.programme === null
              ? `Proposed: ${proposed.because}.`
              : `Chosen; proposed was ${proposed.programme}, since ${proposed.because}.`
          }}
        </p>
      </div>
      <div class="columns">
        <section class="flow">
          <h2>How they want to look</h2>
          <v-textarea
            v-model="wish.wishes"
            label="In their words"
            rows="1"
            auto-grow
            :error-messages="who.at('wishes')"
          />
          <Choices v-model="wish.coverage" label="Cover" :options="COVERAGES" />
          <Choices v-model="wish.finish" label="Finish" :options="FINISHES" />
          <v-checkbox v-model="values.bareFaced" label="as if nothing were there, or never wears any" />
          <v-text-field v-model="values.normallyWears" label="Normally wears" :error-messages="at('normallyWears')" />
          <Choices v-model="values.lashes" label="Lashes" :options="LASHES" />
          <h2>What must not happen</h2>
          <SensitivityPicker v-model="values.sensitivities" v-model:read="values.packsRead" />
          <p v-if="at('sensitivities').length > 0" role="alert">
            <b>{{ at('sensitivities')[0] }}</b>
          </p>
          <div class="ticks">
            <v-checkbox v-model="values.noScent" label="no scent" />
            <v-checkbox v-model="values.mildOnly" label="mild products only" />
            <v-checkbox v-model="values.contactLenses" label="wears contact lenses" />
            <v-checkbox v-model="values.facialHair" label="facial hair" />
          </div>
        </section>
        <section class="flow skin">
          <h2>The skin, zone by zone</h2>
          <div class="whole">
            <Choices v-model="wish.skinType" label="As a whole" :options="SKIN_TYPES" />
            <Choices v-model="wish.ageBand" label="Age" :options="AGE_BANDS" />
          </div>
          <div class="zones">
            <FaceDiagram
              :skin="face.readings[0]?.lab ?? null"
              :states="states"
              :selected="zone"
              @select="zone = $event"
            />
            <ZonePanel v-model="values.zones" :zone="zone" />
          </div>
          <ul class="noted small">
            <li v-for="z in ZONES.filter(z => states[z]?.length)" :key="z">
              <Act @click="zone = z">{{ z }}</Act> {{ states[z]!.join(', ') }}
            </li>
          </ul>
          <v-checkbox
            :model-value="values.secondTone !== null"
            :disabled="face.readings.length === 0"
            label="two tones: part of the face is another depth"
            @update:model-value="setSecond(!!$event)"
          />
          <div v-if="values.secondTone" class="tone">
            <v-select v-model="values.secondTone.zone" label="Where" :items="[...ZONES]" />
            <LabFields v-model="values.secondTone.lab" :errors="axis => at(`secondTone.lab.${axis}`)" />
            <span class="small"
              ><Swatch :lab="values.secondTone.lab" :size="34" /> {{ placeInWords(values.secondTone.lab) }}</span
            >
          </div>
          <h2>The day, and who photographs it</h2>
          <DayPanel :face="face" />
        </section>
      </div>
      <details>
        <summary>Hair, brows and eyes</summary>
        <div class="grid">
          <ColourWord v-model="values.hairColour" label="Hair" :words="HAIR_WORDS" hair :errors="at('hairColour')" />
          <ColourWord
            v-model="values.browColour"
            label="Brow colour"
            :words="HAIR_WORDS"
            hair
            :errors="at('browColour')"
          />
          <ColourWord v-model="values.eyeColour" label="Eyes" :words="EYE_FAMILIES" :errors="at('eyeColour')" />
          <v-select v-model="values.brows" label="Brows" :items="[...BROWS]" />
          <v-select v-model="values.eyeShape" label="Eye shape" :items="[...EYE_SHAPES]" />
          <v-select v-model="values.eyeSize" label="Eye size" :items="[...EYE_SIZES]" />
        </div>
      </details>
      <div :class="changed ? 'at-hand' : 'save'">
        <v-btn type="submit" color="primary" variant="flat" :loading="busy" :disabled="!changed">{{
          changed ? 'Keep these answers' : 'All kept'
        }}</v-btn>
        <v-btn v-if="changed" variant="text" @click="putBack">Put them back</v-btn>
      </div>
    </form>
    <div class="columns below">
      <section class="flow">
        <h2>What they bring</h2>
        <OwnProducts :face="face" />
      </section>
      <section class="flow">
        <h2>What is remembered</h2>
        <HistoryList :face="face" />
      </section>
      <ConsentPanel :face="face" />
    </div>
  </div>
</template>

<style scoped>
.programme {
  margin-top: 10px;
}
.programme p {
  margin: 2px 0 0;
}
.save {
  padding: 10px 0;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 36px;
  margin-top: 14px;
}
h2 {
  margin-top: 6px;
}
.ticks {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.whole {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
}
.zones {
  display: grid;
  grid-template-columns: 220px minmax(0, 1fr);
  gap: 20px;
}
.noted {
  list-style: none;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  align-items: center;
}
.tone {
  display: grid;
  grid-template-columns: 1.4fr repeat(3, 1fr);
  gap: 8px;
  align-items: center;
}
.tone .small {
  grid-column: 1 / -1;
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
.below {
  border-top: 1px solid var(--line);
  padding-top: 10px;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
  .grid {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 600px) {
  .zones {
    grid-template-columns: minmax(0, 1fr);
  }
  .tone {
    grid-template-columns: 1fr 1fr;
  }
  .ticks {
    grid-template-columns: 1fr;
  }
}
</style>
