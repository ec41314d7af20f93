import { difference } from '../colour/difference'
import type { Pigment } from '../colour/kubelkaMunk'
import { chroma, hue, type Lab } from '../colour/lab'
import { knownReflectance } from '../colour/spectrum'
import { pigmentFor } from '../complexion/bottles/pigments'
import { shownOn, type Shown } from '../complexion/skins/shown'
import type { Aim } from './aim'
import { hueWord } from './hueWord'
import type { Showing } from '../asked/showing'

/** How well a colour does what it is there for, at the amount that does it best. */
export interface Judged {
  /** Thickness relative to a normal layer. */
  thickness: number
  /** +3 as meant, −3 useless or worse. */
  worth: number
  /** As it shows: "a soft plum flush on this depth". */
  sentence: string
  /** What is wrong with it, worst first; empty where it shows as meant. */
  faults: string[]
  shown: Shown | null
}

const MOST = 3
const AMOUNTS: Partial<Record<Aim['is'], readonly number[]>> = {
  flush: [0.12, 0.25, 0.5, 1, 1.5],
  shade: [0.12, 0.25, 0.5, 1],
  bronze: [0.12, 0.25, 0.5, 1],
  lift: [0.25, 0.5, 1],
  lid: [0.25, 0.5, 1],
  lip: [0.25, 0.5, 1, 2, 3],
  charted: [0.5, 1],
}

/** A pencil draws as it draws. */
const DRAWN = [1]

/** How thick a layer of colour is, in an artist's words. */
export const amountWord = (thickness: number): string =>
  thickness <= 0.15
    ? 'the least on the brush'
    : thickness <= 0.3
      ? 'a veil'
      : thickness <= 0.6
        ? 'a light hand'
        : thickness <= 1
          ? 'a normal layer'
          : 'built up'

// A lid moved by no more than this is meant as a breath of colour.
const BREATH = 5

/** How far a figure lies outside a band. */
const outside = (value: number, from: number, to: number) => Math.max(0, from - value, value - to)

// Meant to be hardly seen.
const AS_THEY_ARE: readonly string[] = ['their own lips', 'a nude lip']
// Lips are redder than this; what is yellower and stronger than the skin around looks orange.
const ORANGE_HUE = 48
const ORANGE_CHROMA = 8

interface Miss {
  /** About as far from what is meant as so many ΔE. */
  by: number
  faults: string[]
}
const when = (...cases: readonly (readonly [boolean, string])[]) => cases.flatMap(([is, words]) => (is ? [words] : []))

// The bands below, in L*, a*, b* against the bare skin, are starting values, ours: with them the faces of tests/days get what an artist would take.
function missOf(aim: Aim, shown: Shown, limits: Showing): Miss {
  const { dL, da, db, dC, deltaE } = shown
  const vanishes = deltaE < limits.vanishes
  switch (aim.is) {
    case 'flush': {
      const lightens = outside(dL, -8, 0.5)
      const off = outside(db, -0.7 * aim.by, 0.7 * aim.by)
      return {
        by: Math.hypot(da - aim.by, 2 * lightens, 0.8 * off),
        faults: when(
          [vanishes || da < 2, 'hardly reddens this depth'],
          [lightens > 1.5, 'lightens where it should redden: pale on this depth'],
          [da > 2.2 * aim.by + 2, 'far too strong on this skin, even as a veil'],
        ),
      }
    }
    case 'shade': {
      const reddens = outside(da, -5, 1.5)
      return {
        by: Math.hypot(dL + aim.by, 1.5 * reddens, 0.7 * outside(db, -6, 2)),
        faults: when(
          [dL > -1, 'no deeper than this skin: it shades nothing'],
          [reddens > 2, 'reddens where it should shade'],
        ),
      }
    }
    case 'bronze':
      return {
        by: Math.hypot(0.8 * outside(dL, -7, -1), outside(da, 0.5, 5), outside(db, 2, 9)),
        faults: when(
          [dL > 1, 'lighter than this skin: it does not bronze'],
          [db < 0.5, 'greys where it should warm'],
          [db > 12, 'turns orange on this skin'],
          [vanishes, 'hardly shows on this depth'],
        ),
      }
    case 'lift':
      return {
        by: Math.hypot(dL - aim.by, 0.6 * Math.max(0, -dC - 3)),
        faults: when(
          [dL > limits.chalky, 'chalky: far lighter than this skin'],
          [dL < 2, 'lifts nothing on this skin'],
          [dC < -8, 'lies grey on this skin'],
        ),
      }
    case 'lid':
      return {
        by: Math.hypot(
          0.8 * (aim.smoky ? Math.max(0, dL - aim.by.L) : dL - aim.by.L),
          0.8 * (da - aim.by.a),
          0.7 * (db - aim.by.b),
        ),
        faults: when(
          [vanishes && Math.hypot(aim.by.L, aim.by.a, aim.by.b) > BREATH, 'vanishes on this depth'],
          [dL > 12 && aim.by.L < 0, 'pale on this depth where it should deepen'],
        ),
      }
    case 'lip': {
      const fair = aim.skin.L > 60
      const orange = hue(shown.lab) > ORANGE_HUE && chroma(shown.lab) > chroma(aim.skin) + ORANGE_CHROMA
      const same = difference(shown.lab, aim.skin) < limits.vanishes
      return {
        by: (aim.line ? 0.8 : 1.4) * difference(shown.lab, aim.wanted) + (fair && orange ? 4 : 0) + (same ? 4 : 0),
        faults: when(
          [same, 'disappears into the skin around it'],
          [vanishes && !aim.line && !AS_THEY_ARE.includes(aim.words), 'hardly shows on these lips'],
          [fair && orange && aim.words === 'a nude lip', 'turns orange on this skin'],
        ),
      }
    }
    default:
      return { by: 0, faults: [] }
  }
}

