<script setup lang="ts">
import Sortable from 'sortablejs'
import { labToCss } from '#core/colour/display'
import { clockAfter } from '#core/schedule/clock'
import type { Timetable } from '#core/schedule/timetable'
import type { JobMorning, MorningPerson } from '#shared/records/days/mornings'
import type { Job } from '#shared/records/days/jobs'

/** A morning drawn: a row a face, in the order they sit down; taken by the row, or moved by its acts, it is in another order. */
const { job, morning, plan } = defineProps<{ job: Job; morning: JobMorning; plan: Timetable }>()
const emit = defineEmits<{ open: [person: MorningPerson]; order: [ids: string[]] }>()

const HOUR = 60
const rows = computed(() => {
  const first = (id: string) => Math.min(...plan.rows.filter(r => r.faceId === id).map(r => r.from))
  return morning.day.faces
    .map(person => ({ person, at: first(person.id) }))
    .sort((x, y) => x.at - y.at)
    .map(({ person }) => {
      const chair = plan.rows.filter(r => r.faceId === person.id).sort((x, y) => x.block - y.block)
      const looks = person.lead && person.chair.touchUp > 0
      const waits = chair
        .slice(1)
        .map((r, i) => ({ from: chair[i]!.to, to: r.from, last: looks && i + 2 === chair.length }))
      return {
        person,
        chair: chair.map((r, i) => ({ ...r, look: looks && i > 0 && i + 1 === chair.length, last: chair.length - 1 })),
        runs: runsOf(chair.map((r, i) => ({ ...r, look: looks && i > 0 && i + 1 === chair.length }))),
        settles: waits.filter(w => !w.last && w.to > w.from),
        hair: plan.hair.filter(h => h.faceId === person.id),
        artist: chair[0]?.artist ?? '',
        readyBy: person.readyBy ?? morning.day.begins,
      }
    })
})
/** Blocks without a break between them are drawn as one. */
function runsOf(chair: readonly { from: number; to: number; look: boolean }[]) {
  const runs: { from: number; to: number; look: boolean }[] = []
  for (const { from: a, to: b, look } of chair) {
    const last = runs.at(-1)
    if (last && last.to === a && !look) last.to = b
    else runs.push({ from: a, to: b, look })
  }
  return runs
}
const from = computed(() => Math.floor((plan.start - 5) / HOUR) * HOUR)
const to = computed(() => Math.ceil((Math.max(...rows.value.map(r => r.readyBy)) + 20) / HOUR) * HOUR)
const at = (minute: number) => `${(((minute - from.value) / (to.value - from.value)) * 100).toFixed(3)}%`
const span = (a: number, b: number) => ({ left: at(a), width: `calc(${at(b)} - ${at(a)})` })
const hours = computed(() =>
  Array.from({ length: Math.round((to.value - from.value) / HOUR) + 1 }, (_, i) => from.value + i * HOUR),
)
const clock = (minute: number) => clockAfter(job, minute)
const several = computed(() => morning.day.artists.length > 1)

const list = ref<HTMLElement>()
let sortable: Sortable | undefined
onMounted(() => {
  sortable = Sortable.create(list.value!, {
    handle: '.who',
    delay: 180,
    delayOnTouchOnly: true,
    animation: 120,
    ghostClass: 'ghost',
    onEnd: ({ item, oldIndex, newIndex }) => {
      if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return
      // Vue draws the list: what Sortable did to it is undone first.
      list.value!.insertBefore(item, list.value!.children[oldIndex + (oldIndex > newIndex ? 1 : 0)] ?? null)
      move(oldIndex, newIndex)
    },
  })
})
onBeforeUnmount(() => sortable?.destroy())
function move(at: number, by: number) {
  const ids = rows.value.map(r => r.person.id)
  const [moved] = ids.splice(at, 1)
  ids.splice(by, 0, moved!)
  emit('order', ids)
}
const chairLabel = (r: (typeof rows.value)[number]['chair'][number]) =>
  `${partInWords(r.block, r.last, r.look)}, ${clock(r.from)} to ${clock(r.to)}${several.value ? ` with ${artistInWords(r.artist)}` : ''}`
/** A word is written into a block that has room for it. */
const hasRoom = ({ from: a, to: b }: { from: number; to: number }) => (b - a) / (to.value - from.value) > WORD_FROM
const WORD_FROM = 0.055
</script>

