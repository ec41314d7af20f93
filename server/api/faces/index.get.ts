import { FacesQuery } from '#shared/records/people/clientele'
import { faceList } from '../../services/people/faceList'
import { withQuery } from '../../utils/handlers'

export default withQuery(FacesQuery, faceList)
