import { openApi } from '../services/openApi'

export default defineEventHandler(() => openApi())
