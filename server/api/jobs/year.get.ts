import { YearQuery } from '#shared/records/years'
import { yearAnswer } from '../../services/years'
import { withQuery } from '../../utils/handlers'

export default withQuery(YearQuery, yearAnswer)
