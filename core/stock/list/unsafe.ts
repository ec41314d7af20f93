import { plain } from './words'

/*
 * What is in kits of this trade and is not made for every skin: glues, blood, craft goods, solvents. A caution, never an all-clear: what is
 * not listed here is judged like anything else, and what its maker and the local rules say comes first.
 */

export const UNSAFE_PLACES = ['eyes', 'lids', 'lips', 'skin'] as const
export type UnsafePlace = (typeof UNSAFE_PLACES)[number]

const NOWHERE: readonly UnsafePlace[] = UNSAFE_PLACES
const NOT_NEAR_EYES: readonly UnsafePlace[] = ['eyes', 'lids']
const NOT_NEAR_EYES_OR_LIPS: readonly UnsafePlace[] = ['eyes', 'lids', 'lips']

// prettier-ignore
const UNSAFE: readonly (readonly [words: RegExp, places: readonly UnsafePlace[], isKind?: boolean])[] = [
  [/\b(craft|hobby|arts?|art shop|polyester|nail|christmas|card making|bastel|deko)[- ]?(?:\w+ )?glitt?er|\bglitters?\b.*\b(crafts?|nails?|hobby|polyester|art shop|school|christmas|card)\b|\bpolyester\b.*\bglitter|paillettes (de )?(bricolage|loisirs creatifs)|bastelglitzer/, NOWHERE],
  [/\b(super|crazy|instant|hot|fabric|craft|wood|pva|school|shoe|stick|contact|sekunden|bastel|heiss)[- ]?(glue|kleber|cement|adhesive)|sekundenkleber|bastelkleber|superglue|cyanoacrylate|glue gun|colle (forte|extra forte|ext|uhu|blanche|chaude)|heissklebe\w*|epoxy|gaffer|duct tape|double[- ]sided carpet/, NOWHERE],
  [/\bnail[- ]?(glue|adhesive)|nagelkleber|colle (a |pour )?(faux )?ongles/, NOWHERE],
  [/\b(wig|lace|toupee|toupet|hairpiece|hair system|frontal)[- ]?(\w+ )?(glue|adhesive|tape|bond)|peruckenkleber|colle (a |pour )?(perruque|postiche)|toupetkleber/, NOT_NEAR_EYES_OR_LIPS],
  [/\bspirit gum|\bmastix|\bmastic\b|gomme arabique|prosthetic[- ](glue|adhesive)|pros-?aide|silicone adhesive|medical (grade )?adhesive|skin adhesive|body glue|body adhesive|beard glue|bartkleber|hautkleber|colle (a |pour )?(barbe|prothese|peau)|moustache (glue|gum)/, NOT_NEAR_EYES_OR_LIPS],
  [/\b(fake|stage|theatre|theatrical|film|artificial|dried|scab|arterial|squirt|blood) ?blood\b|^blood\b|\bblood (gel|paste|syrup|capsules?|powder|scab|jam|spray)|kunstblut|theaterblut|filmblut|faux sang|sang (artificiel|de theatre)/, NOT_NEAR_EYES],
  [/\bliquid latex|\blatex,? (liquid|milk)|flussiglatex|latex liquide|\bcollodion|kollodium|\bscar (liquid|wax|plastic)|rigid collodion|\bgelatine? (scar|wound)|bald cap plastic|plastici[sz]er/, NOT_NEAR_EYES_OR_LIPS],
  [/\b(permanent |felt |paint |board |fabric |black |white |red |body )?markers?\b(?!.*\b(brow|eyeliner|liner|lip)\b)|\bfelt tips?\b(?!.*liner)|\bfilzstift\w*|\bedding\b|\bfeutres?\b(?!.*(liner|yeux|sourcils))|\bbiros?\b|\bballpoint|\bhighlighter pens?\b|\bacrylic paint|\bacrylfarbe|peinture acrylique|\bspray paint|\bfood colou?r|\bwall paint|\bposter paint/, NOWHERE],
  [/\bnail (polish|varnish|lacquer)|nagellack|vernis a ongles|\bacetone?\b|aceton|nail (polish|varnish) remover|dissolvant|white spirit|turpentine|terpentin|lighter fluid|bleach|chlor|javel|paint thinner|lacquer thinner|\bnaphtha/, NOWHERE],
  [/\b(medical|silicone|prosthetic|spirit gum|wig|skin|body|surgical|plaster|tape|glue|adhesive)[- ]?(adhesive )?(remover|dissolver|solvent)|adhesive remov\w*|spirit gum remover|mastixentferner|mastixloser|kleberentferner(?! wimpern)|dissolvant (mastic|colle)/, NOT_NEAR_EYES_OR_LIPS],
  [/\balcohol[- ]activated|\bskin illustrat|tattoo (ink|paint|palette activated)|alkoholaktivier/, NOT_NEAR_EYES_OR_LIPS],
  [/\bhair ?(colou?r|dye)|haarfarbe|temporary hair|hair chalk|tooth (enamel|paint|lacquer|black)|zahnlack|vernis (a )?dents/, NOT_NEAR_EYES],
  [/\bhair ?spray|haarspray|laque (cheveux)?/, ['eyes']],
  [/\btear (stick|blower)|\bmenthol|tranenstift/, NOT_NEAR_EYES],
  [/\bself[- ]?tan|selbstbrauner|autobronzant|\bfake tan/, NOT_NEAR_EYES_OR_LIPS],
  [/\bdepilat|hair removal cream|enthaarung|creme depilatoire|\bhot wax|wax strips?|kaltwachs/, NOT_NEAR_EYES_OR_LIPS],
  [/\bisopropyl|rubbing alcohol|isopropanol|surgical spirit|methylated|disinfectant|desinfektionsmittel|\b(70|75|80|90|95|96|99) ?% ?(alc|isop|ipa|ethanol)|\balcohol (spray )?(70|75|80|90|95|96|99)|\balkohol\b|\bipa\b/, NOT_NEAR_EYES_OR_LIPS],
]
// What is sold for lids or lashes, or for the brush, and shares a word with what is not.
const MADE_FOR_IT =
  /\b(lash|eyelash|lashes|wimpern\w*|cils|cosmetic|kosmetik|eye ?liner|brow|brows|eyebrow|augenbrauen|sourcils|lip ?liner|liner)\b|\b(glitter (glue|primer|base|adhesive|fix\w*))\b/

