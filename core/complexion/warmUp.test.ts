import { warmUp } from './warmUp'

it('searches that come to recipes of every size, one at a time', () => {
  const sizes = [...warmUp()].map(recipes => Math.max(...recipes.map(r => r.drops.length)))
  expect(sizes.length).toBeGreaterThan(3)
  // Else a part of the search would stay cold.
  expect(sizes.filter(size => size === 3).length).toBeGreaterThan(3)
})
