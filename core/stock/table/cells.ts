import { COVERAGES, FAMILIES, type Coverage, type Family } from '../../complexion/bottles/product'
import { UNDERTONES, type Undertone } from '../../complexion/skins/skin'
import { FINISHES, type Finish } from '../../product/item'
import { BRUSH_SHAPES, type BrushShape } from '../things/kinds'
import { MEASURES, type Measure } from '../things/things'
import { readLine, type ReadThing } from '../list/readLine'
import { readLevel } from '../list/levels'
import { readSize, readPieces, type Size } from '../list/figures'
import { readDate } from '../list/opened'
import { tidied, wordsOf } from '../list/words'

/* Single cells, read as people write them: decimal commas, units, currencies, days in any order. Undefined is what cannot be read. */

/** How a table writes what can be read in two ways. */
export interface CellHabits {
  /** ISO date of today. */
  today: string
  /** Whether 03/04 is the third of April. */
  dayFirst: boolean
}

const SCIENTIFIC = /^[+-]?\d+(\.\d+)?e[+-]?\d+$/i
const NUMBER = /^[+-]?[\d.,'’\s]+$/

/** A number: "12,5", "1.234,50", "1,234.50", "1 234". */
export function numberIn(cell: string): number | undefined {
  const text = cell.trim()
  if (SCIENTIFIC.test(text)) return Number(text)
  if (!NUMBER.test(text) || !/\d/.test(text)) return undefined
  const close = text.replace(/['’\s\u00a0]/g, '')
  const [comma, point] = [close.lastIndexOf(','), close.lastIndexOf('.')]
  const decimal = comma > point ? ',' : '.'
  const parts = close.split(decimal)
  // More than one of a sign, and every group of three: they part thousands.
  const groups = parts.length > 2
  const whole = groups ? close.replaceAll(decimal, '') : parts[0]!.replace(/[.,]/g, '')
  const value = Number(groups ? whole : `${whole || '0'}.${parts[1] ?? '0'}`)
  return Number.isFinite(value) ? value : undefined
}

const SIGNS: Readonly<Record<string, string>> = {
  '€': 'EUR',
  '£': 'GBP',
  '$': 'USD',
  '¥': 'JPY',
  'zł': 'PLN',
  'kč': 'CZK',
}
export interface Price {
  minor: number
  /** ISO code, where the cell names one. */
  currency: string | null
}

/** A price with or without its currency: "12,50 €", "EUR 12.5", "1.299". */
export function priceIn(cell: string): Price | undefined {
  const text = cell.trim()
  const named = /€|£|\$|¥|zł|kč|\b[A-Z]{3}\b/iu.exec(text)?.[0]
  const rest = named ? text.replace(named, '') : text
  const grouped = /^\s*\d{1,3}([.,]\d{3})+\s*$/.test(rest)
  const value = numberIn(grouped ? rest.replace(/[.,]/g, '') : rest)
  if (value === undefined || value < 0) return undefined
  const code = named ? (SIGNS[named.toLowerCase()] ?? named.toUpperCase()) : null
  return { minor: Math.round(value * 100), currency: code }
}

/** A share that is left: "50 %", "0,5", "half full", "3/4"; a bare figure above 1 counts in hundredths. */
export function levelIn(cell: string): number | undefined {
  const bare = numberIn(cell.replace('%', ''))
  if (bare !== undefined) {
    const level = bare > 1 || cell.includes('%') ? bare / 100 : bare
    return level >= 0 && level <= 1 ? level : undefined
  }
  return readLevel(wordsOf(tidied(cell))) ?? undefined
}

/** A size with its unit: "30 ml", "7,5 g", "12 pairs"; a bare figure has none. */
export function sizeIn(cell: string): (Omit<Size, 'measure'> & { measure: Measure | null }) | undefined {
  const bare = numberIn(cell)
  if (bare !== undefined) return bare > 0 ? { size: bare, measure: null } : undefined
  const words = wordsOf(tidied(cell))
  return readSize(words) ?? readPieces(words) ?? undefined
}

/** A unit of measure alone: "ml", "pcs", "Paar". */
export function measureIn(cell: string): Measure | undefined {
  const exact = MEASURES.find(m => m === cell.trim().toLowerCase())
  return exact ?? sizeIn(`1 ${cell}`)?.measure ?? undefined
}

/** A day, or a month: "2026-03-14", "14.3.2026", "03/14/2026" where months come first, "March 2026". */
export function dayIn(cell: string, { today, dayFirst }: CellHabits): string | undefined {
  const text = cell.trim()
  const iso = /^(\d{4}-\d{2}-\d{2})(T[\d:.]+(?:Z|[+-]\d{2}:\d{2})?)?$/.exec(text)
  if (iso) return iso[2] ? text : iso[1]
  const slashed = /^(\d{1,2})\/(\d{1,2})\/(\d{2,4})$/.exec(text)
  // What can be no month is the day, whatever comes first.
  const swap = slashed && (dayFirst ? Number(slashed[2]) > 12 : Number(slashed[1]) <= 12)
  return readDate(swap ? `${slashed[2]}/${slashed[1]}/${slashed[3]}` : text, today)?.on
}

/* Cells speak as lines do: "matt", "warm", "medium coverage". */
const spoken = (line: string): ReadThing | null => readLine(line, 0, '2000-01-01')
const exact = <T extends string>(cell: string, words: readonly T[]): T | undefined =>
  words.find(w => w === cell.trim().toLowerCase())

export const finishIn = (cell: string): Finish | undefined =>
  exact(cell, FINISHES) ?? spoken(`foundation ${cell}`)?.finish ?? undefined
export const undertoneIn = (cell: string): Undertone | undefined =>
  exact(cell, UNDERTONES) ?? spoken(`foundation ${cell}`)?.undertone ?? undefined
export const coverageIn = (cell: string): Coverage | undefined =>
  exact(cell, COVERAGES)
  ?? spoken(`foundation ${cell}`)?.coverage
  ?? spoken(`foundation ${cell} cover`)?.coverage
  ?? undefined
export const familyIn = (cell: string): Family | undefined =>
  exact(cell.replace(/[- ]?based$/i, ''), FAMILIES) ?? spoken(`foundation ${cell}`)?.family ?? undefined
export const shapeIn = (cell: string): BrushShape | undefined =>
  exact(cell, BRUSH_SHAPES) ?? spoken(`brush ${cell} brush`)?.shape ?? undefined
/** 1–12, as a figure or as a word: "medium deep". */
export function depthIn(cell: string): number | undefined {
  const figure = numberIn(cell)
  const depth = figure ?? spoken(`foundation ${cell}`)?.depth ?? undefined
  return depth !== undefined && depth >= 1 && depth <= 12 ? depth : undefined
}
