import type { Xyz } from './lab'

/** Cone responses that adapt each by itself (Bradford; Lam 1985), and their inverse. */
const CONES = [
  [0.8951, 0.2664, -0.1614],
  [-0.7502, 1.7135, 0.0367],
  [0.0389, -0.0685, 1.0296],
] as const
const FROM_CONES = [
  [0.9869929, -0.1470543, 0.1599627],
  [0.4323053, 0.5183603, 0.0492912],
  [-0.0085287, 0.0400428, 0.9684867],
] as const
const times = (m: readonly (readonly [number, number, number])[], { X, Y, Z }: Xyz): Xyz => {
  const [x, y, z] = m.map(row => row[0] * X + row[1] * Y + row[2] * Z) as [number, number, number]
  return { X: x, Y: y, Z: z }
}

/** What looks under one white as this does under another, to eyes used to each; as bright as it is against its white. */
export function adaptedTo(seen: Xyz, from: Xyz, to: Xyz): Xyz {
  const [cones, before, after] = [seen, from, to].map(v => times(CONES, v)) as [Xyz, Xyz, Xyz]
  return times(FROM_CONES, {
    X: (cones.X / before.X) * after.X,
    Y: (cones.Y / before.Y) * after.Y,
    Z: (cones.Z / before.Z) * after.Z,
  })
}
