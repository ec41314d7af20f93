<script setup lang="ts">
import type { ThingGroup } from '#core/stock/things/thing'
import type { BoardPlace } from '#shared/records/kit/things'

/** The kit as it stands: a tray a place, what comes out first on top. */
const { chosen } = defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ choose: [group: ThingGroup]; more: [placeId: string]; place: [place: BoardPlace | null] }>()
const board = useBoard()
const undo = useUndo()

/** Each place that is in no other, with what is in it. */
const sections = computed(() => {
  const all = board.board.places
  return all.flatMap((root, i) => {
    if (root.depth > 0) return []
    const next = all.findIndex((p, k) => k > i && p.depth === 0)
    return [{ root, inside: all.slice(i + 1, next < 0 ? undefined : next) }]
  })
})
/** Each place with things in it is a tray; in a place that holds others, the loose things come last. */
function traysOf(root: BoardPlace, inside: readonly BoardPlace[]) {
  const tray = (place: BoardPlace, note?: string) => ({ place, name: place.name, note, limits: place.limits })
  if (inside.length === 0) return [tray(root)]
  const pouches = inside.map((place, i) => tray(place, i === 0 ? 'out first' : undefined))
  // Its name and weight are the heading over all of it.
  const loose = { place: root, name: 'Loose in it', note: undefined, limits: null }
  return root.here.count > 0 ? [...pouches, loose] : pouches
}
const drop = (ids: string[], placeId: string | null) =>
  undo.attempt(() =>
    board.move(
      ids.map(id => ({ id })),
      placeId,
    ),
  )
/** Things in no pouch: a mat and a mirror lie loose in any case, a third of the kit does not. */
const loose = computed(() => {
  const kitCase = board.placeById.get('kit-case')
  const count = (kitCase?.here.count ?? 0) + board.board.nowhere.here.count
  return count * 3 > (kitCase?.within.count ?? 0) ? count : 0
})
</script>

<template>
  <div>
    <p v-if="loose > 0" class="offer">
      {{ plural(loose, 'thing') }} stand loose.
      <v-btn variant="outlined" size="small" @click="undo.attempt(() => board.sort())"
        >Put each in the pouch of its kind</v-btn
      >
    </p>
    <Tray
      v-if="board.board.nowhere.here.count > 0"
      :place-id="null"
      name="Not placed yet"
      :things="board.board.nowhere.things"
      :here="board.board.nowhere.here"
      :chosen="chosen"
      @choose="emit('choose', $event)"
      @drop="drop"
      @more="emit('more', 'nowhere')"
    />
    <section
      v-for="{ root, inside } in sections"
      :key="root.id"
      :aria-label="inside.length > 0 ? root.name : undefined"
    >
      <div v-if="inside.length > 0" class="root">
        <h2 class="free">{{ root.name }}</h2>
        <span class="small" :class="{ strong: root.limits.limitG !== null && root.within.massG > root.limits.limitG }"
          >{{ plural(root.within.count, 'thing') }}, {{ kilos(root.within.massG)
          }}{{ root.limits.limitG === null ? '' : ` of ${kilos(root.limits.limitG)}` }}</span
        >
        <Act class="no-print" :aria-label="`Change ${root.name}`" @click="emit('place', root)">Change</Act>
      </div>
      <Tray
        v-for="tray in traysOf(root, inside)"
        :key="tray.place.id"
        :place-id="tray.place.id"
        :name="tray.name"
        :note="tray.note"
        :things="tray.place.things"
        :here="tray.place.here"
        :limit-g="tray.limits?.limitG"
        :limit-ml="tray.limits?.volumeMl"
        :chosen="chosen"
        @choose="emit('choose', $event)"
        @drop="drop"
        @more="emit('more', tray.place.id)"
        ><template v-if="tray.limits" #acts
          ><Act class="no-print change" :aria-label="`Change ${tray.name}`" @click="emit('place', tray.place)"
            >Change</Act
          ></template
        ></Tray
      >
    </section>
    <p class="no-print"><Act @click="emit('place', null)">Another place</Act></p>
  </div>
</template>

<style scoped>
/* "Change" is one word. */
.act {
  white-space: nowrap;
}
.root {
  display: flex;
  align-items: baseline;
  gap: 12px;
  border-bottom: 2px solid var(--ink);
  padding: 14px 0 4px;
}
.root + :deep(.tray) {
  border-top: 0;
}
.strong {
  font-weight: 650;
  color: var(--ink);
}
.offer {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.change {
  padding-left: 0;
  min-height: 28px;
}
</style>
