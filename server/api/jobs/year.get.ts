import { YearQuery } from '#shared/records/years'
import { yearAnswer } from '../../services/days/years'
import { withQuery } from '../../utils/handlers'

export default withQuery(YearQuery, yearAnswer)
