import type { Lab } from '#core/colour/lab'

/*
 * Times are ISO 8601 texts in UTC, money is whole minor units, colours are CIELAB D65 as three columns.
 * What an artist can delete carries `deletedAt` so that it can be brought back.
 */

export * from './schema/things'
export * from './schema/people'
export * from './schema/days'
export * from './schema/tried'
export * from './schema/buys'
export * from './schema/keeping'

export const labOf = ({ L, a, b }: Lab): Lab => ({ L, a, b })
