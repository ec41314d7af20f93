import type { GearInput, OwnedThing } from '#shared/records/kit/gear'
import type { UnitInput } from '#shared/records/kit/kit'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'

/**
 * Acts on single bottles, tools and supplies.
 * @param put shows products as they stand now
 * @param load loads the kit anew, where products may have gone
 */
export function kitUnits(put: (changed: readonly OwnedThing[]) => void, load: () => Promise<void>) {
  async function addGear(input: GearInput): Promise<void> {
    await api('post', '/api/gear', {}, { body: plain(input) })
  }
  async function changeGear(id: string, input: GearInput): Promise<void> {
    await api('put', '/api/gear/:id', { id }, { body: plain(input) })
  }

  async function addUnit(id: string, input: UnitInput): Promise<void> {
    put([await api('post', '/api/kit/:id/units', { id }, { body: plain(input) })])
  }
  async function changeUnit(id: string, input: UnitInput): Promise<void> {
    put([await api('put', '/api/units/:id', { id }, { body: plain(input) })])
  }
  async function removeUnit(id: string): Promise<void> {
    await api('delete', '/api/units/:id', { id })
    await load()
  }

  async function retire(ids: string[], retired: boolean): Promise<void> {
    await api('post', '/api/kit/retire', {}, { body: { ids, retired } })
    await load()
  }

  return {
    addGear,
    changeGear,
    addUnit,
    changeUnit,
    removeUnit,
    retire,
  }
}
