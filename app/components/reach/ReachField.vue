<script setup lang="ts">
import { inkOn, labToCss } from '#core/colour/display'
import type { ReachedSkin } from '#core/complexion/reach'
import { sharesByUndertone } from '#core/complexion/shares'
import { UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
import { POPULATION_DEPTHS } from '#core/complexion/skins/population'
import { VERDICT_LIMITS } from '#core/complexion/mixing/recipe'

/**
 * The reach field: every skin of the population as a cell of its real colour. Plain is matched, a ring workable, hatching
 * out of reach, a cross lost by what is left out. Depth runs across a wide screen and down a narrow one.
 */
const props = defineProps<{
  skins: readonly ReachedSkin[]
  tolerance: number
  selected: string | null
  lost?: ReadonlySet<string>
  down?: boolean
}>()
const emit = defineEmits<{ select: [id: string] }>()

type Mark = 'matched' | 'workable' | 'out of reach' | 'lost'
const markOf = (skin: ReachedSkin): Mark => {
  if (props.lost?.has(skin.id)) return 'lost'
  const dE = skin.nearest?.deltaE ?? Infinity
  if (dE <= props.tolerance) return 'matched'
  return dE <= Math.max(VERDICT_LIMITS.workable, props.tolerance) ? 'workable' : 'out of reach'
}

const cells = computed(() =>
  props.skins.map(skin => ({
    skin,
    mark: markOf(skin),
    style: {
      'background': labToCss(skin.lab),
      '--mark': inkOn(skin.lab),
      ...(props.down
        ? { gridColumn: UNDERTONES.indexOf(skin.undertone) + 1, gridRow: POPULATION_DEPTHS.indexOf(skin.depth) + 1 }
        : { gridRow: UNDERTONES.indexOf(skin.undertone) + 1, gridColumn: POPULATION_DEPTHS.indexOf(skin.depth) + 1 }),
    },
  })),
)
const shares = computed(() => sharesByUndertone(props.skins, props.tolerance))
const label = ({ skin, mark }: { skin: ReachedSkin; mark: Mark }) =>
  `Depth ${skin.depth} ${skin.undertone}: ${mark}${skin.nearest ? `, ΔE ${skin.nearest.deltaE.toFixed(1)}` : ''}`

const active = computed(() => props.selected ?? 'd1-rosy')
const field = ref<HTMLElement>()

/** Arrow keys walk the field as it is drawn. */
function walk(event: KeyboardEvent, { depth, undertone }: ReachedSkin): void {
  const along = (step: number) => [POPULATION_DEPTHS[POPULATION_DEPTHS.indexOf(depth) + step], undertone] as const
  const across = (step: number) => [depth, UNDERTONES[UNDERTONES.indexOf(undertone) + step]] as const
  const [horizontal, vertical] = props.down ? [across, along] : [along, across]
  const steps: Partial<Record<string, () => readonly [number | undefined, Undertone | undefined]>> = {
    ArrowRight: () => horizontal(1),
    ArrowLeft: () => horizontal(-1),
    ArrowDown: () => vertical(1),
    ArrowUp: () => vertical(-1),
  }
  const next = steps[event.key]?.()
  if (!next) return
  event.preventDefault()
  const [d, u] = next
  if (d === undefined || u === undefined) return
  const id = `d${d}-${u}`
  emit('select', id)
  nextTick(() => field.value?.querySelector<HTMLElement>(`[data-skin="${id}"]`)?.focus())
}
</script>

<template>
  <div class="frame" :class="{ down }">
    <div class="tones" aria-hidden="true">
      <span v-for="tone in UNDERTONES" :key="tone">{{ tone }}</span>
    </div>
    <div class="depths" aria-hidden="true">
      <span v-for="d in POPULATION_DEPTHS" :key="d">{{ Number.isInteger(d) ? d : '' }}</span>
    </div>
    <div class="counts">
      <span v-for="tone in UNDERTONES" :key="tone"
        ><span class="visually-hidden">{{ tone }}: </span>{{ shares.get(tone)?.matched ?? 0 }} of
        {{ shares.get(tone)?.total ?? 0 }}</span
      >
    </div>
    <div
      ref="field"
      class="field"
      role="group"
      aria-label="Reach field: depth 1 to 12, four undertones. Arrow keys move."
    >
      <button
        v-for="cell in cells"
        :key="cell.skin.id"
        type="button"
        class="cell"
        :class="cell.mark.replace(/ .*/, '')"
        :style="cell.style"
        :data-skin="cell.skin.id"
        :aria-label="label(cell)"
        :aria-pressed="selected === cell.skin.id"
        :tabindex="cell.skin.id === active ? 0 : -1"
        @click="emit('select', cell.skin.id)"
        @keydown="walk($event, cell.skin)"
      />
    </div>
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template: 'corner depths end' auto 'tones field counts' auto / 58px minmax(0, 1fr) 66px;
}
.tones,
.counts {
  display: grid;
  grid-template-rows: repeat(4, 1fr);
  align-items: center;
  font-size: 0.86rem;
  color: var(--muted);
}
.tones {
  grid-area: tones;
}
.counts {
  grid-area: counts;
  text-align: right;
}
.depths {
  grid-area: depths;
  display: grid;
  grid-template-columns: repeat(23, 1fr);
  font-size: 0.8rem;
  color: var(--muted);
  text-align: center;
  padding-bottom: 2px;
}
.field {
  grid-area: field;
  display: grid;
  grid-template: repeat(4, 50px) / repeat(23, minmax(0, 1fr));
}
.cell {
  border: 0;
  padding: 0;
  cursor: pointer;
  position: relative;
  min-width: 0;
  appearance: none;
  border-radius: 0;
}
.cell:focus-visible,
.cell[aria-pressed='true'] {
  outline: 3px solid var(--accent);
  outline-offset: -3px;
  z-index: 1;
  box-shadow: inset 0 0 0 5px var(--page);
}
.cell.workable::after {
  content: '';
  position: absolute;
  inset: 0;
  margin: auto;
  width: 13px;
  height: 13px;
  border: 2px solid var(--mark);
  border-radius: 50%;
}
.cell.out::after {
  content: '';
  position: absolute;
  inset: 0;
  opacity: 0.62;
  background: repeating-linear-gradient(135deg, var(--mark) 0 1.5px, transparent 1.5px 8px);
}
.cell.lost::after {
  content: '×';
  position: absolute;
  inset: 0;
  display: grid;
  place-content: center;
  color: var(--mark);
  font-size: 1.5rem;
  font-weight: 700;
}
.frame.down {
  grid-template: 'corner tones' auto 'depths field' auto 'end counts' auto / 30px minmax(0, 1fr);
}
.down .tones {
  grid-template: auto / repeat(4, 1fr);
  text-align: center;
  padding-bottom: 4px;
}
.down .counts {
  grid-template: auto / repeat(4, 1fr);
  text-align: center;
  padding-top: 4px;
}
.down .depths {
  grid-template: repeat(23, 1fr) / auto;
  align-items: center;
}
.down .field {
  grid-template: repeat(23, 44px) / repeat(4, minmax(0, 1fr));
}
@media print {
  .cell {
    print-color-adjust: exact;
  }
}
</style>
