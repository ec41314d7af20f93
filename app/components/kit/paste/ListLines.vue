<script setup lang="ts">
import { purposeOf, PURPOSES } from '#core/stock/things/kinds'
import type { HeldLine } from '#core/stock/handling/standingList'
import type { StandingListLine } from '#shared/records/kit/standingLists'

/** What goes along by one list, by what it is for, each with where it is now; counts are changed in place. */
const { list } = defineProps<{ list: StandingListLine }>()
const emit = defineEmits<{ count: [productId: string, wanted: number] }>()
const changeOf = ({ productId }: HeldLine) =>
  list.isCore ? 0 : (list.changes.find(c => c.productId === productId)?.count ?? 0)
const groups = computed(() =>
  PURPOSES.map(purpose => ({ purpose, lines: list.lines.filter(l => purposeOf(l.kind) === purpose) })).filter(
    g => g.lines.length > 0,
  ),
)
function said({ along, wanted, bring, lacking }: HeldLine): string {
  const come = bring.reduce((sum, b) => sum + b.count, 0)
  return [
    along >= wanted ? '' : along === 0 ? 'not along' : `${along} along`,
    come > 0 ? `${come} to come from where ${come === 1 ? 'it stands' : 'they stand'}` : '',
    lacking > 0 ? `${lacking} not there: buy or do without` : '',
  ]
    .filter(Boolean)
    .join('; ')
}
const inChange = (by: number) => (by > 0 ? `${by} more than the core` : `${-by} fewer than the core`)
</script>

<template>
  <div class="groups">
    <section v-for="g in groups" :key="g.purpose">
      <h3>{{ capital(g.purpose) }}</h3>
      <ul class="bare">
        <li v-for="l in g.lines" :key="l.productId" :class="{ open: l.bring.length > 0 || l.lacking > 0 }">
          <span class="count no-print">
            <v-btn
              icon
              size="x-small"
              variant="text"
              :aria-label="`One ${l.name} fewer`"
              @click="emit('count', l.productId, l.wanted - 1)"
              >−</v-btn
            >
            <b class="num">{{ l.wanted }}</b>
            <v-btn
              icon
              size="x-small"
              variant="text"
              :aria-label="`One ${l.name} more`"
              @click="emit('count', l.productId, l.wanted + 1)"
              >+</v-btn
            >
          </span>
          <span class="only-print">□ {{ l.wanted }}</span>
          <span>
            {{ l.name }}
            <span class="small">
              {{ [changeOf(l) === 0 ? '' : inChange(changeOf(l)), said(l)].filter(Boolean).join('; ') }}
            </span>
          </span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.groups {
  columns: 3 280px;
  column-gap: 34px;
}
section {
  break-inside: avoid-column;
  margin-bottom: 16px;
}
h3 {
  margin: 0 0 2px;
  border-bottom: 1px solid var(--line);
}
li {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 8px;
  align-items: center;
  min-height: 30px;
}
.count {
  display: inline-flex;
  align-items: center;
  gap: 2px;
}
.count .v-btn {
  font-size: 18px;
}
.count .num {
  min-width: 18px;
  text-align: center;
}
.open {
  font-weight: 600;
}
.only-print {
  display: none;
}
@media print {
  .only-print {
    display: inline;
  }
  li {
    grid-template-columns: 40px minmax(0, 1fr);
  }
}
</style>
