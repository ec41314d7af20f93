import { againstOnceRead, asksOf, declaredAs, stillUnknown, type Meaning, type Named } from './declared'

const item = (more: Partial<Named>): Named => ({ name: 'Thing', kind: 'moisturiser', ingredients: ['aqua'], ...more })
const away = (word: string, more: Partial<Named>) => declaredAs(word).against(item(more))

/** What people write, and what it means: a label of a substance or a group, else the sort of answer. */
type Words = readonly (readonly [said: string, meaning: Meaning, label?: string])[]

// prettier-ignore
const FIRST: Words = [
  ['adhesive', 'substance', 'adhesives'], ['lash glue', 'substance', 'adhesives'], ['plasters', 'substance', 'adhesives'],
  ['sticking plasters', 'substance', 'adhesives'], ['surgical tape', 'substance', 'adhesives'], ['Pflaster', 'substance', 'adhesives'],
  ['spirit gum', 'substance', 'adhesives'], ['latex gloves', 'substance', 'latex'], ['Latex', 'substance', 'latex'],
  ['rubber', 'substance', 'latex'], ['Latexallergie', 'substance', 'latex'], ['nut allergy', 'substance', 'nuts'],
  ['Nussallergie', 'substance', 'nuts'], ['peanuts', 'substance', 'nuts'], ['tree nuts', 'substance', 'nuts'],
  ['almonds', 'substance', 'nuts'], ['Haselnuss', 'substance', 'nuts'], ['noix', 'substance', 'nuts'],
  ['allergic to nuts', 'substance', 'nuts'], ['shellfish', 'substance', 'shellfish'], ['prawns', 'substance', 'shellfish'],
  ['fruits de mer', 'substance', 'shellfish'], ['fish', 'substance', 'fish'], ['milk', 'substance', 'milk and whey'],
  ['lactose intolerant', 'substance', 'milk and whey'], ['dairy', 'substance', 'milk and whey'], ['egg', 'substance', 'egg'],
  ['soya', 'substance', 'soya'], ['sesame', 'substance', 'sesame'], ['gluten', 'substance', 'wheat and gluten'],
  ['coeliac', 'substance', 'wheat and gluten'], ['coconut', 'substance', 'coconut'], ['kiwi', 'substance', 'kiwi'],
  ['strawberries', 'substance', 'strawberry'], ['citrus fruit', 'substance', 'citrus'], ['cinnamon', 'substance', 'cinnamon'],
  ['menthol', 'substance', 'mint and menthol'], ['chamomile', 'substance', 'plants of the daisy family'],
  ['Kamille', 'substance', 'plants of the daisy family'], ['ragweed', 'substance', 'plants of the daisy family'],
  ['tea tree oil', 'substance', 'tea tree'], ['lavender', 'substance', 'lavender'], ['aloe vera', 'substance', 'aloe'],
  ['perfume', 'substance', 'fragrance'], ['Duftstoffe', 'substance', 'fragrance'], ['fragrance-free only', 'substance', 'fragrance'],
  ['strong smells', 'substance', 'fragrance'], ['essential oils', 'substance', 'essential oils'], ['wool', 'substance', 'lanolin'],
  ['lanolin', 'substance', 'lanolin'], ['nickel', 'substance', 'nickel'], ['cheap jewellery', 'substance', 'nickel'],
  ['cobalt', 'substance', 'cobalt'], ['gold', 'substance', 'gold'], ['zinc', 'substance', 'zinc oxide'],
  ['red dye', 'substance', 'red dyes'], ['carmine', 'substance', 'carmine'], ['E120', 'substance', 'carmine'],
  ['tartrazine', 'substance', 'yellow dyes'], ['PPD', 'substance', 'hair and lash dye'], ['hair dye', 'substance', 'hair and lash dye'],
  ['black henna', 'substance', 'hair and lash dye'], ['lash tint', 'substance', 'hair and lash dye'],
  ['parabens', 'substance', 'parabens'], ['preservatives', 'substance', 'preservatives'], ['MI', 'substance', 'isothiazolinones'],
  ['formaldehyde', 'substance', 'formaldehyde and its releasers'], ['gel nails', 'substance', 'acrylates of nails and glues'],
  ['cyanoacrylate', 'substance', 'cyanoacrylates in glues'], ['colophony', 'substance', 'colophony'],
  ['balsam of Peru', 'substance', 'balsam of Peru'], ['propylene glycol', 'substance', 'propylene glycol'],
  ['alcohol', 'substance', 'drying alcohol'], ['silicone', 'substance', 'silicones'], ['retinol', 'substance', 'retinol and other retinoids'],
  ['aspirin', 'substance', 'salicylates'], ['chemical sunscreen', 'substance', 'organic sun filters'],
  ['sun cream', 'substance', 'sun filters of all sorts'], ['mascara', 'substance', 'mascara and liner'],
  ['my eyes react to cheap mascara', 'substance', 'mascara and liner'], ['false lashes', 'substance', 'false lashes'],
  ['vegan', 'ask', 'vegan'], ['halal', 'ask', 'halal'], ['plant-based', 'ask', 'vegan'], ['pregnant', 'ask', 'pregnancy'],
  ['breastfeeding', 'ask', 'pregnancy'], ['medication', 'ask', 'medication'], ['Roaccutane', 'ask', 'medication'],
  ['blood thinners', 'ask', 'medication'], ['eczema', 'ask', 'a skin condition'], ['very sensitive skin', 'ask', 'a skin condition'],
  ['EpiPen', 'ask', 'anaphylaxis'], ['natural products only', 'ask', 'natural products only'],
  ['hay fever', 'elsewhere'], ['cats', 'elsewhere'], ['penicillin', 'elsewhere'], ['dust mites', 'elsewhere'], ['wasp stings', 'elsewhere'],
  ['none known', 'nothing'], ['no allergies', 'nothing'], ['keine', 'nothing'], ['no problem with nuts', 'nothing'],
  ['niacinamide', 'substance', 'niacinamide'], ['cetyl alcohol', 'ingredient'], ['glycerin', 'ingredient'], ['polyquaternium-7', 'ingredient'],
  ['guar gum', 'unknown'], ['cetearyl olivate', 'ingredient'],
  ['the blue stuff', 'unknown'], ['xyzzy', 'unknown'], ['something in wipes', 'unknown'], ['that thing my aunt used', 'unknown'],
]

