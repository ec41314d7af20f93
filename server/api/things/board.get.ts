import { board } from '../../services/kit/board'

export default defineEventHandler(() => board())
