import { labelOf } from '#core/stock/labels/labels'
import type { LabelsInput } from '#shared/records/kit/things'
import { fontsFolder } from '../../base/config'
import { keep } from '../../keeping/thread'
import { BadInput } from '../../base/problems'
import type { LabelOrder } from '../papers/labelSheet'
import { allThings } from './things'

/** Labels of things as a PDF; the code on each opens the thing where this server is reached. @throws BadInput for a thing that is none */
export async function labels({
  ids,
  origin,
  paper,
  format,
  used,
  shiftX,
  shiftY,
  outlines,
}: LabelsInput): Promise<Uint8Array> {
  const known = new Map((await allThings()).map(t => [t.id, t]))
  const things = ids.map((id, i) => {
    const thing = known.get(id)
    if (!thing) throw new BadInput([{ path: `ids[${i}]`, message: 'is no thing of the kit' }])
    return { ...labelOf(thing), address: `${origin}/t/${encodeURIComponent(id)}` }
  })
  const order: LabelOrder = { labels: things, paper, format, used, shift: [shiftX, shiftY], outlines }
  return keep('labels', { order, fonts: fontsFolder() })
}
