import { ahead } from '../../services/buying/ahead'

export default defineEventHandler(() => ahead())
