import { item } from '../suitability'
import { by, type RuleCase } from './case'

/** What the day does to a face: heat, hours, tears, costume. */
export const DAY: readonly RuleCase[] = [
  // heat, stage, humidity, long day
  [
    'endurance',
    by(-2),
    /lasts 6 h of a 12 h day/,
    { item: item('foundation', { wearHours: 6 }), job: { hours: 12 } },
    { item: item('foundation', { wearHours: 6 }), job: { hours: 5 } },
  ],
  [
    'endurance',
    by(1),
    /lasts the 12 h/,
    { item: item('foundation', { wearHours: 16 }), job: { hours: 12 } },
    { item: item('foundation', { wearHours: null }), job: { hours: 12 } },
  ],
  [
    'endurance',
    by(2),
    /does not rub off on a costume/,
    { item: item('foundation', { resists: ['transfer'] }), job: { heat: true, costumeChanges: true } },
    { item: item('foundation', { resists: ['transfer'] }), job: { heat: true } },
  ],
  [
    'endurance',
    by(-2),
    /oil on an oily skin in the heat/,
    { item: item('foundation', { family: 'oil' }), face: { skinType: 'oily' }, job: { heat: true } },
    { item: item('foundation', { family: 'oil' }), face: { skinType: 'dry' }, job: { heat: true } },
  ],
  // tears, water, kissing
  [
    'tears',
    by(2),
    /dries to a film/,
    { item: item('foundation', { resists: ['transfer'] }), job: { tears: true } },
    { item: item('foundation', { resists: ['transfer'] }) },
  ],
  [
    'tears',
    by(-1),
    /gloss comes off/,
    { item: item('gloss'), slot: 'lip top', job: { tears: true } },
    { item: item('gloss'), slot: 'lip top' },
  ],
  [
    'tears',
    by(2),
    /^waterproof$/,
    { item: item('mascara', { resists: ['water'] }), slot: 'mascara', job: { tears: true } },
    { item: item('mascara'), slot: 'mascara', job: { tears: true } },
  ],
  [
    'tears',
    by(-2),
    /not waterproof/,
    { item: item('liner'), slot: 'liner', job: { tears: true } },
    { item: item('liner'), slot: 'liner' },
  ],
  // body, costume
  [
    'body-costume',
    by(2),
    /film-forming: stays/,
    { item: item('body make-up', { resists: ['transfer'] }), slot: 'body' },
    { item: item('foundation', { resists: ['transfer'] }) },
  ],
  [
    'body-costume',
    by(-2),
    /rubs off on a costume/,
    { item: item('body make-up'), slot: 'body', job: { costumeChanges: true } },
    { item: item('body make-up'), slot: 'body' },
  ],
]