// Written once the reader stood.
// prettier-ignore
const LAST: Words = [
  ['I come out in a rash from sticking plasters', 'substance', 'adhesives'], ['glue on my eyelids', 'substance', 'adhesives'],
  ['eyelash extension glue', 'substance', 'adhesives'], ['washing up gloves', 'substance', 'latex'], ['hazelnuts only', 'substance', 'nuts'],
  ['Erdnüsse', 'substance', 'nuts'], ['allergie aux noix', 'substance', 'nuts'], ['walnut and pecan', 'substance', 'nuts'],
  ['crab and lobster', 'substance', 'shellfish'], ['Milcheiweiß', 'substance', 'milk and whey'], ['Hühnereiweiß', 'substance', 'egg'],
  ['lait', 'substance', 'milk and whey'], ['wheat intolerance', 'substance', 'wheat and gluten'], ['Zöliakie', 'substance', 'wheat and gluten'],
  ['bananas', 'substance', 'banana'], ['apple skin', 'substance', 'apple'], ['peaches', 'substance', 'stone fruit'],
  ['lemon juice', 'substance', 'citrus'], ['peppermint lip balms', 'substance'], ['lip plumper', 'substance', 'chilli'],
  ['Ringelblume', 'substance', 'plants of the daisy family'], ['rose scented things', 'substance', 'rose'],
  ['shea', 'substance', 'shea'], ['castor oil in lipsticks', 'substance'], ['bee products', 'substance', 'beeswax and propolis'],
  ['cheap metal earrings', 'substance', 'nickel'], ['chrome', 'substance', 'chromium'], ['red lipstick pigments', 'substance', 'red dyes'],
  ['henna tattoo', 'substance', 'hair and lash dye'], ['eyebrow tint', 'substance', 'hair and lash dye'], ['methylisothiazolinone', 'substance', 'isothiazolinones'],
  ['shellac nails', 'substance', 'acrylates of nails and glues'], ['rosin', 'substance', 'colophony'], ['SLS', 'substance', 'sulphates'],
  ['petroleum jelly', 'substance', 'mineral oil'], ['vitamin C serums', 'substance', 'vitamin C'], ['hyaluronic acid', 'substance', 'hyaluronic acid'],
  ['SPF', 'substance', 'sun filters of all sorts'], ['waterproof mascara', 'substance', 'mascara and liner'], ['mink lashes', 'substance'],
  ['strict vegan', 'ask', 'vegan'], ['halal cosmetics please', 'ask', 'halal'], ['7 months pregnant', 'ask', 'pregnancy'],
  ['on antibiotics', 'ask', 'medication'], ['took Accutane last year', 'ask', 'medication'], ['chemo', 'ask', 'medication'],
  ['rosacea', 'ask', 'a skin condition'], ['contact lenses', 'ask', 'a skin condition'], ['carries an epipen', 'ask', 'anaphylaxis'],
  ['grass pollen', 'elsewhere'], ['dog hair', 'elsewhere'], ['amoxicillin', 'elsewhere'], ['bee stings', 'elsewhere'],
  ['nothing known', 'nothing'], ['not allergic to anything', 'nothing'], ['nuts are fine', 'nothing'],
  ['stearyl alcohol', 'ingredient'], ['disodium edta', 'ingredient'], ['hydroxyethylcellulose', 'ingredient'],
  ['Quallen', 'unknown'], ['the green one', 'unknown'], ['sparkly dust', 'unknown'],
]

