import { skinPlace } from '../complexion/skins/skin'
import { has, type FaceFacts } from '../asked/face'
import type { JobFacts } from '../asked/job'
import { CHART_AREAS, UNSAID, type ChartArea, type LipWish, type LookBrief, type Shimmer } from '../asked/brief'
import { proposalsFrom } from './freeWords'
import { lighterOn } from './eyeShape'
import { eyeFamily, usualWear, type EyeFamily } from './colouring'
import { JOB_WORDS, programmeOf } from '../asked/programme'

type Said<T extends string> = Exclude<T, typeof UNSAID>

/** Part of a look with where it comes from: agreed, or usual for the day and the person. */
export interface Part<T> {
  is: T
  /** Why: "as agreed", "usual for a ceremony". */
  because: string
  agreed: boolean
}

/** The look of a face on a day: what was agreed, and for the rest what is usual. */
export interface Look {
  lip: Part<Said<LipWish>>
  lipStrength: Part<'sheer' | 'soft' | 'full'>
  lipFinish: Said<LookBrief['lipFinish']> | null
  eyes: Part<'bare' | 'soft' | 'smoky' | 'line only'>
  temperature: Part<'warm' | 'cool' | 'neutral'>
  eyeStrength: Part<'light' | 'mid' | 'deep'>
  liner: Part<'none' | 'brown' | 'black' | 'wing'>
  brows: Part<'leave' | 'tidy' | 'fill' | 'shape'>
  cheeks: Part<'bare' | 'soft' | 'flushed' | 'sculpted' | 'bronzed'>
  glow: Part<boolean>
  shimmer: Readonly<Record<'eyes' | 'cheeks' | 'lips', Part<Said<Shimmer>>>>
  charted: ReadonlySet<ChartArea>
}

const part = <T extends string>(said: T, usual: Said<T>, because: string): Part<Said<T>> =>
  said === UNSAID ? { is: usual, because, agreed: false } : { is: said as Said<T>, because: 'as agreed', agreed: true }

type Field = Exclude<keyof LookBrief, 'shimmer' | 'glow' | 'lipFinish'>
/** What somebody wears as a rule, read from their words: it stands where nothing was agreed. */
function wornAsARule({
  normallyWears,
  bareFaced,
  ageBand,
}: FaceFacts): <F extends Field>(field: F) => Said<LookBrief[F]> | null {
  const may = !bareFaced && ageBand !== 'child'
  const worn = new Map(
    (may ? proposalsFrom(normallyWears) : []).flatMap(({ set }) =>
      set.field === 'shimmer' ? [] : [[set.field, set.value] as const],
    ),
  )
  return <F extends Field>(field: F) => (worn.get(field) ?? null) as Said<LookBrief[F]> | null
}

/** Worn as little as this, nobody wants to see what was put on. */
const wearsLittle = (face: FaceFacts) =>
  face.bareFaced || ['nothing', 'little'].includes(usualWear(face.normallyWears) ?? 'some')

const EVENING: readonly JobFacts['type'][] = ['evening', 'stage']

function usualLip(face: FaceFacts, job: JobFacts): { lip: Said<LipWish>; because: string } {
  const { undertone, depth } = skinPlace(face.skin)
  const warm = undertone === 'golden' || undertone === 'olive'
  const day = `usual for ${JOB_WORDS[job.type]}`
  const on = `${day}, on ${undertone} skin`
  if (face.bareFaced) return { lip: 'bare', because: 'it is to look as if nothing were there' }
  if (face.ageBand === 'child') return { lip: 'bare', because: 'a child gets the least' }
  if (face.ageBand === 'teen') return { lip: 'theirs', because: 'little colour on a young face' }
  if (wearsLittle(face)) return { lip: warm ? 'nude' : 'rose', because: 'they wear little as a rule' }
  if (EVENING.includes(job.type)) return { lip: warm ? 'warm red' : 'cool red', because: on }
  if (job.type === 'portrait' || job.type === 'lesson') return { lip: 'theirs', because: day }
  if (job.type === 'screen') return { lip: warm ? (depth < DEEPER ? 'nude' : 'brown') : 'rose', because: on }
  if (job.type === 'editorial') return { lip: 'nude', because: day }
  return { lip: undertone === 'golden' ? 'coral' : undertone === 'olive' ? 'brown' : 'rose', because: on }
}

// What brings an eye out is what lies across from it.
const BRINGS_OUT: Readonly<Record<EyeFamily, 'warm' | 'cool' | 'by depth'>> = {
  'blue': 'warm',
  'grey': 'warm',
  'green': 'cool',
  'hazel': 'warm',
  'brown': 'by depth',
  'dark brown': 'by depth',
}

