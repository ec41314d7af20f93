import { KitQuery, type KitLine } from '#shared/records/kit/kit'
import { api } from '../asking/api'

/** The kit a page at a time. */
export const useKitList = (first: Partial<KitQuery> = {}) =>
  usePagedList<KitLine, KitQuery>(reactive(Object.assign(new KitQuery(), first)), (asked, signal) =>
    api('get', '/api/kit', { ...asked }, { signal }),
  )