describe('what people write', () => {
  it('is tried with a hundred and fifty and more', () => expect(FIRST.length + LAST.length).toBeGreaterThanOrEqual(150))
  it.each([...FIRST, ...LAST].map(([said, meaning, label]) => ({ said, meaning, label })))(
    '$said is $meaning $label',
    ({ said, meaning, label }) => {
      const read = declaredAs(said)
      expect([read.meaning, label === undefined ? undefined : read.label]).toEqual([meaning, label])
    },
  )
})

describe('what stays away', () => {
  it('a glue, whatever its list says or does not say', () => {
    for (const word of ['adhesive', 'lash glue', 'plasters', 'Wimpernkleber'])
      for (const ingredients of [null, ['aqua', 'acrylates copolymer']])
        expect(away(word, { name: 'Strip hold', kind: 'lash glue', ingredients })).not.toBeNull()
    expect(away('latex gloves', { kind: 'lash glue', ingredients: null })).toMatch(/list is not on record/)
    expect(away('latex gloves', { kind: 'lash glue', ingredients: ['aqua', 'acrylates copolymer'] })).toBeNull()
  })
  it('what is called so where the list says nothing', () => {
    expect(away('nut allergy', { name: 'Coconut lip scrub', ingredients: null })).toBe('is called so')
    expect(away('nut allergy', { name: 'Almond cleanser', ingredients: null })).toBe('is called so')
    expect(away('honey', { name: 'Honey beige', kind: 'foundation' })).toBeNull()
    expect(away('nuts', { name: 'Almond Lane', kind: 'foundation' })).toBeNull()
    expect(away('nuts', { name: 'Cob Nut', kind: 'lip colour', ingredients: null })).toBeNull()
  })
  it('oils of nuts, and what is near to them with a question', () => {
    expect(away('nuts', { ingredients: ['prunus amygdalus dulcis oil'] })).toMatch(/^holds prunus/)
    expect(away('nuts', { ingredients: ['cocos nucifera oil'] })).toMatch(/ask whether that is meant/)
  })
  it('what comes from animals, and what a pregnancy is asked about', () => {
    expect(away('vegan', { ingredients: ['aqua', 'carmine'] })).toMatch(/carmine/)
    expect(away('vegan', { ingredients: ['aqua', 'glycerin'] })).toBeNull()
    expect(away('pregnant', { ingredients: ['aqua', 'retinol'] })).toMatch(/retinol/)
    expect(away('EpiPen', {})).not.toBeNull()
  })
  it('everything while a word is not understood, and nothing once the packs are read', () => {
    expect(away('the blue stuff', { ingredients: ['aqua'] })).not.toBeNull()
    expect(stillUnknown(['nuts', 'the blue stuff'])).toEqual(['the blue stuff'])
    expect(stillUnknown(['the blue stuff'], ['the blue stuff'])).toEqual([])
    expect(asksOf(['vegan', 'the blue stuff'])[0]).toMatch(/^“the blue stuff” is not understood/)
    expect(asksOf(['the blue stuff'], ['the blue stuff'])[0]).toMatch(/read the packs/)
  })
  it.each([
    ['no allergies except latex', 'latex'],
    ['not just allergic to nuts but latex', 'latex'],
    ['no problem with nuts, latex', 'latex'],
    ['never had a reaction, only to latex', 'latex'],
  ])('%s: what is excepted is declared', said =>
    expect(away(said, { name: 'Strip hold', kind: 'lash glue', ingredients: ['rubber latex'] })).not.toBeNull(),
  )
  it('a plant by its everyday name is not understood, since a list names it in Latin', () => {
    for (const said of ['marula butter', 'baobab extract']) expect(declaredAs(said).meaning).toBe('unknown')
  })
  it('a word that is left over is asked about', () => {
    expect(declaredAs('kakadu plum extract').asks).toMatch(/is read as stone fruit: ask/)
    expect(declaredAs('allergic to plums').asks).toBeNull()
  })
  it('read packs answer only for what is not understood', () => {
    const both = declaredAs('nuts, the blue stuff')
    expect(againstOnceRead(both, item({ ingredients: ['arachis hypogaea oil'] }))).toMatch(/arachis/)
    expect(againstOnceRead(both, item({}))).toBeNull()
  })
  it('each of several said in one breath', () => {
    const read = declaredAs('allergic to nuts and latex')
    expect(read.holds('juglans regia seed oil') && read.holds('rubber latex')).toBe(true)
    expect(declaredAs('nuts, the blue stuff').meaning).toBe('unknown')
    expect(declaredAs('parfum, mild').meaning).toBe('substance')
  })
})
