import { settings } from '../services/record/settings'

export default defineEventHandler(() => settings())
