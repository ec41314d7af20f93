import { Settings } from '#shared/records/method/settings'
import { withBody } from '../utils/handlers'
import { changeSettings } from '../services/record/settings'

export default withBody(Settings, changeSettings)
