import { inDepth, sortOfKind, UNKNOWN_KIND, type OwnedKind } from '#core/stock/things/kinds'
import { alongScale, movedTo } from '#core/stock/things/range'
import { isLike, rangeNamed, type Heading, type ReadThing } from '#core/stock/list'
import { isNoCosmetic } from '#core/stock/list/unsafe'
import { listedFrom, type ListedThing } from '#shared/records/kit/listed'

/** A thing of a list as it was read and put right. */
export interface ListRow {
  key: string
  thing: ReadThing
  kind: OwnedKind
  /** As it was read, to find others that are mistaken alike. */
  was: ReadThing
  /** Its own place; the place of the whole list, when null. */
  placeId: string | null
  open: boolean
  looked: boolean
  chosen: boolean
}
/** Rows under one heading. */
export interface ListGroup {
  heading: string | null
  rows: ListRow[]
}
/** Shades of one line that lie along the depth scale. */
export interface ListRange {
  name: string
  rows: ListRow[]
}

/** A list that was read, while the artist looks it through. Nothing is saved here. */
export function useListReview() {
  const rows = ref<ListRow[]>([])
  const headings = ref<Heading[]>([])

  function show(read: { things: ReadThing[]; headings: Heading[] }) {
    headings.value = read.headings
    rows.value = read.things.map(thing => ({
      key: `${thing.line}.${thing.part}`,
      thing,
      was: { ...thing },
      kind: thing.kind ?? UNKNOWN_KIND,
      placeId: null,
      open: false,
      looked: false,
      chosen: false,
    }))
    for (const range of ranges.value) lay(range)
  }

  // Spirit gum is known for what it is, and no make-up: there is nothing to put right.
  const isDoubtful = (row: ListRow) =>
    !row.looked && !isNoCosmetic(row.was.name) && (row.kind === UNKNOWN_KIND || row.thing.doubtful.length > 0)
  const listedOf = (row: ListRow): ListedThing => listedFrom(row.thing, row.kind, !isDoubtful(row))
  const doubtful = computed(() => rows.value.filter(isDoubtful))
  const unsafe = computed(() => rows.value.filter(r => r.thing.unsafeFor.length > 0))
  const chosen = computed(() => rows.value.filter(r => r.chosen))
  const total = computed(() => rows.value.reduce((sum, r) => sum + listedOf(r).count, 0))
  const groupsOf = (shown: readonly ListRow[]): ListGroup[] =>
    [...Map.groupBy(shown, r => r.thing.under)].map(([heading, own]) => ({ heading, rows: own }))

  /** Lines that name several shades: the depth of each is guessed until the artist sets it. */
  const ranges = computed<ListRange[]>(() =>
    [...Map.groupBy(rows.value, r => r.thing.line).values()]
      .filter(own => own.length > 1 && own.every(r => inDepth(r.kind) && r.kind === own[0]!.kind))
      .filter(own => own.some(r => r.was.depth === null) && own.every(r => r.thing.shade !== null))
      .map(own => ({ name: rangeNamed(own[0]!.thing), rows: own })),
  )
  function lay(range: ListRange, ends?: { first: number; last: number }) {
    const depths = alongScale(
      range.rows.map(r => r.was.depth),
      ends,
    )
    range.rows.forEach((r, i) => (r.thing.depth = depths[i]!))
  }
  function moveShade(range: ListRange, at: number, depth: number) {
    const depths = movedTo(
      range.rows.map(r => r.thing.depth ?? 1),
      at,
      depth,
    )
    range.rows.forEach((r, i) => (r.thing.depth = depths[i]!))
  }

  /** The last kind that was put right, with the others that are mistaken alike. */
  const alike = ref<{ kind: OwnedKind; rows: ListRow[] } | null>(null)
  const setKind = (row: ListRow, kind: OwnedKind) => {
    row.kind = kind
    row.looked = true
    row.thing.sort = sortOfKind(kind)
  }
  function choose(row: ListRow, kind: OwnedKind | null) {
    if (!kind || (row.kind === kind && row.looked)) return
    setKind(row, kind)
    const others = rows.value.filter(r => r !== row && r.kind !== kind && isLike(r.was, row.was))
    alike.value = others.length > 0 ? { kind, rows: others } : null
  }
  function sameForAll() {
    for (const row of alike.value?.rows ?? []) setKind(row, alike.value!.kind)
    alike.value = null
  }

  /** One change for all that are chosen. */
  function change(what: (row: ListRow) => void) {
    for (const row of chosen.value) what(row)
  }
  const leaveOut = (gone: readonly ListRow[]) => {
    rows.value = rows.value.filter(r => !gone.includes(r))
  }

  return {
    rows,
    headings,
    doubtful,
    unsafe,
    chosen,
    total,
    ranges,
    alike,
    show,
    isDoubtful,
    listedOf,
    groupsOf,
    lay,
    moveShade,
    setKind,
    choose,
    sameForAll,
    change,
    leaveOut,
  }
}
export type ListReview = ReturnType<typeof useListReview>