/** The look agreed, filled up with what is usual for this face on this day. */
export function agreedLook(face: FaceFacts, job: JobFacts): Look {
  const { brief } = face
  const wears = wornAsARule(face)
  const partOf = <F extends Field>(field: F, usual: Said<LookBrief[F]>, because: string): Part<Said<LookBrief[F]>> => {
    const rule = wears(field)
    return part<LookBrief[F]>(brief[field], rule ?? usual, rule ? 'they wear it as a rule' : because)
  }
  const charted = new Set(face.chart.map(m => m.area).filter(a => CHART_AREAS.includes(a)))
  const day = `usual for ${JOB_WORDS[job.type]}`
  const little = wearsLittle(face)
  const grooming = programmeOf(face, job) === 'grooming'
  const young = face.ageBand === 'child' || face.ageBand === 'teen'
  const mature = face.ageBand === 'mature'
  const strong = EVENING.includes(job.type) && !little && !young
  const lip = usualLip(face, job)
  const { depth } = skinPlace(face.skin)
  const usual = strong ? 'deep' : little ? 'light' : 'mid'
  const { is: strength, because: whyStrength } = lighterOn(face, usual) ?? { is: usual, because: day }
  const family = eyeFamily(face.eyeColour)
  const pores = has(face, 'textured')
  const red = face.zones.cheeks?.states.includes('redness') === true
  const noShine = mature || pores || face.facialHair || little || young
  const shimmer = (place: 'eyes' | 'cheeks' | 'lips') =>
    part(
      brief.shimmer[place],
      noShine || !strong ? 'none' : 'a little',
      noShine
        ? mature
          ? 'kind to lines'
          : pores
            ? 'shimmer draws the pores'
            : 'nothing is to show'
        : strong
          ? day
          : 'not asked for',
    )
  return {
    lip: partOf('lip', lip.lip, lip.because),
    lipStrength: partOf(
      'lipStrength',
      strong ? 'full' : little || young || mature ? 'sheer' : 'soft',
      strong ? day : little ? 'they wear little as a rule' : day,
    ),
    lipFinish: brief.lipFinish === UNSAID ? null : brief.lipFinish,
    eyes: partOf('eyes', face.bareFaced || young ? 'bare' : 'soft', young ? 'little on a young face' : day),
    temperature:
      brief.eyeTemperature === UNSAID
        ? family
          ? {
              is: BRINGS_OUT[family] === 'by depth' ? (depth > DEEPER ? 'warm' : 'neutral') : BRINGS_OUT[family],
              because: `brings out ${family} eyes`,
              agreed: false,
            }
          : { is: 'neutral', because: 'eye colour not noted', agreed: false }
        : { is: brief.eyeTemperature, because: 'as agreed', agreed: true },
    eyeStrength: partOf('eyeStrength', strength, whyStrength),
    liner: partOf('liner', strong && !mature ? (depth < FAIR ? 'brown' : 'black') : 'none', day),
    brows: partOf(
      'brows',
      face.ageBand === 'child'
        ? 'leave'
        : grooming || face.facialHair || face.brows === 'dense' || face.bareFaced
          ? 'tidy'
          : 'fill',
      face.ageBand === 'child'
        ? 'a child gets the least'
        : face.brows === 'dense'
          ? 'they are dense'
          : face.facialHair
            ? 'beside a beard nothing is drawn'
            : grooming
              ? 'grooming draws nothing'
              : face.bareFaced
                ? 'it is to look as if nothing were there'
                : day,
    ),
    cheeks: partOf(
      'cheeks',
      face.ageBand === 'child' || (face.bareFaced && face.facialHair)
        ? 'bare'
        : strong && !pores && !red
          ? 'flushed'
          : 'soft',
      red ? 'the cheeks are red as it is' : day,
    ),
    glow: {
      is: brief.glow === 'yes' || (brief.glow === UNSAID && face.finish === 'luminous' && face.skinType !== 'oily'),
      because: brief.glow === 'yes' ? 'as agreed' : `a ${face.finish} finish was asked`,
      agreed: brief.glow === 'yes',
    },
    shimmer: { eyes: shimmer('eyes'), cheeks: shimmer('cheeks'), lips: shimmer('lips') },
    charted,
  }
}
const FAIR = 4
// From here on nude is brown, and gold and copper bring out what grey would put out.
const DEEPER = 6
