import type { Shelf } from '~/workers/complexion.worker'

/** The usable kit as plain data for a worker. */
export function plainShelf(shelf: Shelf): Shelf {
  return {
    products: JSON.parse(JSON.stringify(shelf.products)) as Shelf['products'],
    rules: { ...shelf.rules, apart: new Set(shelf.rules.apart), tried: new Map(shelf.rules.tried) },
  }
}
