import { ForecastQuery } from '#shared/records/days/forecasts'
import { simulatedForecast } from '../../../devices/simulatedForecast'
import { withQuery } from '../../../utils/handlers'

export default withQuery(ForecastQuery, query => Promise.resolve(simulatedForecast(query)))
