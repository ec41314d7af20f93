import type { FaceFacts } from '../asked/face'
import { scoreOf, vetoOf } from '../suitability/finding'
import { houseFindings } from '../suitability/houseRule'
import { isPowder, type ItemKind, type KitItem } from '../product/item'
import type { JobFacts } from '../asked/job'
import { findingsOn } from '../suitability/rules'
import type { PlanSettings } from '../asked/settings'
import type { SlotId } from '../asked/slots'

/** One thing to do at the chair; `{}` stands for the product of the kit that does it. */
interface Step {
  say: string
  kinds?: readonly ItemKind[]
  slot?: SlotId
  suits?: (item: KitItem) => boolean
  /** What to do when the kit holds nothing for it. */
  otherwise?: string
}

export interface Mishap {
  id: string
  name: string
  steps: readonly Step[]
}

const gentle = (item: KitItem) => !item.flags.includes('drying alcohol')
const hydrating = (item: KitItem) => gentle(item) && !isPowder(item) && item.finish !== 'matte'

/** What goes wrong at the chair and what mends it, least first. */
export const MISHAPS: readonly Mishap[] = [
  {
    id: 'separated',
    name: 'it separated or pilled',
    steps: [
      { say: 'Stop rubbing: press the place with a clean damp sponge and see whether it lies down.' },
      {
        say: 'If not, take that patch off with {} on a bud, down to the skin.',
        kinds: ['remover', 'cleanser'],
        slot: 'cleanse',
        suits: gentle,
        otherwise: 'If not, take that patch off with a damp bud, down to the skin.',
      },
      { say: 'Press on the base again thinly, without the layer that rolled; note the pair as a palette test.' },
    ],
  },
  {
    id: 'over-powdered',
    name: 'too much powder',
    steps: [
      { say: 'Lift what lies loose with a clean soft brush.' },
      {
        say: 'Mist {} from arm’s length and press with a clean puff.',
        kinds: ['setting spray', 'toner'],
        slot: 'set',
        suits: hydrating,
        otherwise: 'Press with a barely damp sponge; do not wipe.',
      },
      {
        say: 'Under the eye: a trace of {} tapped with the ring finger.',
        kinds: ['eye care'],
        slot: 'eye care',
        suits: hydrating,
        otherwise: 'Under the eye: warm a fingertip and tap.',
      },
    ],
  },
  {
    id: 'streaks',
    name: 'streaks or edges',
    steps: [
      { say: 'Press, do not drag, with a damp sponge from the middle outward.' },
      {
        say: 'Where it will not blend: one drop of {} on the sponge.',
        kinds: ['medium', 'moisturiser'],
        slot: 'moisturise',
        suits: i => i.family === 'water',
        otherwise: 'Where it will not blend: a drop of the base itself, thinned on the palette.',
      },
    ],
  },
  {
    id: 'fallout',
    name: 'eye colour fell on the cheeks',
    steps: [
      { say: 'Do not wipe: lift it with a clean fluffy brush or a bit of tape off the back of the hand.' },
      {
        say: 'What stays goes with {} on a bud; mend the base there.',
        kinds: ['remover'],
        slot: 'cleanse',
        otherwise: 'What stays goes with a damp bud; mend the base there.',
      },
    ],
  },
  {
    id: 'slipped liner',
    name: 'the liner slipped',
    steps: [
      {
        say: 'Let it dry; a pointed bud with {} along the edge.',
        kinds: ['remover'],
        slot: 'cleanse',
        otherwise: 'Let it dry; a pointed bud, barely damp, along the edge.',
      },
      {
        say: 'Dry the lid and set the line with {} pressed on.',
        kinds: ['eye colour'],
        slot: 'eyes',
        suits: i => i.finish === 'matte' && (i.lab?.L ?? 100) < 40,
        otherwise: 'Dry the lid before you draw it again.',
      },
    ],
  },
  {
    id: 'lifted lash',
    name: 'a lash lifted',
    steps: [
      {
        say: 'Hold it with tweezers; a dot of {} on the band, wait until it is tacky, press for half a minute.',
        kinds: ['lash glue'],
        slot: 'lashes',
        otherwise:
          'No glue in the kit that may go on this face: cut the strip short or take both off with the remover made for the glue. Never pull.',
      },
      {
        say: 'Red or swollen lid: take both off with the remover made for the glue, never pull, and suggest a pharmacist or doctor.',
      },
    ],
  },
  {
    id: 'too orange',
    name: 'the base looks orange',
    steps: [
      { say: 'Say so under Read and match: it names the drop that cools it.' },
      {
        say: 'On the face: press {} over it thinly.',
        kinds: ['powder'],
        slot: 'powder',
        suits: i => i.lab !== null,
        otherwise: 'On the face: blot, then a thin layer of the cooled mix.',
      },
    ],
  },
  {
    id: 'ashy',
    name: 'it looks ashy or grey',
    steps: [
      { say: 'Say so under Read and match: it names the drop that warms it.' },
      {
        say: 'On the face: a warm veil of {} on cheeks and forehead.',
        kinds: ['bronzer', 'blush'],
        slot: 'bronze',
        otherwise: 'On the face: take the clear powder off, it may be what is grey.',
      },
    ],
  },
  {
    id: 'shine',
    name: 'shine comes back',
    steps: [
      { say: 'Blot first: powder on oil cakes.' },
      {
        say: 'Then {} only where it shines.',
        kinds: ['powder'],
        slot: 'powder',
        suits: isPowder,
        otherwise: 'No powder suits this face: keep blotting.',
      },
    ],
  },
  {
    id: 'creased',
    name: 'concealer creased',
    steps: [
      { say: 'Smooth with a warm fingertip, at once before powder.' },
      {
        say: 'Too dry: the least {} underneath next time, and less concealer.',
        kinds: ['eye care'],
        slot: 'eye care',
        suits: hydrating,
        otherwise: 'Less concealer next time, and a lighter eye care.',
      },
    ],
  },
  {
    id: 'bleeding lips',
    name: 'lip colour bleeds',
    steps: [
      { say: 'Clean the edge with a pointed bud.' },
      {
        say: 'Draw the border with {} and fill it, then press the colour on.',
        kinds: ['lip liner'],
        slot: 'lip liner',
        otherwise: 'Press concealer around the border and powder it lightly.',
      },
    ],
  },
]

export interface MendStep {
  text: string
  item: KitItem | null
}

/** What to do about a mishap on this face with what is in the kit; nothing a veto stands against is named. */
export function mendMishap(
  mishap: Mishap,
  items: readonly KitItem[],
  face: FaceFacts,
  job: JobFacts,
  settings: PlanSettings,
): MendStep[] {
  return mishap.steps.map((step): MendStep => {
    const { kinds, slot, suits = () => true } = step
    if (!kinds || !slot) return { text: step.say, item: null }
    const [best] = items
      .filter(i => kinds.includes(i.kind) && suits(i))
      .map(item => ({
        item,
        findings: [
          ...findingsOn({ item, slot, skinType: face.skinType, face, job, settings }),
          ...houseFindings(settings, slot, item),
        ],
      }))
      .filter(({ findings }) => !vetoOf(findings))
      .sort((x, y) => scoreOf(y.findings) - scoreOf(x.findings))
    return best
      ? { text: step.say.replace('{}', best.item.name), item: best.item }
      : { text: step.otherwise!, item: null }
  })
}
