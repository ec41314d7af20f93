import { veto, when, type Rule } from '../../finding'

// What cosmetics are not made of: acids' counterparts, pain killers, what stops sweat, what shrinks veins.
const MEDICINAL =
  /^(?:magnesium hydroxide|calcium carbonate|sodium bicarbonate|phenylephrine(?: hcl| hydrochloride)?|hydrocortisone(?: acetate)?|lidocaine|benzocaine|aluminum (?:chlorohydrate|chloride|zirconium \S+ ?\S*)|simethicone|bismuth subsalicylate)$/
const BY_NAME =
  /\b(?:antacid|anti-?perspirant|deodorant|hair ?spray|nappy|diaper|h(?:a)?emorrhoid\w*|toothpaste|stomach|super ?glue|school glue|medicine|medicinal)\b/i
// Among the first few it is what the product is made of; chalk in a powder is further down.
const MUCH = 4

/** Household and medicinal things on a face: they shift the acidity of skin and irritate, however well they mattify. */
export const improvised: Rule = {
  id: 'improvised',
  looksAt: 'household or medicinal products on skin',
  weigh({ item }) {
    const held = item.ingredients?.slice(0, MUCH).find(name => MEDICINAL.test(name))
    const named = BY_NAME.exec(item.name)?.[0].toLowerCase()
    return when([
      held !== undefined || named !== undefined,
      veto('harm', `${held ? `made of ${held}` : `a ${named}`}: no household or medicinal product goes on skin`),
    ])
  },
}
