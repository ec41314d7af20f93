import { isToolKind, type ThingKind } from '../../things/kinds'
import { kindIn } from '../kind'
import { figureOfWord } from '../figures'
import { wordsOf } from '../words'
import type { Part } from './part'
import { cutAt, each } from './cut'
import { PALETTE, type Fragment, fragmentOf } from './fragment'
import { commasBetween, countsLast } from './commas'
import { atAnd, absorbed, distributed } from './joined'
import { namedAlone, sharing, startsThing } from './groups'
import { byLevel, someFilled } from './filled'
import { hasShades, alongDepth } from './alongDepth'
import { byShade } from './byShade'
import { byCounts, eachPalette } from './byCounts'
import { byWord } from './byWord'

/*
 * One line as the things it names, each as a line of its own: "tissues, cotton buds" are two, "lip liner nude, red" two of a range, "lip
 * palette: sand, rose" one. A line is taken apart where what stands on both sides is a thing, or tells one of a range from the next.
 */

/** The things a line names, in its order. One that cannot be taken apart is one. */
export function partsOf(line: string, under: ThingKind | null, zone: string | null): Part[] {
  const segments = joinedToThings(cutAt(line, /;/).flatMap(sentencesOf))
  let said: string | undefined
  return segments.flatMap(segment => {
    const brushes = brushesListed(segment)
    if (brushes) return brushes
    const opened = zoneOpened(segment)
    if (opened) said = opened.zone
    const parts = ofSegment(opened?.rest ?? segment, under, said ?? zone)
    return said === undefined ? parts : parts.map(p => ({ ...p, zone: said! }))
  })
}

// A full stop after a word, not after "no." or "approx.".
const STOPS = /(?<=\p{L}{3})\.\s+(?=\p{L})/u
/** "Toner spray. eye cream. lip scrub." are three, where each of them is a thing. */
function sentencesOf(segment: string): string[] {
  const said = segment.split(STOPS).filter(s => s.trim() !== '')
  const areThings = said.length > 1 && said.every(s => kindIn(wordsOf(s))?.weak === false)
  return areThings ? said : [segment]
}

// "Brushes: powder, blush x2": what they are for, one after another.
const BRUSHES_OPENED = /^\s*(\p{L}+):\s+(.+)$/u
function brushesListed(text: string): Part[] | null {
  const said = BRUSHES_OPENED.exec(text)
  const found = said ? kindIn(wordsOf(said[1]!)) : null
  const items = said ? cutAt(said[2]!, /,/) : []
  if (found?.entry.kind !== 'brush' || items.length < 2) return null
  return items.map(each).map(({ count, rest }) => ({ text: `${count ?? 1} x ${rest} ${said![1]!.toLowerCase()}` }))
}

// "Eyes: quad, liner": the words before the colon name no thing.
const ZONE_OPENED = /^\s*([\p{L} &-]{3,24}):\s+(.+)$/u

// prettier-ignore
const ZONE_NAMES: Readonly<Record<string, string>> = {
  eye: 'eye', eyes: 'eye', lip: 'lip', brow: 'brow', lash: 'lash', cheek: 'cheek', augen: 'eye', yeux: 'eye', lips: 'lip', lippen: 'lip', levres: 'lip', 'lèvres': 'lip', brows: 'brow', augenbrauen: 'brow',
  sourcils: 'brow', lashes: 'lash', wimpern: 'lash', cils: 'lash', cheeks: 'cheek', wangen: 'cheek', joues: 'cheek', body: 'body', hair: 'hair',
  face: '', gesicht: '', visage: '', skin: '', haut: '', peau: '', teint: '', complexion: '', prep: '', base: '', hygiene: '', 'hygiène': '',
  tools: '', misc: '', other: '', others: '', extras: '', disposables: '', sonstiges: '', divers: '', bag: '', kit: '', comfort: '',
}

