import { ThingQuery } from '#shared/records/kit/things'
import { thingList } from '../../services/kit/things'
import { withQuery } from '../../utils/handlers'

export default withQuery(ThingQuery, thingList)
