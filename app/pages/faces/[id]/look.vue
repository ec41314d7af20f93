<script setup lang="ts">
import type { ItemKind } from '#core/product/item'
import type { ChartArea, ChartMarkInput } from '#shared/records/method/consultation'
import type { Face } from '#shared/records/people/faces'
import { targetReading } from '#shared/asked/faceFacts'

/** The agreed look: colours of the kit placed on the face, pictures, and words. */
const props = defineProps<{ face: Face }>()
useHead({ title: () => `${props.face.name}: the look` })
const faces = useFaces()
const names = useProductNames()
const undo = useUndo()

const area = ref<ChartArea>('lid')
const KINDS: Record<ChartArea, readonly ItemKind[]> = {
  'brow': ['brow'],
  'lid': ['eye colour', 'highlighter'],
  'crease': ['eye colour'],
  'lash line': ['liner', 'eye colour'],
  'inner corner': ['eye colour', 'highlighter'],
  'cheek': ['blush', 'lip colour'],
  'cheekbone': ['highlighter'],
  'contour': ['contour', 'bronzer'],
  'nose': ['contour', 'highlighter'],
  'lips': ['lip colour', 'lip liner'],
  'jaw': ['contour', 'bronzer'],
}
const skin = computed(() => targetReading(props.face)?.mean ?? null)
const marks = computed(() => props.face.consultation.chart)
const mark = computed(() => marks.value.find(m => m.area === area.value))
const nameOf = (m: ChartMarkInput) => (m.productId ? names.nameOf(m.productId) : '') || m.note || 'a colour'
const { asked, page, state, again } = useKitList({
  state: 'in use',
  order: 'shade',
  limit: 100,
  kinds: KINDS[area.value].join(),
})
watch(area, now => {
  asked.kinds = KINDS[now].join()
})
const choices = computed(() => page.value.lines.filter(p => p.colourSource !== 'clear'))
const look = ref(props.face.consultation.look)
const draft = useDraft(`look:${props.face.id}`, reactive({ look }))
watch(
  () => props.face.consultation.look,
  now => {
    look.value = now
  },
)

const put = (chart: ChartMarkInput[]) => undo.attempt(() => faces.answer(props.face.id, { chart }))
const others = () => marks.value.filter(m => m.area !== area.value)
const place = (id: string) => {
  const p = choices.value.find(c => c.id === id)
  if (p) void put([...others(), { area: area.value, lab: { ...p.lab }, productId: p.id, note: '' }])
}
async function keepWords(): Promise<boolean> {
  const done = await undo.attempt(() => faces.answer(props.face.id, { look: look.value }))
  if (done) draft.done()
  return done
}
// What was typed is not lost to a look elsewhere.
onBeforeRouteLeave(() => (look.value !== props.face.consultation.look ? keepWords() : true))
const brief = computed({
  get: () => props.face.consultation.brief,
  set: now => void undo.attempt(() => faces.answer(props.face.id, { brief: now })),
})
/** What the plan makes of the chart: asked for once it has a colour. */
const { plan } = usePlan(() => props.face.id)
const told = computed(() => plan.value?.charted ?? [])
const firstName = computed(() => props.face.name.split(' ')[0] ?? '')
</script>

<template>
  <div class="sheet">
    <section>
      <h1 data-testid="answer">
        {{
          marks.length === 0
            ? `${firstName}: what is the look?`
            : `${firstName}: ${listInWords([...marks.slice(0, 2).map(m => `${nameOf(m)} on the ${m.area}`), ...(marks.length > 2 ? [plural(marks.length - 2, 'more place')] : [])])}.`
        }}
      </h1>
      <p class="lead">Touch a place on the face, then a colour of the kit.</p>
      <div class="board">
        <FaceChart :skin="skin" :marks="marks" :selected="area" :name-of="nameOf" @select="area = $event" />
        <div class="palette">
          <h2>{{ capital(area) }}</h2>
          <p v-if="mark">{{ nameOf(mark) }} <Act @click="put(others())">Take it off</Act></p>
          <div class="pans" role="group" :aria-label="`Colours for the ${area}`">
            <button
              v-for="p in choices"
              :key="p.id"
              type="button"
              class="pan"
              :aria-pressed="mark?.productId === p.id"
              @click="place(p.id)"
            >
              <Swatch :lab="p.lab" :size="64" /><span>{{ p.shade }}</span>
            </button>
          </div>
          <Failed v-if="state === 'failed'" @again="again" />
          <p v-else-if="choices.length === 0 && state === 'ready'" class="small">
            The kit holds no colour for this place. <NuxtLink to="/kit?add">Add one</NuxtLink>
          </p>
        </div>
      </div>
      <section v-if="told.length > 0 && marks.length > 0" aria-label="On this face">
        <h2>On this face</h2>
        <dl class="told">
          <template v-for="c in told" :key="c.area"
            ><dt>
              <b>{{ capital(c.area) }}</b>
            </dt>
            <dd :class="{ mind: !c.asPlaced }">{{ c.sentence }}</dd></template
          >
        </dl>
      </section>
      <section class="set-off">
        <h2>The look in short</h2>
        <ProposedSettings v-model="brief" :texts="[face.wishes, look]" />
        <BriefFields v-model="brief" />
      </section>
    </section>
    <aside>
      <PictureWall :face="face" />
      <form @submit.prevent="keepWords">
        <h2>What was said</h2>
        <v-textarea v-model="look" label="How they want to look, what was agreed" rows="4" maxlength="1000" />
        <v-btn type="submit" color="primary" :disabled="look === face.consultation.look">{{
          look === face.consultation.look ? 'Kept' : 'Keep'
        }}</v-btn>
      </form>
    </aside>
  </div>
</template>

<style scoped>
.board {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 24px;
  margin-top: 10px;
}
.pans {
  display: flex;
  flex-wrap: wrap;
}
.pan {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  font-size: 0.76rem;
  width: 72px;
  cursor: pointer;
  color: var(--ink);
  display: grid;
  gap: 3px;
  align-content: start;
  margin-bottom: 8px;
}
.pan :deep(.swatch) {
  width: 72px !important;
}
.pan[aria-pressed='true'] :deep(.swatch) {
  outline: 3px solid var(--accent);
  outline-offset: -3px;
}
.told {
  margin: 0;
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 2px 14px;
}
.told dd {
  margin: 0;
}
.mind {
  border-left: 4px solid var(--ink);
  padding-left: 8px;
}
aside,
form {
  display: grid;
  gap: 12px;
  align-content: start;
}
p {
  margin: 0 0 6px;
}
@media (max-width: 760px) {
  .board {
    grid-template-columns: 1fr;
  }
}
</style>