function zoneOpened(text: string): { zone: string; rest: string } | null {
  const said = ZONE_OPENED.exec(text)
  const name = said?.[1]!.trim().toLowerCase()
  if (!said || name === undefined || !(name in ZONE_NAMES)) return null
  // "Lips: nude, red" are lips of two colours; "Lips: liner, gloss" are two things.
  const [first] = cutAt(said[2]!, /,/)
  return first !== undefined && fragmentOf(first).found ? { zone: ZONE_NAMES[name]!, rest: said[2]! } : null
}

/** What names no thing belongs to what was named before it: "airbrush base: light, deep; 15 ml each". */
function joinedToThings(segments: string[]): string[] {
  return segments.reduce<string[]>((all, segment) => {
    const last = all.at(-1)
    const head = cutAt(segment, /,/)[0] ?? segment
    const f = fragmentOf(head)
    if (last !== undefined && f.found === null && f.differs === null) all[all.length - 1] = `${last}, ${segment}`
    else all.push(segment)
    return all
  }, [])
}

// "Brush roll with 14 brushes": what holds, and what is in it.
const HOLDS =
  /^(.*\p{L})\s+(?:with|mit|avec)\s+(?:about |around |etwa |ca\.? |environ )?(\d{1,3}|\p{L}+)\s+(\p{L}.*)$/iu
const HOLDERS: readonly ThingKind[] = ['brush roll', 'belt', 'pouch', 'case']
function holding(text: string): string {
  const said = HOLDS.exec(text)
  // What has one price is one.
  if (!said || /[€£$]|\d[.,]\d{2}\s*$/.test(text) || (!/^\d/.test(said[2]!) && figureOfWord(said[2]!) === null))
    return text
  const [holder, held] = [fragmentOf(said[1]!).found, fragmentOf(said[3]!).found]
  const areTwo =
    holder !== null
    && held?.plural === true
    && HOLDERS.includes(holder.entry.kind)
    && held.entry.kind !== holder.entry.kind
  return areTwo ? `${said[1]}, ${said[2]} ${said[3]}` : text
}

function ofSegment(text: string, under: ThingKind | null, zone: string | null): Part[] {
  const fragments = countsLast(cutAt(commasBetween(holding(text)), /,/).flatMap(f => atAnd(f))).map(fragmentOf)
  const grouped = namedAlone(distributed(absorbed(fragments)))
  const groups: Fragment[][] = []
  for (const f of grouped) {
    const last = groups.at(-1)
    if (!last || startsThing(f, last)) groups.push([f])
    else last.push(f)
  }
  return groups.map(g => sharing(g, grouped)).flatMap(g => ofGroup(g, under, zone))
}

/** One thing with what is said of it, or one of a range for each word that tells them apart. */
function ofGroup(group: readonly Fragment[], under: ThingKind | null, zone: string | null): Part[] {
  const text = group.map(f => f.text).join(', ')
  const [head, ...rest] = group
  const sure = head!.found && !head!.found.weak ? head!.found.entry.kind : null
  const kind = sure ?? under ?? zoneKind(zone) ?? head!.found?.entry.kind ?? null
  const whole = { text }
  const filled = byLevel(head!, rest)
  if (filled) return filled
  const each = byCounts(text)
  if (each) return each
  const some = someFilled(head!, rest)
  if (some) return some
  if (kind === null || isToolKind(kind)) return [whole]
  const palettes = eachPalette(text)
  if (palettes) return palettes
  if (PALETTE.test(head!.text.split(/[:(]/)[0]!)) return [whole]
  const along = alongDepth(text, kind)
  if (along) return along
  const shades = hasShades(kind) ? byShade(text, group) : null
  if (shades) return shades
  return byWord(head!, rest, kind) ?? [whole]
}

const zoneKind = (zone: string | null): ThingKind | null =>
  zone === 'lip'
    ? 'lip colour'
    : zone === 'cheek'
      ? 'blush'
      : zone === 'brow'
        ? 'brow'
        : zone === 'eye'
          ? 'eye colour'
          : null