/**
 * Places of the face something must be kept from, as far as its words say.
 * @param text a line or a name
 */
export function unsafeFor(text: string): UnsafePlace[] {
  const words = plain(text)
  const hits = UNSAFE.filter(([is]) => is.test(words))
  if (hits.length === 0) return []
  if (MADE_FOR_IT.test(words) && !/\b(craft|super|nail|hobby|wig|spirit gum)\b/.test(words)) return []
  return UNSAFE_PLACES.filter(place => hits.some(([, places]) => places.includes(place)))
}

// Known for what they are, and no kind of the kit: they must not enter as make-up because of a word they share with it.
const NO_COSMETIC =
  /\b(dirt|grime|ash|mud|charcoal) (powder|spray)|\bdirt\b|\bsweat\b|\bglycerine? (spray|\()|\btear (stick|blower)|tranenstift|\bnose putty|\bcrepe hair|\b(craft|hobby|nail|christmas|bastel)[- ]?glitt?er|\bglitters?\b.*\b(crafts?|nails?|hobby|polyester|art shop|school|christmas)\b|bastelglitzer|paillettes (de )?bricolage|\bblood\b|kunstblut|theaterblut|faux sang|sang artificiel|liquid latex|\blatex,? (liquid|milk)|flussiglatex|collodion|kollodium|\b(super|crazy|nail|wig|lace|toupee|hot|craft|fabric|contact)[- ]?(\w+ )?(glue|adhesive)|sekundenkleber|superglue|epoxy|glue gun|nagelkleber|peruckenkleber|\b(permanent |felt |paint |fabric |black |white |red |body )markers?\b|^markers?\b|\bfelt tips?\b|filzstift|biros?\b|ballpoint|highlighter pens?\b|acrylic paint|acrylfarbe|spray paint|food colou?r|nail (polish|varnish|lacquer)|nagellack|vernis a ongles|acetone|aceton\b|bleach|white spirit|turpentine|lighter fluid|hair ?(dye|chalk)|haarfarbe|tooth (enamel|paint|lacquer)|zahnlack|scar (wax|liquid)|\bmastic\b|\bmastix|spirit gum(?! remover)|(prosthetic|skin|medical|silicone|body|beard) ?(grade )?adhesive(?! remov)|pros-?aide|bartkleber|hautkleber|collodion/
export const isNoCosmetic = (text: string): boolean => {
  const words = plain(text)
  return (
    NO_COSMETIC.test(words)
    && !/\b(brow|lash|eyeliner|liner|lip) ?marker|(felt|filz)\w* ?(tip|stift)?.*\bliner|eyeliner/.test(words)
  )
}
