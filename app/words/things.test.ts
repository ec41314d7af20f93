import { depthsTogether, kilos, quarterOf } from './things'

it('depths that lack the same are told together', () => {
  expect(depthsTogether(['depth 1, olive', 'depth 2, olive', 'depth 4, olive', 'depth 12, rosy', 'alcohol'])).toEqual([
    'olive at depth 1–2, 4',
    'rosy at depth 12',
    'alcohol',
  ])
  expect(depthsTogether([])).toEqual([])
})

it('weights and levels are told as an artist would', () => {
  expect([kilos(40), kilos(994), kilos(996), kilos(12_640)]).toEqual(['40 g', '994 g', '1.0 kg', '12.6 kg'])
  expect([0, 0.1, 0.13, 0.6, 0.9].map(quarterOf)).toEqual([0, 0, 0.25, 0.5, 1])
})
