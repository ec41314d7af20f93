import { thingStory } from '../../services/thingStory'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => thingStory(idOf(event)))