const strengthWord = ({ deltaE }: Shown, limits: Showing) =>
  deltaE < limits.vanishes
    ? 'hardly visible'
    : deltaE < limits.clear
      ? 'soft'
      : deltaE < limits.strong
        ? 'clear'
        : 'strong'

const WHAT: Partial<Record<Aim['is'], string>> = {
  flush: 'flush',
  shade: 'shade',
  bronze: 'warmth',
  lift: 'light',
  lip: 'lip',
  charted: 'colour',
}
// What it takes in ΔE for a colour to be of no use.
const USELESS = 15
const FAULT = 3
// So strong a colour that only a breath of it may go on is soon too much.
const heavyHanded = (thickness: number) => (thickness < 0.2 ? 2 : thickness < 0.4 ? 0.7 : 0)

function words(aim: Aim, lab: Lab, shown: Shown, limits: Showing): string {
  if (aim.is === 'lip' && aim.line) return `a ${hueWord(shown.lab)} edge`
  const what = aim.is === 'lid' ? (aim.part === 'lid' ? 'lid' : 'shade') : WHAT[aim.is]
  const colour = aim.is === 'shade' ? '' : `${hueWord(aim.is === 'lip' ? shown.lab : lab)} `
  return `a ${strengthWord(shown, limits)} ${colour}${what} on ${aim.is === 'lip' ? 'these lips' : 'this depth'}`
}

/**
 * How a colour does what it is there for on this face: the film over what it lies on, with its direction.
 * @param lab masstone of the product, film its film
 */
export function judge(aim: Aim, lab: Lab, film: Pigment, limits: Showing): Judged {
  if (aim.is === 'brow' || aim.is === 'line') return judgeLine(aim, lab)
  let best: (Judged & { miss: number }) | undefined
  const wanted = aim.is === 'charted' ? chartedLook(aim) : null
  const under = knownReflectance(aim.on)
  for (const thickness of aim.is === 'lip' && aim.line ? DRAWN : AMOUNTS[aim.is]!) {
    const shown = shownOn(film, aim.on, thickness, under)
    const { by, faults } = wanted ? { by: difference(shown.lab, wanted), faults: [] } : missOf(aim, shown, limits)
    const miss = by + FAULT * faults.length + heavyHanded(thickness)
    if (best && best.miss <= miss) continue
    const worth = Math.max(-MOST, MOST - (2 * MOST * miss) / USELESS)
    best = { thickness, worth, miss, faults, shown, sentence: words(aim, lab, shown, limits) }
  }
  const { miss: _miss, ...judged } = best!
  return judged
}

/** The colour of the chart as a usual product of it would look here. */
function chartedLook({ on, wanted }: Aim & { is: 'charted' }): Lab {
  const film = pigmentFor({ id: 'charted', lab: wanted, coverage: 'medium', family: 'powder' })
  return shownOn(film, on, 1).lab
}

const FAR_BROW = 12
function judgeLine(aim: Aim & { is: 'brow' | 'line' }, lab: Lab): Judged {
  if (aim.is === 'line') {
    const black = lab.L < 16 && chroma(lab) < 6
    const brown = lab.L < 45 && lab.a > 3 && lab.b > 3
    const fits = aim.wanted === 'black' ? black : brown
    return {
      thickness: 1,
      worth: fits ? 1.5 : -0.5,
      sentence: black ? 'black' : brown ? 'brown' : `a ${hueWord(lab)} line`,
      faults: fits ? [] : [`${black ? 'black' : hueWord(lab)} where ${aim.wanted} was wanted`],
      shown: null,
    }
  }
  const apart = difference(lab, aim.wanted)
  const off = lab.L < aim.wanted.L ? 'deeper' : 'lighter'
  const red = lab.a - aim.wanted.a > 4 ? ', redder' : aim.wanted.a - lab.a > 4 ? ', ashier' : ''
  return {
    thickness: 1,
    worth: Math.max(-MOST, (aim.clear ? 1 : MOST) - apart / 4),
    sentence: `${hueWord(lab)}, for ${aim.words}`,
    faults: apart > FAR_BROW ? [`${off}${red} than ${aim.words}`] : [],
    shown: null,
  }
}
