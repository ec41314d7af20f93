import { randomUUID } from 'node:crypto'

/** This moment, ISO 8601 in UTC. */
export const now = () => new Date().toISOString()
export const newId = () => randomUUID()
