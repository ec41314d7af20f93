import { knownSetAside } from '../../services/data/setAside'

export default defineEventHandler(() => knownSetAside())
