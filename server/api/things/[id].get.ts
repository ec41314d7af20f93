import { thingStory } from '../../services/buying/thingStory'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => thingStory(idOf(event)))
