<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { STEERS } from '#core/plan/bases'
import { difference } from '#core/colour/difference'
import type { Lab } from '#core/colour/lab'
import { likelihood } from '#core/reading/likelihood'
import { targetReading } from '#shared/asked/faceFacts'
import { mixAsKnown } from '#shared/asked/kitPigments'
import { notToday } from '#shared/notToday'
import { today } from '#shared/today'
import { verdictOf, type Drops } from '#core/complexion/mixing/recipe'
import type { Touch } from '#core/complexion/mixing/touch'
import type { Seen } from '#core/reading/verdicts'
import type { RecipeToTry } from '~/components/match/RecipeList.vue'
import { SavedRecipeInput, type Face, type SavedRecipe } from '#shared/records/people/faces'

definePageMeta({ asksKitAlone: true })
const props = defineProps<{ face: Face }>()
const route = useRoute()
const faces = useFaces()
const kit = useKit()
const settings = useSettings()
const undo = useUndo()
const { submit, problem } = useForm(SavedRecipeInput)

const id = computed(() => props.face.id)
const { booking } = useDay(() => props.face)
useHead({ title: () => `${props.face.name}` })

const reading = computed(() => props.face.readings[0])
/** What the mix has to agree with: the sites that count for this face, weighted. */
const target = computed(() => targetReading(props.face))
const readingOpen = ref('read' in route.query)
const editing = ref(false)
const match = useMatch(() => props.face)
const plans = usePlans()

const own = ref<RecipeToTry | null>(null)
const keyOf = (drops: readonly Drops[]) => drops.map(d => `${d.count} ${d.id}`).join()
const found = computed<RecipeToTry[]>(() =>
  match.bases.value.map(b => ({ key: keyOf(b.drops), drops: b.drops, lab: b.lab, base: b })),
)
/** What a saved recipe makes as its bottles are known now, or what it made when one has left. */
const asKnown = (r: SavedRecipe) => mixAsKnown(r.drops, kit.byId) ?? r.lab
const saved = computed<RecipeToTry[]>(() =>
  props.face.recipes.map(r => ({
    key: r.id,
    drops: r.drops,
    lab: asKnown(r),
    saved: r.id,
    names: r.names,
    when: [stampInWords(r.savedAt), ...spoiled(r.drops)].join('; '),
  })),
)
/** Bottles of a recipe that are not to be had: empty, past their time, or put away. */
const spoiled = (drops: readonly Drops[]) =>
  drops.flatMap(({ id }) => {
    const bottle = kit.byId.get(id)
    return bottle ? (notToday(bottle, today()) ?? []) : []
  })
const chosenKey = ref<string>()
const chosen = computed(() => {
  const all = chosenKey.value ? [...(own.value ? [own.value] : []), ...found.value, ...saved.value] : []
  return all.find(c => c.key === chosenKey.value) ?? shown.value[0]
})
watch(
  () => [id.value, reading.value?.id],
  () => {
    own.value = null
    chosenKey.value = undefined
  },
)

/** By colour: a chance is hundreds of colours looked at, and each is asked for again whenever a row is drawn. */
const chances = computed(() => ({ of: target.value, within: settings.value.tolerance, known: new Map<Lab, number>() }))
function chanceOf(lab: Lab): number {
  const { of, within, known } = chances.value
  const chance = known.get(lab) ?? (of ? likelihood(lab, of, within) : 0)
  known.set(lab, chance)
  return chance
}
const toSkin = (lab: Lab) => (target.value ? difference(lab, target.value.mean) : 0)
const nearest = computed(() => Math.min(...found.value.map(r => toSkin(r.lab)), Infinity))
/** Nothing the kit can mix is of use on this skin. */
const nothingNear = computed(() => found.value.length > 0 && verdictOf(nearest.value) === 'visible')
const byColour = computed({
  get: () => match.order.value === 'by colour alone',
  set: alone => {
    match.order.value = alone ? 'by colour alone' : 'all together'
  },
})
/** Held for the plan, whatever would be chosen there. */
const held = computed(() => plans.draftOf(id.value).locks.find(l => l.key === 'foundation')?.drops ?? null)
const isHeld = (drops: readonly Drops[]) => held.value !== null && keyOf(held.value) === keyOf(drops)
function hold() {
  if (!chosen.value) return
  const drops = chosen.value.drops.map(d => ({ ...d }))
  if (isHeld(drops)) plans.unlock(id.value, 'foundation')
  else plans.lock(id.value, { key: 'foundation', empty: false, drops })
}
/** What of the wishes cannot be had at this colour. */
const gaveWay = computed(() => found.value[0]?.base?.gaveWay ?? [])
const closest = computed(() => found.value.find(r => toSkin(r.lab) === nearest.value))
const shown = computed(() => (nothingNear.value && closest.value ? [closest.value] : found.value))
/** What every list of recipes is drawn with. */
const listed = computed(() => ({ target: target.value!.mean, chanceOf, chosen: chosen.value?.key }))
/** As asked, and what comes near; the best overall comes first. */
const groups = computed(() => {
  if (byColour.value || nothingNear.value || !shown.value[0]?.base) return [{ title: '', rows: shown.value }]
  const [asked, near] = [true, false].map(as => shown.value.filter(r => (r.base!.gaveWay.length === 0) === as))
  const both =
    shown.value[0].base.gaveWay.length === 0
      ? [
          { title: 'As asked', rows: asked! },
          { title: 'Nearest to it, and what gives way', rows: near! },
        ]
      : [
          { title: 'Best all told, and what gives way', rows: near! },
          { title: 'As asked, at a price', rows: asked! },
        ]
  return both.filter(g => g.rows.length > 0)
})
// The answer is drawn first; what else there is comes right after, or when the answer takes its time.
const REST_AFTER_MS = 300
const drawn = ref(false)
const drawRest = () => {
  drawn.value = true
}
useTimeoutFn(drawRest, REST_AFTER_MS)
watch(
  () => shown.value.length > 0,
  there => {
    if (there) requestAnimationFrame(() => setTimeout(drawRest))
  },
  { immediate: true },
)
const earlierOpen = ref(false)
const firstName = computed(() => props.face.name.split(' ')[0] ?? '')
const answer = computed(() => {
  if (!reading.value) return `${firstName.value}: where does the skin sit?`
  if (match.state.value === 'working' && found.value.length === 0) return `${firstName.value}: mixing …`
  if (found.value.length === 0) return `${firstName.value}: there is nothing to mix.`
  const verdict = verdictOf(nearest.value)
  return {
    invisible: `${firstName.value} can be matched unseen.`,
    match: `${firstName.value} can be matched.`,
    workable: `${firstName.value} can be matched with a blended edge.`,
    visible: `Nothing in this kit matches ${firstName.value}.`,
  }[verdict]
})

