import { chroma, hue, hueDifference, type Lab } from '../colour/lab'

export const FAILINGS = ['too light', 'too deep', 'too pink', 'too yellow', 'too grey', 'too orange'] as const
export type Failing = (typeof FAILINGS)[number]

// A part of the difference is named when it makes up at least this share of the whole (as a share of ΔE00, unsquared) …
const NAMED_SHARE = 0.45
// … and is itself large enough to be seen.
const NAMED_LEAST = 0.8

/**
 * In which ways a mix misses a skin, the gravest first. The parts are ΔL*, ΔC* and ΔH* over their CIEDE2000 scales.
 * Too much chroma at a skin's hue is what artists call orange, too little is grey.
 */
export function failings(mix: Lab, skin: Lab): Failing[] {
  const meanL = (mix.L + skin.L) / 2 - 50
  const C1 = chroma(mix)
  const C2 = chroma(skin)
  const meanC = (C1 + C2) / 2
  const lightness = (mix.L - skin.L) / (1 + (0.015 * meanL * meanL) / Math.sqrt(20 + meanL * meanL))
  const saturation = (C1 - C2) / (1 + 0.045 * meanC)
  const turn =
    (2 * Math.sqrt(C1 * C2) * Math.sin((hueDifference(hue(mix), hue(skin)) * Math.PI) / 360)) / (1 + 0.015 * meanC)
  const whole = Math.hypot(lightness, saturation, turn)
  const parts: { size: number; word: Failing }[] = [
    { size: Math.abs(lightness), word: lightness > 0 ? 'too light' : 'too deep' },
    { size: Math.abs(saturation), word: saturation > 0 ? 'too orange' : 'too grey' },
    { size: Math.abs(turn), word: turn > 0 ? 'too yellow' : 'too pink' },
  ]
  const named = parts.filter(p => p.size >= NAMED_SHARE * whole && p.size >= NAMED_LEAST)
  return named.sort((x, y) => y.size - x.size).map(p => p.word)
}
