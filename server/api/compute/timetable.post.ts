import { computeRoute } from '../../utils/handlers'

export default computeRoute('timetable')
