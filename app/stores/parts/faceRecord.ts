import type { ComplaintInput, Face, HistoryInput, ReadingInput, SavedRecipeInput } from '#shared/records/people/faces'
import type { OwnedProductInput } from '#shared/records/kit/kit'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'

/**
 * Acts on what belongs to a face: history, own products, pictures, readings, recipes, verdicts.
 * @param amend puts the change into the face as it is shown
 */
export function faceRecord(amend: (faceId: string, work: (face: Face) => Partial<Face>) => void) {
  async function remember(faceId: string, input: HistoryInput): Promise<void> {
    const entry = await api('post', '/api/faces/:id/history', { id: faceId }, { body: input })
    amend(faceId, f => ({ history: [entry, ...f.history] }))
  }

  async function forgetEntry(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/history/:id', { id })
    amend(faceId, f => ({ history: f.history.filter(h => h.id !== id) }))
  }

  async function bring(faceId: string, input: OwnedProductInput): Promise<void> {
    const product = await api('post', '/api/faces/:id/own', { id: faceId }, { body: plain(input) })
    amend(faceId, f => ({ own: [...f.own, product] }))
  }

  async function leaveHome(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/kit/:id', { id })
    amend(faceId, f => ({ own: f.own.filter(p => p.id !== id) }))
  }

  async function addPicture(faceId: string, file: Blob): Promise<void> {
    const picture = await api('post', '/api/faces/:id/pictures', { id: faceId }, { body: file })
    amend(faceId, f => ({ pictures: [picture, ...f.pictures] }))
  }

  async function removePicture(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/pictures/:id', { id })
    amend(faceId, f => ({ pictures: f.pictures.filter(p => p.id !== id) }))
  }

  async function addReading(faceId: string, input: ReadingInput): Promise<void> {
    const reading = await api('post', '/api/faces/:id/readings', { id: faceId }, { body: plain(input) })
    amend(faceId, f => ({ readings: [reading, ...f.readings] }))
  }

  async function removeReading(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/readings/:id', { id })
    amend(faceId, f => ({ readings: f.readings.filter(r => r.id !== id) }))
  }

  async function saveRecipe(faceId: string, input: SavedRecipeInput): Promise<void> {
    const recipe = await api('post', '/api/faces/:id/recipes', { id: faceId }, { body: plain(input) })
    amend(faceId, f => ({ recipes: [recipe, ...f.recipes] }))
  }

  async function removeRecipe(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/recipes/:id', { id })
    amend(faceId, f => ({ recipes: f.recipes.filter(r => r.id !== id) }))
  }

  async function keepSeen(faceId: string, input: ComplaintInput): Promise<void> {
    const seen = await api('post', '/api/faces/:id/seen', { id: faceId }, { body: input })
    amend(faceId, f => ({ seen: [seen, ...f.seen] }))
  }

  return {
    remember,
    forgetEntry,
    bring,
    leaveHome,
    addPicture,
    removePicture,
    addReading,
    removeReading,
    saveRecipe,
    removeRecipe,
    keepSeen,
  }
}
