<script setup lang="ts">
import Sortable from 'sortablejs'
import { groupsOf, isPast, workRank, type Thing, type ThingGroup } from '#core/stock/things/thing'
import type { Standing } from '#shared/records/kit/things'
import { today } from '#shared/today'

/** The things in one place, drawn; things are dragged from tray to tray, or chosen and sent by the panel beside. */
const {
  placeId,
  things,
  note = undefined,
  limitG = null,
  limitMl = null,
} = defineProps<{
  /** Null for what nobody has placed. */
  placeId: string | null
  name: string
  note?: string
  things: readonly Thing[]
  here: Standing
  limitG?: number | null
  limitMl?: number | null
  chosen: string | null
}>()
const emit = defineEmits<{ choose: [group: ThingGroup]; drop: [ids: string[], placeId: string | null]; more: [] }>()
defineSlots<{ acts?: () => unknown }>()

const day = today()
const groups = computed(() => groupsOf(things, workRank))
const shown = computed(() => things.length)
/** The last of its kind carries the word for all of them. */
const labelled = computed(() =>
  groups.value.map((group, i) => {
    const word = kindInWords(group.first)
    const next = groups.value[i + 1]
    const isLast = !next || kindInWords(next.first) !== word
    const count = groups.value.reduce((sum, g) => sum + (kindInWords(g.first) === word ? g.count : 0), 0)
    const saysItself =
      group.first.sort !== 'cosmetic'
      && !['brush', 'spoolie'].includes(group.first.kind)
      && group.first.measure !== 'ml'
    return { group, label: isLast && !saysItself ? (count > 1 ? `${word} ${count}` : word) : '' }
  }),
)

const list = ref<HTMLElement>()
let sortable: Sortable | undefined
onMounted(() => {
  sortable = Sortable.create(list.value!, {
    group: 'things',
    sort: false,
    // A finger that scrolls does not drag.
    delay: 180,
    delayOnTouchOnly: true,
    animation: 120,
    ghostClass: 'ghost',
    draggable: '.thing',
    onEnd: event => {
      const { item, from, to, oldIndex } = event
      if (to === from) return
      // Vue draws the list: what Sortable did to it is undone first.
      from.insertBefore(item, from.children[oldIndex ?? 0] ?? null)
      const target = to.dataset.place ?? ''
      const ids = (item.dataset.ids ?? '').split(' ').filter(Boolean)
      emit('drop', ids, target === '' ? null : target)
    },
  })
})
onBeforeUnmount(() => sortable?.destroy())
const settings = useSettings()
/** The room these things take, and their price. */
const besides = ({ roomMl, worthMinor }: Standing) =>
  [litres(roomMl), worthMinor > 0 ? formatMoney(worthMinor, settings.value.currency) : ''].filter(Boolean).join(' · ')
const share = (of: number, limit: number | null | undefined) => (limit ? Math.min(1, of / limit) : 0)
</script>

<template>
  <section class="tray" :aria-label="name">
    <div class="head">
      <h3 class="free">{{ name }}</h3>
      <p class="small">{{ note ?? plural(here.count, 'thing') }}</p>
      <slot name="acts" />
    </div>
    <ul ref="list" class="things bare" :data-place="placeId ?? ''">
      <li
        v-for="{ group, label } in labelled"
        :key="group.first.id"
        class="thing"
        :data-ids="group.things.map(t => t.id).join(' ')"
      >
        <button
          type="button"
          class="pick"
          :aria-label="thingAloud(group.first, group.count)"
          :aria-pressed="chosen === group.first.id"
          :title="group.first.name"
          @click="emit('choose', group)"
        >
          <ThingFigure :group="group" :past="isPast(group.first, day)" />
        </button>
        <span v-if="label" class="label">{{ label }}</span>
      </li>
      <li v-if="here.count > shown" class="rest">
        <Act @click="emit('more')">{{ here.count - shown }} more</Act>
      </li>
      <li v-if="things.length === 0" class="small rest">Nothing stands here.</li>
    </ul>
    <div class="load">
      <b class="num">{{ kilos(here.massG) }}</b>
      <template v-if="limitG">
        <span class="bar" :class="{ over: here.massG > limitG }"
          ><i :style="{ width: `${share(here.massG, limitG) * 100}%` }"
        /></span>
        <span class="small">of {{ kilos(limitG) }}</span>
      </template>
      <span v-if="here.count > 0" class="small besides">{{ besides(here) }}</span>
      <span v-if="limitMl && here.roomMl > limitMl" class="small strong"
        >{{ litres(here.roomMl) }} in {{ litres(limitMl) }}: too full</span
      >
    </div>
  </section>
</template>

<style scoped>
.tray {
  display: grid;
  grid-template-columns: 128px minmax(0, 1fr) 92px;
  gap: 12px;
  border-bottom: 1px solid var(--line);
  padding: 8px 0;
  min-height: 78px;
}
.head p {
  margin: 2px 0 0;
}
.things {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 2px 3px;
  min-height: 60px;
}
.thing {
  display: flex;
  align-items: end;
  max-width: 100%;
}
/* A long name is cut here; the panel shows all of it. */
.pick {
  max-width: 100%;
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  min-width: 24px;
  min-height: 36px;
  color: inherit;
  display: flex;
  align-items: end;
  justify-content: center;
}
.pick[aria-pressed='true'] {
  outline: 2px solid var(--accent);
  outline-offset: 1px;
}
.label {
  font-size: 0.84rem;
  color: var(--muted);
  padding: 0 12px 4px 6px;
  white-space: nowrap;
}
.rest {
  align-self: center;
}
.ghost {
  opacity: 0.4;
}
.load {
  text-align: right;
  display: grid;
  gap: 3px;
  align-content: start;
  justify-items: end;
}
.bar {
  width: 92px;
  height: 6px;
  border: 1px solid var(--ink);
  display: block;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--ink);
}
.bar.over {
  border-width: 2px;
  height: 8px;
}
.strong {
  font-weight: 650;
  color: var(--ink);
}
@media (max-width: 760px) {
  .pick {
    min-width: 32px;
    min-height: 44px;
  }
  .tray {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .things {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
