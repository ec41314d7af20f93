import { allSetAside } from '../../services/setAside'

export default defineEventHandler(() => allSetAside())
