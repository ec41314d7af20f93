import { settings } from '../services/settings'

export default defineEventHandler(() => settings())
