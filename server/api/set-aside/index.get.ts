import { knownSetAside } from '../../services/setAside'

export default defineEventHandler(() => knownSetAside())
