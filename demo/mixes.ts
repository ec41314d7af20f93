/** Mixes of the story that were held to the meter, in drops of bottles by their name. */
export const DEMO_MIXES: readonly Readonly<Record<string, number>>[] = [
  { 'Almond Row': 2, 'Keel': 1 },
  { 'Shell Grit': 1, 'Keel': 1 },
  { 'Shell Grit': 3, 'Keel': 1 },
  { Dune: 1, Keel: 1 },
  { Barley: 3, Reed: 1 },
  { Barley: 1, Thrift: 1 },
]
