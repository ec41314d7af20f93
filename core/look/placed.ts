import type { Lab } from '../colour/lab'
import { CHART_PLACES } from './aim'
import { CHART_AREAS, type ChartArea } from '../asked/brief'

/** A colour of a plan where it goes on the face. */
export interface PlacedColour {
  area: ChartArea
  /** The layer that puts it there. */
  key: string
  lab: Lab
  name: string
}

/** What of a plan stands on a face chart: every layer that puts a colour on one of its areas. */
export const placedBy = (layers: readonly { key: string; item: { name: string; lab: Lab | null } }[]): PlacedColour[] =>
  CHART_AREAS.flatMap(area => {
    const layer = layers.find(l => l.key === CHART_PLACES[area])
    return layer?.item.lab ? [{ area, key: layer.key, lab: layer.item.lab, name: layer.item.name }] : []
  })
