import { board } from '../../services/board'

export default defineEventHandler(() => board())
