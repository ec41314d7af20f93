/** What averaging does not remove from a reading of the simulated meter: pressure, site, the tile itself. */
export const INSTRUMENT_FLOOR = { L: 0.35, a: 0.2, b: 0.3 }
