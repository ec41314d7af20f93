<script setup lang="ts">
import { HAS_DEPTH } from '#core/stock/list/lines/alongDepth'
import { otherKinds } from '#core/stock/list/review'
import { isNoCosmetic } from '#core/stock/list/unsafe'
import { colourSaid } from '#core/stock/list/colourWord'
import { MEASURES } from '#core/stock/things/things'
import { UNKNOWN_KIND, type OwnedKind } from '#core/stock/things/kinds'
import type { ListRow } from '~/composables/useListReview'

/** One thing of a list as it was understood, and everything about it that can be put right. */
defineProps<{
  count: number
  isDoubtful: boolean
  /** Whether several can be chosen, to be changed together. */
  among?: boolean
  places: readonly { value: string; title: string }[]
}>()
const row = defineModel<ListRow>({ required: true })
const emit = defineEmits<{ choose: [kind: OwnedKind | null]; leave: [] }>()

/** The colour its words stand for, until the real one is known. */
const colour = computed(() =>
  colourSaid(row.value.kind, row.value.thing.name, row.value.thing.depth, row.value.thing.undertone),
)
const hasDepth = computed(() => (HAS_DEPTH as readonly OwnedKind[]).includes(row.value.kind))
const facts = computed(() => readInWords(row.value.thing, row.value.kind))
/** Spirit gum is no mint: what is known not to be make-up is offered no kind by a word it shares. */
const others = computed(() =>
  isNoCosmetic(row.value.was.name) ? [] : otherKinds(row.value.was).filter(k => k !== row.value.kind),
)
/** Fields that may stay empty are empty numbers while they are typed. */
const sizeTyped = computed({
  get: () => row.value.thing.size ?? Number.NaN,
  set: size => {
    row.value.thing.size = Number.isFinite(size) && size > 0 ? size : null
    if (row.value.thing.size !== null) row.value.thing.measure ??= 'ml'
  },
})
const depthTyped = computed({
  get: () => row.value.thing.depth ?? Number.NaN,
  set: depth => (row.value.thing.depth = depth >= 1 && depth <= 12 ? depth : null),
})
const countTyped = computed({
  get: () => row.value.thing.count,
  set: n => (row.value.thing.count = n >= 1 && n <= 500 ? Math.round(n) : row.value.thing.count),
})
const opened = computed({
  get: () => row.value.thing.openedOn?.slice(0, 7) ?? '',
  set: month => (row.value.thing.openedOn = month === '' ? null : month),
})
</script>

<template>
  <li :class="{ doubtful: isDoubtful, among }">
    <span v-if="among" class="tick"
      ><v-checkbox-btn v-model="row.chosen" :aria-label="`Choose ${row.thing.name}`" density="compact"
    /></span>
    <span class="num count">{{ count }} ×</span>
    <div>
      <p class="what">
        <Swatch v-if="colour" :lab="colour" :size="18" />
        <b class="free">{{ row.thing.name }}</b>
        <span v-if="isDoubtful" class="mark">look here</span>
        <span v-if="row.thing.unsafeFor.length > 0" class="mark">not for {{ row.thing.unsafeFor.join(', ') }}</span>
      </p>
      <p class="small">
        {{ kindChoice(row.kind).title }}<template v-if="facts"> · {{ facts }}</template
        ><template v-if="isDoubtful && row.thing.doubtful.length > 0">
          · not sure of “{{ row.thing.doubtful.slice(0, 4).join(', ') }}”</template
        >
      </p>
      <div v-if="isDoubtful || row.open" class="choice">
        <v-btn v-if="isDoubtful && row.kind !== UNKNOWN_KIND" size="small" variant="outlined" @click="row.looked = true"
          >Right: {{ row.kind }}</v-btn
        >
        <v-btn v-for="kind in others" :key="kind" size="small" variant="outlined" @click="emit('choose', kind)">{{
          kind
        }}</v-btn>
        <LazyKindPicker :model-value="row.kind" :name="row.thing.name" @update:model-value="k => emit('choose', k)" />
      </div>
      <div v-if="row.open" class="choice fields">
        <v-text-field v-model="row.thing.name" class="long" label="Name" maxlength="80" hide-details />
        <NumberField v-model="countTyped" label="How many" whole hide-details />
        <NumberField v-model="sizeTyped" label="Size" hide-details />
        <v-select v-model="row.thing.measure" label="Unit" :items="[...MEASURES]" hide-details />
        <v-select v-model="row.thing.level" label="How full" :items="levelChoices(row.was.level)" hide-details />
        <v-text-field v-model="opened" type="month" label="Opened" hide-details />
        <NumberField v-if="hasDepth" v-model="depthTyped" label="Depth, 1 to 12" hide-details />
        <v-select v-model="row.placeId" class="long" label="It goes into" :items="places" hide-details />
      </div>
    </div>
    <div class="doing">
      <Act :aria-label="`Change ${row.thing.name}`" :aria-expanded="row.open" @click="row.open = !row.open">{{
        row.open ? 'Less' : 'Change'
      }}</Act>
      <Act :aria-label="`Leave out ${row.thing.name}`" @click="emit('leave')">Leave out</Act>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) auto;
  gap: 10px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
  align-items: start;
}
li.among {
  grid-template-columns: 40px 52px minmax(0, 1fr) auto;
}
p {
  margin: 0;
}
/* Vuetify places the box by a grid of its own. */
.tick {
  display: block;
  width: 40px;
}
.count {
  padding-top: 1px;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.doubtful {
  border-left: 4px solid var(--ink);
}
.mark {
  font-size: 0.8rem;
  border: 1px solid var(--ink);
  padding: 0 6px;
}
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding-top: 6px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
}
.long {
  grid-column: span 2;
}
.doing {
  white-space: nowrap;
}
@media (max-width: 760px) {
  li {
    grid-template-columns: 40px minmax(0, 1fr);
  }
  li.among {
    grid-template-columns: 40px 40px minmax(0, 1fr);
  }
  .doing {
    grid-column: -2;
  }
}
</style>