async function save() {
  if (!chosen.value) return
  const { drops, lab } = chosen.value
  await submit({ drops, lab, deltaE: toSkin(lab), chance: chanceOf(lab), note: '' }, input =>
    faces.saveRecipe(id.value, input),
  )
}
const seen = (what: Seen) => {
  const drops = chosen.value?.drops.map(d => ({ ...d }))
  if (drops) void undo.attempt(() => faces.keepSeen(id.value, { drops, ...what }))
}
async function remove() {
  if (await undo.attempt(() => faces.remove(id.value))) await navigateTo('/faces')
}
function take(touch: Touch) {
  own.value = { key: `own ${keyOf(touch.drops)}`, drops: touch.drops, lab: touch.lab, when: 'your touch' }
  chosenKey.value = own.value.key
}
</script>

<template>
  <div class="sheet">
    <section>
      <h1 data-testid="answer">{{ answer }}</h1>
      <p class="lead">
        {{ capital(face.skinType) }} skin, wishes for {{ face.coverage }} coverage and a {{ face.finish }} finish.
        <template v-if="booking">Booked {{ bookingInWords(booking) }}.</template>
        <template v-if="face.wishes"> “{{ face.wishes }}”</template>
        <Act @click="editing = true">Edit</Act>
        <Act @click="remove">Delete</Act>
      </p>
      <LazyReadingPanel
        v-if="readingOpen || !reading"
        :key="face.id"
        class="set-off"
        :face="face"
        @done="readingOpen = false"
      />
      <template v-else-if="target">
        <p class="read">
          <Swatch :lab="target.mean" :size="44" />
          <span v-if="target.reckoned"
            >Reckoned at <b>{{ placeInWords(target.mean) }}</b>
            {{ face.consultation.tanOn ? 'with a fake tan on' : 'without the tan' }}, from the reading
            {{ face.consultation.tanOn ? 'without' : 'with' }} it: read it like that when they are here.</span
          >
          <span v-else
            >Reads at <b>{{ placeInWords(target.mean) }}</b>, {{ reading.source }} at the {{ reading.site
            }}{{ reading.tanned ? ' with a tan on' : '' }}, {{ stampInWords(reading.takenAt) }}</span
          >
          <Act @click="readingOpen = true">Read again</Act>
        </p>
        <SeenSkin :face="face" :target="target" />
        <Computing
          :state="match.state.value"
          what="Mixing"
          :done="null"
          again="Mix again"
          @stop="match.stop()"
          @again="match.again()"
        />
        <p v-if="found.length === 0 && match.state.value === 'ready'">
          The kit holds no foundation that can be mixed. <NuxtLink to="/kit?add">Add one</NuxtLink>
        </p>
        <Choices
          v-model="match.steers.value"
          class="steer"
          several
          optional
          hide-label
          label="Steer the mix"
          :options="STEERS"
        />
        <RecipeList v-if="own" label="Your touch" :rows="[own]" v-bind="listed" @choose="chosenKey = $event" />
        <template v-for="(group, i) in groups" :key="group.title">
          <h2 v-if="group.title" class="group">{{ group.title }}</h2>
          <RecipeList
            :label="i === 0 ? 'Recipes from this kit' : group.title"
            :rows="group.rows.map(r => ({ ...r, held: isHeld(r.drops) }))"
            v-bind="listed"
            @choose="chosenKey = $event"
          />
        </template>
        <Act v-if="found.length > 0 && !nothingNear" :aria-pressed="byColour" @click="byColour = !byColour">{{
          byColour ? 'Colour, formula and ease together' : 'By colour alone'
        }}</Act>
        <p v-if="gaveWay.length > 0 && !nothingNear" class="gave">
          {{ capital(listInWords(gaveWay)) }}: all told the best this kit has at this colour.
          <NuxtLink class="act" :to="`/buys?must=${face.id}&asked`">What to buy</NuxtLink>
        </p>
        <WaysOut
          v-if="nothingNear && closest && match.state.value === 'ready'"
          :face="face"
          :skin="target.mean"
          :nearest="closest.lab"
          :delta-e="nearest"
        />
        <template v-if="drawn && face.recipes.length > 0">
          <h2 class="set-off">On the card</h2>
          <RecipeList v-slot="{ row }" label="Saved recipes" :rows="saved" v-bind="listed" @choose="chosenKey = $event">
            <li v-if="toSkin(row.lab) > settings.value.tolerance">
              <FitsNoMore
                :drops="row.drops"
                :mix="row.lab"
                :skin="target.mean"
                :bring-back="match.bringBack"
                @take="take"
              />
            </li>
            <li class="forget">
              <Act @click="undo.attempt(() => faces.removeRecipe(face.id, row.key))"> Delete this recipe </Act>
            </li>
          </RecipeList>
        </template>
        <details
          v-if="face.readings.length > 0 || face.seen.length > 0"
          class="set-off"
          @toggle="earlierOpen = ($event.target as HTMLDetailsElement).open"
        >
          <summary>Earlier readings and what was seen</summary>
          <template v-if="earlierOpen">
            <SiteShares :face="face" />
            <LazyDriftChart v-if="face.readings.length > 1" :readings="face.readings" :theme="settings.value.theme" />
            <ul class="small history">
              <li v-for="r in face.readings" :key="r.id">
                {{ stampInWords(r.takenAt) }}: {{ placeInWords(r.lab) }}, {{ r.source }} at the {{ r.site }}
                <Act
                  :aria-label="`Delete the reading of ${stampInWords(r.takenAt)}`"
                  @click="undo.attempt(() => faces.removeReading(face.id, r.id))"
                >
                  Delete
                </Act>
              </li>
              <li v-for="s in face.seen" :key="s.id">
                {{ stampInWords(s.seenAt) }}:
                {{ s.drops.map(d => `${d.count} ${kit.byId.get(d.id)?.shade ?? 'gone'}`).join(' + ') }} looked
                {{ seenInWords(s) }}
              </li>
            </ul>
          </template>
        </details>
      </template>
    </section>
    <aside v-if="drawn && target && chosen && !readingOpen">
      <p v-if="problem" role="alert">
        <b>{{ problem }}</b>
      </p>
      <RecipeAside
        :key="chosen.key"
        :drops="chosen.drops"
        :lab="chosen.lab"
        :target="target.mean"
        :chance="chanceOf(chosen.lab)"
        :is-near="verdictOf(toSkin(chosen.lab)) !== 'visible'"
        :steer="match.steer"
        :next-touch="match.nextTouch"
        @save="save"
        @seen="seen"
        @take="take"
      >
        <v-btn color="primary" :aria-pressed="isHeld(chosen.drops)" @click="hold">{{
          isHeld(chosen.drops) ? 'Held for the plan: let it go' : 'Hold it for the plan'
        }}</v-btn>
      </RecipeAside>
      <p v-if="nearest > settings.value.tolerance && !nothingNear" class="set-off">
        <v-btn color="primary" :to="`/buys?must=${face.id}`">What to buy for {{ firstName }}</v-btn>
      </p>
    </aside>
    <FormDialog v-model="editing" label="Face"><LazyFaceForm :face="face" @done="editing = false" /></FormDialog>
  </div>
</template>

<style scoped>
.read {
  display: grid;
  grid-template-columns: 44px minmax(0, auto) auto;
  justify-content: start;
  gap: 0 12px;
  align-items: center;
  margin: 10px 0 0;
}
@media (max-width: 600px) {
  .read {
    grid-template-columns: 44px minmax(0, 1fr);
  }
  .read .act {
    grid-column: 2;
  }
}
.group {
  margin: 14px 0 0;
}
.steer {
  margin-top: 8px;
}
.gave {
  border-left: 4px solid var(--ink);
  padding-left: 12px;
}
.forget {
  text-align: right;
}
.history {
  padding-left: 18px;
  margin: 0;
}
</style>
