import { isItemKind } from '../../things/kinds'
import { isNoCosmetic } from '../unsafe'
import { wordsOf } from '../words'
import { MEASURE_SAID } from './cut'
import { PALETTE, type Fragment, isThing, isFullVessel, isOnlyForm, isFact } from './fragment'

/* Which fragments belong to one thing. */

/** "Neck fan, umbrella, mints": among tools and supplies a word nobody knows is one more. */
export function namedAlone(fragments: Fragment[]): Fragment[] {
  const isGear = (f: Fragment) => isThing(f) && !isItemKind(f.found!.entry.kind)
  if (fragments.length < 3 || !isGear(fragments[0]!) || fragments.filter(isGear).length < 2) return fragments
  return fragments.map(f =>
    f.found === null
    && f.differs === null
    && /^[\p{L}' -]+$/u.test(f.text)
    && wordsOf(f.text).length <= 2
    && !isFact(f.text)
    && !isOnlyForm(f)
    && !ADJECTIVE.test(f.text)
      ? { ...f, starts: true }
      : f,
  )
}

const ADJECTIVE =
  /^(large|small|big|mini|spare|folding|foldable|retractable|disposable|clean|new|used|metal|steel|wooden|plastic|soft|round|flat|long|short|assorted|mixed|synthetic|natural|vegan|travel|medium|extra|sterile|reusable|portable|double|angled|pointed|fluffy|magnetic|gross|klein|lang|kurz|rund)( |$)/iu

const FOR_ALL = /\b(both|each|all|jeweils|beide|alle|chacune?|tous|toutes)\b/iu

/** "Night cream + day cream (both 50 ml)": what is said of all is said of the first, too. */
export function sharing(group: Fragment[], all: readonly Fragment[]): Fragment[] {
  const said = all.find(f => FOR_ALL.test(f.text) && MEASURE_SAID.test(f.text))
  if (!said || group.some(f => MEASURE_SAID.test(f.text))) return group
  return [...group, { text: MEASURE_SAID.exec(said.text)![0], found: null, differs: null, count: null }]
}

/** Whether a fragment names another thing than the one before it, and not only how that one comes. */
export function startsThing(f: Fragment, group: readonly Fragment[]): boolean {
  const [head] = group
  if (f.starts || isNoCosmetic(f.text)) return true
  if (f.found && f.differs === null && isSameWord(f, head!)) return true
  if (!isThing(f) || f.differs !== null) return false
  if (head!.found === null) return group.every(g => g.differs === null && g.count === null) ? isWholeThing(f) : true
  if (PALETTE.test(head!.text) && /:/.test(head!.text)) return false
  return isWholeThing(f) || f.found!.entry.kind !== head!.found.entry.kind
}

/** "Crayon noir, crayon marron": the same word again. */
const isSameWord = (f: Fragment, head: Fragment) =>
  head.found !== null
  && f.found!.entry.kind === head.found.entry.kind
  && f.found!.entry.phrase[0] === head.found.entry.phrase[0]
  && wordsOf(f.text).length > 1

const isWholeThing = (f: Fragment) => f.found !== null && !f.found.weak && !isFullVessel(f)
