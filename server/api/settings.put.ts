import { Settings } from '#shared/records/settings'
import { withBody } from '../utils/handlers'
import { changeSettings } from '../services/record/settings'

export default withBody(Settings, changeSettings)
