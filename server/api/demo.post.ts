import { openDemo } from '../start/demoBeside'

export default defineEventHandler(() => openDemo())
