import { ahead } from '../../services/ahead'

export default defineEventHandler(() => ahead())
