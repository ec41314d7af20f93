import { plain } from '../list/words'

/* What the columns of somebody's table of things can mean, and what their headings are read as. */

interface Column {
  /** What it is called where it is chosen. */
  title: string
  /** Headings that mean it, in plain lower case: English, German, French. Longer ones are looked for first. */
  words: readonly string[]
}

// prettier-ignore
const COLUMNS_BY_FIELD = {
  name: { title: 'Name', words: ['name', 'product', 'item', 'what', 'thing', 'description', 'article', 'artikel', 'bezeichnung', 'produkt', 'nom', 'produit', 'designation', 'title', 'products', 'product name', 'artikelname', 'produktname', 'gegenstand'] },
  shade: { title: 'Shade', words: ['shade', 'shades', 'shade name', 'colour', 'color', 'colours', 'colors', 'farbe', 'farben', 'farbton', 'farbtone', 'ton', 'tone', 'nuance', 'nuancen', 'teinte', 'teintes', 'couleur', 'couleurs', 'shade no', 'shade number', 'shade code', 'farbnummer'] },
  kind: { title: 'Kind', words: ['kind', 'type', 'category', 'sort', 'art', 'kategorie', 'typ', 'genre', 'categorie', 'product type', 'group'] },
  brand: { title: 'Brand', words: ['brand', 'make', 'maker', 'manufacturer', 'house', 'marke', 'hersteller', 'marque', 'fabricant'] },
  range: { title: 'Range', words: ['range', 'line', 'series', 'collection', 'serie', 'linie', 'reihe', 'gamme', 'ligne'] },
  shape: { title: 'Brush shape', words: ['shape', 'brush shape', 'form', 'pinselform', 'forme'] },
  count: { title: 'How many', words: ['count', 'qty', 'quantity', 'how many', 'units', 'pieces', 'no of', 'in stock', 'pcs', 'pc', 'ea', 'amount', 'stock', 'anzahl', 'stk', 'stuck zahl', 'nb', 'nbre', 'menge', 'stuck', 'stuckzahl', 'nombre', 'quantite', 'qte'] },
  size: { title: 'Size', words: ['size', 'volume', 'content', 'contents', 'capacity', 'net', 'grosse', 'inhalt', 'volumen', 'fullmenge', 'taille', 'contenance', 'contenu', 'ml', 'weight', 'gewicht', 'poids'] },
  measure: { title: 'Unit of the size', words: ['unit', 'measure', 'uom', 'einheit', 'mass', 'unite', 'size unit'] },
  level: { title: 'How full', words: ['level', 'fill', 'full', 'left', 'remaining', 'how full', 'fullstand', 'rest', 'ubrig', 'niveau', 'reste', 'restant', 'percent left', 'what is left'] },
  openedOn: { title: 'Opened', words: ['opened', 'open since', 'date opened', 'opened on', 'opened date', 'since', 'geoffnet', 'angebrochen', 'offen seit', 'ouvert', 'ouverture', 'ouvert le'] },
  expiresOn: { title: 'Printed expiry', words: ['expires', 'expiry', 'expiry date', 'expiration', 'expiration date', 'exp date', 'good until', 'best before', 'use by', 'exp', 'haltbar bis', 'mhd', 'ablauf', 'verfall', 'peremption', 'expire le'] },
  lastUsed: { title: 'Last used', words: ['last used', 'last use', 'used last', 'last used on', 'zuletzt benutzt', 'zuletzt verwendet', 'zuletzt gebraucht', 'derniere utilisation', 'utilise le'] },
  price: { title: 'Price', words: ['price', 'cost', 'paid', 'value', 'preis', 'kosten', 'bezahlt', 'prix', 'cout', 'price each', 'unit price', 'price paid', 'rrp', 'cost each', 'einzelpreis'] },
  place: { title: 'Place', words: ['place', 'where', 'location', 'pouch', 'bag', 'case', 'stands in', 'ort', 'wo', 'platz', 'fach', 'tasche', 'lieu', 'emplacement', 'trousse', 'ou'] },
  depth: { title: 'Depth', words: ['depth', 'tiefe', 'profondeur', 'skin depth'] },
  undertone: { title: 'Undertone', words: ['undertone', 'unterton', 'sous-ton', 'sous ton'] },
  L: { title: 'Colour: L*', words: ['l', 'l*', 'lab l', 'lightness', 'cie l'] },
  a: { title: 'Colour: a*', words: ['a', 'a*', 'lab a', 'cie a'] },
  b: { title: 'Colour: b*', words: ['b', 'b*', 'lab b', 'cie b'] },
  coverage: { title: 'Cover', words: ['cover', 'coverage', 'deckkraft', 'couvrance'] },
  family: { title: 'Formula', words: ['formula', 'base', 'basis', 'formule', 'formulation'] },
  finish: { title: 'Finish', words: ['finish', 'fini', 'effect', 'texture finish'] },
  inci: { title: 'Ingredients', words: ['ingredients', 'inci', 'composition', 'inhaltsstoffe', 'zutaten'] },
  percent: { title: 'Strength in %', words: ['strength', 'percent', 'alcohol', 'prozent', 'starke', 'concentration'] },
  barcode: { title: 'Barcode', words: ['barcode', 'ean', 'gtin', 'upc', 'strichcode', 'code barre', 'code-barres'] },
  label: { title: 'Label', words: ['label', 'etikett', 'etiquette', 'mark'] },
  role: { title: 'Role', words: ['role', 'rolle', 'status'] },
  notes: { title: 'Notes', words: ['notes', 'note', 'remark', 'remarks', 'comment', 'comments', 'bemerkung', 'notiz', 'remarque'] },
  batch: { title: 'Batch', words: ['batch', 'lot', 'charge', 'batch number'] },
  palette: { title: 'Palette it is a pan of', words: ['palette', 'pan of', 'in palette', 'palette name'] },
  retiredAt: { title: 'Retired', words: ['retired', 'retired on', 'out of use', 'aussortiert', 'retire'] },
  why: { title: 'Why it was retired', words: ['why', 'reason', 'grund', 'raison'] },
  colourSource: { title: 'How its colour is known', words: ['colour source', 'color source'] },
  id: { title: 'Id of the thing', words: ['id', 'varietas id'] },
  productId: { title: 'Id of the product', words: ['product id'] },
  details: { title: 'Everything else, as it was written out', words: ['details'] },
} as const satisfies Record<string, Column>

export type Field = keyof typeof COLUMNS_BY_FIELD
export const FIELDS = Object.keys(COLUMNS_BY_FIELD) as Field[]
export const titleOf = (field: Field): string => COLUMNS_BY_FIELD[field].title

/** What each column of a table means; null for one that is left out. */
export type Mapping = (Field | null)[]

/** A heading in plain lower case, without its signs. */
export const said = (heading: string) =>
  plain(heading)
    .replace(/[^\p{L}\p{N}*]+/gu, ' ')
    .trim()

/** Headings by what they mean, the longest first: "brush shape" before "shape". */
export const MEANINGS = FIELDS.flatMap(field =>
  [...COLUMNS_BY_FIELD[field].words, said(COLUMNS_BY_FIELD[field].title)].map(words => ({ field, words: said(words) })),
).sort((x, y) => y.words.length - x.words.length)
