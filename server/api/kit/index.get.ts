import { KitQuery } from '#shared/records/kit/kit'
import { kitList } from '../../services/kit/kitList'
import { withQuery } from '../../utils/handlers'

export default withQuery(KitQuery, kitList)
