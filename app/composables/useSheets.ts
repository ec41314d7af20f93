import { computed, ref, shallowRef } from 'vue'
import { guessColumns, headingRow } from '#core/stock/table/columns'
import type { Mapping } from '#core/stock/table/fields'
import type { Sheet } from '#shared/tableFile'

const HEADINGS_OFFERED = 12

/** The sheets of a file that was opened: which is read, which row says what the columns are, and what each means. */
export function useSheets() {
  const sheets = shallowRef<Sheet[]>([])
  const sheet = ref(0)
  /** The row that says what the columns are, from 0; null for none. */
  const headed = ref<number | null>(null)
  const mapping = ref<Mapping>([])

  const rows = computed(() => sheets.value[sheet.value]?.rows ?? [])
  const width = computed(() => Math.max(0, ...rows.value.slice(0, 200).map(r => r.length)))
  const titles = computed(() =>
    Array.from({ length: width.value }, (_, i) =>
      headed.value === null ? '' : (rows.value[headed.value]?.[i]?.trim() ?? ''),
    ),
  )
  const headings = computed(() => titles.value.map((title, i) => title || `Column ${i + 1}`))
  const body = computed(() => rows.value.slice(headed.value === null ? 0 : headed.value + 1))
  const filled = computed(() => body.value.filter(r => r.some(c => c.trim() !== '')).length)
  const headingChoices = computed(() => [
    ...rows.value.slice(0, HEADINGS_OFFERED).flatMap((row, value) => {
      const text = row.filter(c => c.trim() !== '').join(' · ')
      return text === '' ? [] : [{ value, title: `row ${value + 1}: ${text.slice(0, 80)}` }]
    }),
    { value: null, title: 'none: the columns have no names' },
  ])
  const samples = (column: number) =>
    [...new Set(body.value.map(r => (r[column] ?? '').trim()).filter(Boolean))].slice(0, 3)

  function choose(which: number): void {
    sheet.value = which
    nameColumns(headingRow(rows.value))
  }

  /** @param row that says what the columns are; null for none */
  function nameColumns(row: number | null): void {
    headed.value = row
    mapping.value = guessColumns(titles.value, body.value.slice(0, 50))
  }

  return { sheets, sheet, headed, mapping, headings, headingChoices, body, filled, samples, choose, nameColumns }
}
