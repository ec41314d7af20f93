import { useChairPictures } from '~/stores/chairPictures'
import { useChairside } from '~/stores/chairside'
import { useDrafts } from '~/stores/drafts'
import { api, outcomeOf } from '../asking/api'
import { dropTicksAbout, ticksAbout } from './useTicks'

const MOST_ASKED = 2000

/**
 * Looks after what this device keeps: nothing stays longer than a month, and what is about somebody who was forgotten, on whatever device,
 * ends as soon as the server is in reach. The server keeps no list of those who were forgotten: it is asked which records still are.
 */
export async function lookAfterKept(): Promise<void> {
  const [drafts, chairside, pictures] = [useDrafts(), useChairside(), useChairPictures()]
  drafts.dropOld(Date.now())
  const about = [
    ...drafts.about(),
    ...ticksAbout(),
    ...Object.keys(chairside.done),
    ...pictures.waiting.map(p => p.faceId),
  ]
  const ids = [...new Set(about)].slice(0, MOST_ASKED)
  if (ids.length === 0) return
  const there = await outcomeOf(
    api('post', '/api/keeping/still-there', {}, { body: { ids }, quiet: true, mayRepeat: true }),
  )
  // Out of reach: it is asked again once the server answers.
  if (!there.ok) return
  const { gone } = there.value
  dropTicksAbout(new Set(gone))
  await pictures.dropAbout(new Set(gone))
  for (const id of gone) {
    drafts.dropAbout(id)
    chairside.startOver(id)
  }
}
