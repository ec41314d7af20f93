<script setup lang="ts" generic="Line extends object">
import { VDataTable, VDataTableServer } from 'vuetify/components/VDataTable'
import type { Column, Order } from '~/words/columns'

/**
 * Records as a table of the trade, the one look of every table. One that cannot be drawn takes only its own row.
 */
const {
  columns,
  lines,
  nameOf = () => 'This row',
  order = undefined,
} = defineProps<{
  caption: string
  seenCaption?: boolean
  columns: readonly Column<Line>[]
  lines: readonly Line[]
  nameOf?: (line: Line) => string
  /** What the lines come sorted by. */
  order?: Order
}>()
const emit = defineEmits<{ order: [order: Order] }>()
defineSlots<Record<string, (props: { line: Line; index: number }) => unknown>>()

const headers = computed(() =>
  columns.map(c => ({
    key: c.key,
    title: c.text,
    value: c.of,
    sortable: c.sorts ?? false,
    headerProps: { class: c.class },
  })),
)
const sortBy = computed(
  () => order && [{ key: order.key, order: order.way === 'up' ? ('asc' as const) : ('desc' as const) }],
)
function sort([first]: { key: string; order?: boolean | 'asc' | 'desc' }[]) {
  if (first) emit('order', { key: first.key, way: first.order === 'desc' ? 'down' : 'up' })
}
</script>

<template>
  <component
    :is="order ? VDataTableServer : VDataTable"
    class="ledger"
    :headers="headers"
    :items="[...lines]"
    :items-length="lines.length"
    :items-per-page="-1"
    :sort-by="sortBy"
    :must-sort="!!order"
    hide-no-data
    hide-default-footer
    :hide-default-header="columns.every(c => !c.text)"
    @update:sort-by="sort"
  >
    <template #colgroup>
      <caption :class="seenCaption ? 'small' : 'visually-hidden'">
        {{
          caption
        }}
      </caption>
    </template>
    <template v-for="c in columns.filter(c => c.unseen)" :key="c.key" #[`header.${c.key}`]
      ><span class="visually-hidden">{{ c.text }}</span></template
    >
    <template #item="{ item, index }: { item: Line; index: number }">
      <Guard :what="nameOf(item)" row>
        <tr>
          <component
            :is="c.names ? 'th' : 'td'"
            v-for="c in columns"
            :key="c.key"
            :class="c.class"
            :scope="c.names ? 'row' : undefined"
            ><slot :name="c.key" :line="item" :index="index">{{ c.of?.(item) }}</slot></component
          >
        </tr>
      </Guard>
    </template>
  </component>
</template>

<style>
.ledger,
.ledger .v-table__wrapper {
  background: none;
  color: inherit;
  font-size: inherit;
  line-height: inherit;
  overflow: visible;
}
.ledger table {
  width: 100%;
  border-collapse: collapse;
}
.ledger th {
  text-align: left;
  font-weight: 600;
  font-size: 0.82rem;
  color: var(--muted);
  height: auto;
  padding: 6px 10px 6px 0;
  border-bottom: 1px solid var(--ink);
  white-space: nowrap;
}
.ledger .v-data-table__th--sortable {
  height: 44px;
  cursor: pointer;
}
.ledger .v-data-table__th--sortable:not(.v-data-table__th--sorted) .v-icon {
  display: none;
}
.ledger .num .v-data-table-header__content {
  justify-content: flex-end;
}
.ledger td,
.ledger th[scope='row'] {
  padding: 0 10px 0 0;
  height: 46px;
  border-bottom: 1px solid var(--line);
}
.ledger .num {
  text-align: right;
  white-space: nowrap;
}
.ledger caption {
  text-align: left;
  padding: 8px 0 2px;
}
.ledger th[scope='row'] {
  font-weight: 650;
  color: var(--ink);
  font-size: 1rem;
}
@media (max-width: 760px) {
  .ledger .wide {
    display: none;
  }
  .ledger td,
  .ledger th {
    padding-right: 6px;
  }
}
</style>
