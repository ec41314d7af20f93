import { allFaces } from '../../services/faces'

export default defineEventHandler(() => allFaces())
