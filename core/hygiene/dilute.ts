export interface Dilution {
  stockMl: number
  waterMl: number
}

/**
 * How much of a strong solution to top up with distilled water, by C1·V1 = C2·V2.
 * Percentages are by volume; alcohol and water shrink by a few per cent when they meet, which is left out: water is
 * therefore filled up to the mark rather than measured apart.
 * @throws RangeError for strengths outside 0–100 %, a target above the stock, or no volume.
 * @example dilute(99, 70, 100) // 70.7 ml of stock and 29.3 ml of water
 */
export function dilute(stockPercent: number, targetPercent: number, finalMl: number): Dilution {
  const sound = targetPercent > 0 && targetPercent <= stockPercent && stockPercent <= 100 && finalMl > 0
  if (!sound)
    throw new RangeError('A dilution is of a strength above 0 %, no more than the stock, with a volume above 0')
  // The ratio first: it is never above 1, so that the water is never a hair below nothing.
  const stockMl = finalMl * (targetPercent / stockPercent)
  return { stockMl, waterMl: finalMl - stockMl }
}
