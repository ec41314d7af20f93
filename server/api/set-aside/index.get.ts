import { knownSetAside } from '../../services/data/quarantine'

export default defineEventHandler(() => knownSetAside())
