import { careOf } from './care'

it.each([
  ['brush', null, /washed with soap/],
  ['sponge', null, /one clean for each face/],
  ['sponge', false, /disinfected/],
  ['puff', null, /thrown away/],
  ['tweezers', null, /label of the disinfectant/],
  ['mixing palette', true, /kept off broken skin/],
  ['spray gun', null, /flushed/],
  ['cotton rounds', null, /thrown away/],
] as const)('%s, porous %s: %s', (kind, porous, care) => expect(careOf(kind, porous)).toMatch(care))
it.each(['case', 'light', 'mints', 'foundation'] as const)('%s needs nothing between faces', kind =>
  expect(careOf(kind, null)).toBeNull(),
)
