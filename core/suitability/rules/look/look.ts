import type { Rule } from '../../finding'

/** What a day usually carries beyond the everyday: contour, highlight, a stronger edge. It gives reasons for layers and weighs no product. */
export const look: Rule = {
  id: 'look',
  looksAt: 'what the job usually carries',
}