<template>
  <div class="timeline" role="group" aria-label="The morning, a row a face">
    <div class="axis" aria-hidden="true">
      <span v-for="h in hours" :key="h" :style="{ left: at(h) }">{{ clock(h) }}</span>
    </div>
    <ol ref="list" class="bare">
      <li v-for="(row, i) in rows" :key="row.person.id">
        <div class="who">
          <button type="button" class="name free" @click="emit('open', row.person)">{{ row.person.name }}</button>
          <span class="small narrow">ready by {{ clock(row.readyBy) }}</span>
          <span class="small free">{{
            [row.person.lead ? 'the day is theirs' : row.person.services, several ? artistInWords(row.artist) : '']
              .filter(Boolean)
              .join(' · ')
          }}</span>
        </div>
        <span
          class="skin"
          :style="row.person.skin ? { background: labToCss(row.person.skin) } : {}"
          aria-hidden="true"
        />
        <div class="lane">
          <span v-for="h in hours" :key="h" class="hour" :style="{ left: at(h) }" />
          <span
            v-for="s in row.settles"
            :key="`s${s.from}`"
            class="settles"
            :style="span(s.from, s.to)"
            :title="`settles ${clock(s.from)} to ${clock(s.to)}`"
          />
          <span
            v-for="h in row.hair"
            :key="`h${h.from}`"
            class="hair"
            :style="span(h.from, h.to)"
            :title="`hair, ${clock(h.from)} to ${clock(h.to)}`"
            ><i v-if="hasRoom(h)">hair</i></span
          >
          <span
            v-for="r in row.runs"
            :key="r.from"
            class="chair"
            :class="{ look: r.look }"
            :style="span(r.from, r.to)"
            :title="`${r.look ? 'a look before leaving' : 'at the chair'}, ${clock(r.from)} to ${clock(r.to)}`"
            ><i v-if="hasRoom(r)">{{ clock(r.from) }}</i></span
          >
          <span class="ready" :style="{ left: at(row.readyBy) }"
            ><b>{{ clock(row.readyBy) }}</b></span
          >
        </div>
        <p class="visually-hidden">
          {{ row.person.name }}: {{ row.chair.map(chairLabel).join('; ')
          }}{{ row.hair.map(h => `; hair, ${clock(h.from)} to ${clock(h.to)}`).join('') }}; ready by
          {{ clock(row.readyBy) }}.
        </p>
        <div class="turns no-print">
          <Act :disabled="i === 0" :aria-label="`${row.person.name} earlier`" @click="move(i, i - 1)">↑</Act>
          <Act :disabled="i === rows.length - 1" :aria-label="`${row.person.name} later`" @click="move(i, i + 1)"
            >↓</Act
          >
        </div>
      </li>
    </ol>
    <p class="key small" aria-hidden="true">
      <span class="chair" /> at the chair <span class="settles" /> settling <span class="hair" /> hair
      <span class="chair look" /> a look before leaving <span class="bar" /> ready by
    </p>
  </div>
</template>

<style scoped>
.timeline {
  --who: 172px;
  --acts: 92px;
}
.axis {
  position: relative;
  height: 22px;
  margin: 12px calc(var(--acts) + 12px) 0 calc(var(--who) + 46px);
  font-size: 0.8rem;
  color: var(--muted);
}
.axis span {
  position: absolute;
  transform: translateX(-50%);
}
ol {
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--ink);
}
li {
  display: grid;
  grid-template-columns: var(--who) 22px minmax(0, 1fr) var(--acts);
  gap: 0 12px;
  align-items: center;
  min-height: 56px;
  border-bottom: 1px solid var(--line);
}
.who {
  display: grid;
  cursor: grab;
  min-width: 0;
}
.name {
  all: unset;
  font-weight: 650;
  cursor: pointer;
  min-height: 28px;
  display: inline-flex;
  align-items: center;
}
.name:hover {
  text-decoration: underline;
  text-underline-offset: 4px;
}
.name:focus-visible {
  outline: 2px solid var(--accent);
  outline-offset: 2px;
}
.skin {
  height: 40px;
  width: 22px;
  border: 1px solid transparent;
}
.skin:not([style]) {
  border: 1px dashed var(--muted);
}
.lane {
  position: relative;
  height: 56px;
}
.lane > span {
  position: absolute;
}
.hour {
  top: 0;
  bottom: 0;
  width: 1px;
  background: var(--line);
}
.chair,
.hair,
.settles {
  top: 8px;
  height: 40px;
  overflow: hidden;
}
.chair {
  background: var(--ink);
  color: var(--page);
}
.chair.look {
  background: #6b6b6b;
}
.settles {
  background: repeating-linear-gradient(-45deg, var(--muted) 0 1px, transparent 1px 6px);
}
.hair {
  border: 1px solid var(--ink);
  background: var(--page);
}
.lane i {
  font: inherit;
  font-size: 0.78rem;
  padding: 3px 5px;
  display: block;
  white-space: nowrap;
}
.ready {
  top: 2px;
  bottom: 2px;
  width: 2px;
  background: var(--accent);
}
.ready b {
  position: absolute;
  left: 6px;
  top: 15px;
  font-size: 0.78rem;
  color: var(--accent);
  background: var(--page);
  padding: 1px 2px;
  white-space: nowrap;
}
.turns {
  display: flex;
  flex-wrap: nowrap;
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  margin: 12px 0 0;
}
.key span {
  position: static;
  display: inline-block;
  width: 26px;
  height: 13px;
  margin-left: 12px;
}
.key .bar {
  width: 2px;
  height: 16px;
  background: var(--accent);
}
.narrow {
  display: none;
}
.ghost {
  opacity: 0.4;
}
@media (max-width: 760px) {
  .timeline {
    --who: 0px;
    --acts: 88px;
  }
  .axis {
    margin: 12px 0 0;
  }
  .axis span:nth-child(even) {
    display: none;
  }
  li {
    grid-template-columns: 22px minmax(0, 1fr) auto;
    padding: 6px 0;
  }
  .who {
    grid-column: 2;
    grid-row: 1;
  }
  .skin {
    grid-column: 1;
    grid-row: 1;
  }
  .acts {
    grid-column: 3;
    grid-row: 1;
  }
  /* The hour has no room beside its line. */
  .ready b {
    display: none;
  }
  .narrow {
    display: inline;
  }
  .lane {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
