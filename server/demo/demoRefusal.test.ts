import { FaceInput } from '#shared/records/people/faces'
import { emptyDatabase } from '../../tests/support/database'

emptyDatabase()

it("the demo is never mixed with an artist's own data", async () => {
  const { migrateDatabase } = await import('../db/connection')
  const { addFace, allFaces } = await import('../services/people/faces')
  const { loadDemo } = await import('./demo')
  await migrateDatabase()
  await addFace(Object.assign(new FaceInput(), { name: 'My own client' }))
  await expect(loadDemo()).rejects.toThrow('already holds data of your own')
  expect((await allFaces()).map(f => f.name)).toEqual(['My own client'])
})
