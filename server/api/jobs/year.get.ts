import { YearQuery } from '#shared/records/days/years'
import { yearAnswer } from '../../services/days/years'
import { withQuery } from '../../utils/handlers'

export default withQuery(YearQuery, yearAnswer)
