<script setup lang="ts">
import type { Family } from '#core/complexion/bottles/product'
import { START_LISTS, type StartListId } from '#core/standard/startLists'
import { movedTo } from '#core/stock/things/range'
import { purposeOf, PURPOSES } from '#core/stock/things/kinds'
import { ListedInput, type ListedThing } from '#shared/records/kit/listed'
import { evenDepths, isMixedBase, listedOfTicked } from '#shared/records/kit/startList'
import { today } from '#shared/today'

/** A standard list to begin from: what she has is ticked, and its shades are put where they sit. */
const props = defineProps<{ listId: StartListId }>()
const emit = defineEmits<{ done: [] }>()
const kit = useKit()
const { submit, problem, issues, busy } = useForm(ListedInput)

type Line = (typeof START_LISTS)[number]['lines'][number]
const list = START_LISTS.find(l => l.id === props.listId)!
const firstOf = (line: Line): ListedThing => listedOfTicked({ line, depths: [1] }, today())[0]!
const things = new Map(list.lines.map(l => [l.id, firstOf(l)]))
const groups = PURPOSES.flatMap(purpose => {
  const lines = list.lines.filter(l => purposeOf(things.get(l.id)!.kind) === purpose)
  return lines.length > 0 ? [{ purpose, lines }] : []
})

const typed = reactive({
  ticked: [] as string[],
  family: 'unknown' as Family,
  /** Where the shades of a line sit, by its id. */
  depths: Object.fromEntries(list.lines.flatMap(l => (l.shades === undefined ? [] : [[l.id, evenDepths(l.shades)]]))),
})
const draft = useDraft(`start-${props.listId}`, typed)
const isTicked = (id: string) => typed.ticked.includes(id)
function tick({ id }: Line, on: boolean) {
  typed.ticked = on ? [...typed.ticked, id] : typed.ticked.filter(ticked => ticked !== id)
}
const tickAll = (lines: readonly Line[]) => lines.filter(l => !isTicked(l.id)).forEach(l => tick(l, true))
const MADE_WITH: readonly (readonly [Family, string])[] = [
  ['silicone', 'silicone'],
  ['water', 'water'],
  ['oil', 'oil'],
  ['unknown', 'I do not know'],
]
const MOST_SHADES = 24
function setShades(id: string, many: number | null) {
  if (many !== null && many >= 1 && many <= MOST_SHADES) typed.depths[id] = evenDepths(Math.round(many))
}
const mixes = computed(() => list.lines.some(l => isTicked(l.id) && isMixedBase(things.get(l.id)!)))
const entered = computed(() =>
  list.lines
    .filter(l => isTicked(l.id))
    .flatMap(line => listedOfTicked({ line, depths: typed.depths[line.id], family: typed.family }, today())),
)
const total = computed(() => entered.value.reduce((sum, t) => sum + t.count, 0))
const whyOf = ({ serves }: Line) => serves.map(a => a.name.toLowerCase()).join('; ') || 'every face'

async function save() {
  const saved = await submit({ things: entered.value, intoPouches: true }, kit.addListed)
  if (!saved) return
  draft.done()
  emit('done')
}
const wrong = computed(() => (issues.value[0] ? `${issues.value[0].path} ${issues.value[0].message}` : ''))
const shadesOf = (line: Line) =>
  (typed.depths[line.id] ?? []).map((depth, i) => ({
    key: String(i),
    label: String(i + 1),
    depth,
    undertone: things.get(line.id)!.undertone ?? null,
  }))
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <div>
      <h2>{{ list.name }}: tick what you have</h2>
      <p class="small">
        {{ capital(list.meant) }}. What you leave out is no fault: Gaps and weight says later what it would add.
      </p>
    </div>
    <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
    <p v-if="problem" role="alert" class="problem">{{ problem }} {{ wrong }}</p>
    <section v-for="g in groups" :key="g.purpose" :aria-label="capital(g.purpose)">
      <h3>{{ capital(g.purpose) }} <Act @click="tickAll(g.lines)">Tick all</Act></h3>
      <ul class="bare lines">
        <li v-for="line in g.lines" :key="line.id" :class="{ wide: isTicked(line.id) && line.shades !== undefined }">
          <v-checkbox
            :model-value="isTicked(line.id)"
            :label="capital(line.says)"
            :title="`For: ${whyOf(line)}`"
            @update:model-value="on => tick(line, on === true)"
          />
          <div v-if="isTicked(line.id) && line.shades !== undefined" class="shades">
            <NumberField
              :model-value="typed.depths[line.id]?.length ?? line.shades"
              whole
              label="Shades"
              @update:model-value="many => setShades(line.id, many ?? null)"
            />
            <DepthStrip
              :name="`Depths of ${line.says}`"
              :shades="shadesOf(line)"
              @move="(at, depth) => (typed.depths[line.id] = movedTo(typed.depths[line.id]!, at, depth))"
            />
          </div>
        </li>
      </ul>
      <Choices
        v-if="g.purpose === 'base' && mixes"
        v-model="typed.family"
        label="Your base and what adjusts it are made with"
        :options="MADE_WITH"
      />
    </section>
    <div class="acts foot">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy" :disabled="total === 0"
        >Put {{ plural(total, 'thing') }} in the kit</v-btn
      >
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
h3 {
  margin: 6px 0 0;
}
.lines {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 0 18px;
}
.wide {
  grid-column: 1 / -1;
}
.shades {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: 14px;
  align-items: center;
}
@media (max-width: 760px) {
  .shades {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
