import type { Lab } from '#core/colour/lab'

/** A column of a table: its head, its alignment, and the text of a line in it. */
export interface Column<Line> {
  key: string
  text: string
  /** Its name is read out only. */
  unseen?: boolean
  /** `num` to the right, `wide` only where there is room, and others of the page's own. */
  class?: string
  /** The text of a cell, where the slot of the column's key is not used. */
  of?: (line: Line) => string | number
  /** Can be sorted by: by what `of` gives or, where the lines come in an order, by who gives them. */
  sorts?: boolean
  /** Names its row. */
  names?: boolean
}

export type Order = { key: string; way: 'up' | 'down' }

/** The three figures of a colour. */
export const axisColumns = <Line>(labOf: (line: Line) => Lab): Column<Line>[] =>
  (['L', 'a', 'b'] as const).map(axis => ({
    key: axis,
    text: `${axis}*`,
    class: 'num',
    of: line => labOf(line)[axis].toFixed(1),
  }))
