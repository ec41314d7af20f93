import { fieldsOf } from '#shared/checks/shape'
import { check } from '#shared/checks/validate'
import { bodyFor } from '../tests/served/bodies'
import { allRoutes } from '../tests/served/routes'
import { seeded } from '../tests/support/random'

/* The routes as the soak finds them: what it does not find it does not try. */

const routes = allRoutes()
const writing = routes.filter(r => r.method === 'POST' || r.method === 'PUT')
/** Writes that take no body: each acts on what its address names. */
const BODILESS =
  /\/(?:demo|restore|undo|refill|used|receive|mend|preview|repair|backups|calibrate|sort|carried|pack|bring|out|lay|ease|buy|again|next-day)$/

describe('every route is found by its file', () => {
  it('with the class its body is checked against, or as one that takes none', () => {
    expect(routes.length).toBeGreaterThan(60)
    const unchecked = writing.filter(r => !r.dto && !r.raw && !BODILESS.test(r.path)).map(r => `${r.method} ${r.path}`)
    expect(unchecked).toEqual([])
  })

  it('and right bodies can be made for each, which is what tampering starts from', () => {
    const random = seeded(3)
    for (const { dto, path } of writing.filter(r => r.dto)) {
      expect(fieldsOf(dto!).length > 0 ? path : 'no fields').toBe(path)
      let right = 0
      for (let i = 0; i < 12; i++)
        if (check(dto!, bodyFor(dto!, random, { any: ['a', 'b', 'c', 'd', 'e', 'f'] })).ok) right++
      expect(right > 0 ? path : `${path}: none right`).toBe(path)
    }
  })
})
