import { FacesQuery, type FaceLine } from '#shared/records/people/clientele'
import { api } from '../asking/api'

/** Faces a page at a time. */
export const useFaceList = () =>
  usePagedList<FaceLine, FacesQuery>(reactive(new FacesQuery()), ({ skin, ...asked }, signal) =>
    api('get', '/api/faces', { ...asked, skin: skin ?? undefined }, { signal }),
  )
