import { NamesQuery } from '#shared/records/kit/kit'
import { productNames } from '../../services/kit/kitList'
import { withQuery } from '../../utils/handlers'

export default withQuery(NamesQuery, ({ ids }) => productNames(ids))
