import type { ItemKind } from '../../product/item'
import type { BrushShape, SupplyKind, ThingKind, ToolKind } from '../kinds'
import type { ProductSort } from '../things'

export interface Entry {
  kind: ThingKind
  sort: ProductSort
  /** Words one after another, as {@link plain} has them. */
  phrase: readonly string[]
}

const entries = (sort: ProductSort, list: Partial<Record<ThingKind, string>>): Entry[] =>
  Object.entries(list).flatMap(([kind, phrases]) =>
    phrases.split('|').map(p => ({ kind: kind as ThingKind, sort, phrase: p.trim().split(' ') })),
  )

// Phrases apart by bars: English first, then German and French as they are written on packs and in lists. No product names.
// prettier-ignore
const COSMETICS: Partial<Record<ItemKind, string>> = {
  'remover': 'remover|make-up remover|makeup remover|eye makeup remover|micellar|micellar water|mizellenwasser|eau micellaire|cleansing oil|cleansing water|entferner|abschminke|demaquillant|removing oil|lash glue remover|glue remover',
  'cleanser': 'cleansing balm|cleansing cream|foaming cleanser|cleansing bar|exfoliator|face scrub|peeling|cleanser|face wash|facial wash|cleansing milk|cleansing gel|cleansing foam|reiniger|reinigungsmilch|reinigungsgel|reinigung|nettoyant|lait nettoyant|gel nettoyant',
  'toner': 'priming water|priming mist|hydrosol|face spray|essence mist|priming spray|prep spray|skin prep|skin prep spray|prep mist|toner|tonic|face mist|facial mist|rose water|rosewater|gesichtswasser|thermal water|hydrating mist|lotion tonique|tonique|skin mist|essence',
  'mask': 'pore strips|nose strips|face patches|blemish patches|spot patches|mask|sheet mask|sheet masks|face mask hydrating|eye patches|eye pads|gel patches|under eye patches|gel pads|gesichtsmaske|maske|masque|augenpads|patchs yeux|patches',
  'moisturiser': 'serums|squalane|hyaluronic acid|face balm|skin food cream|hydrator|emulsion|face serum|moisturiser|moisturizer|face cream|night cream|cream|creme|lotion|nachtcreme|creme de nuit|barrier cream|day cream|hydrating cream|hydrating gel|face oil|facial oil|gesichtscreme|tagescreme|feuchtigkeitscreme|creme hydratante|creme de jour|serum|hydrating serum|hyaluronic serum|moisture cream|water cream|gel cream|face lotion|rich cream|cold cream',
  'eye care': 'eye roll on|eye roll-on|eye de-puffer|depuffer|eye treatment|eye mist|eye cream|eye gel|eye serum|eye care|augencreme|augengel|contour des yeux|creme yeux',
  'lip care': 'lip primer|lip prep|petroleum jelly|petrolatum|vaseline|lip serum|lip butter|lip conditioner|lip treatment|lip salve|lip balm|lip scrub|lip care|lip mask|lippenbalsam|lippenpflege|lippenpeeling|baume a levres|baume levres|balm for lips',
  'sun protection': 'sunscreen|sun screen|sun cream|spf|sun protection|sunblock|sonnencreme|sonnenschutz|creme solaire|ecran solaire|sun fluid',
  'primer': 'blurring primer|hydrating primer|gripping primer|grip primer|smoothing primer|primer stick|colour control primer|primer|face primer|pore filler|mattifier|mattifying gel|anti-shine|anti shine|makeup base|make-up base|grundierung primer|base de teint|base teint|smoothing base|base matifiante|base lissante|base hydratante|base fixante|shine control|mattifying base',
  'eye primer': 'eye primer|eye base|eyeshadow primer|eye shadow primer|lid primer|lidschattenbase|eyeshadow base|base paupieres|shadow base|lid base|glitter glue|glitter primer|glitter base',
  'glow': 'glow serum|luminous base|strobe drops|glow booster|glow drops|glow base|strobe cream|illuminating base|illuminating primer|liquid glow|luminiser|luminizer|glow primer|glow under base|strobing cream|radiance base|illuminating drops',
  'medium': 'mixing medium|medium|thinner|foundation thinner|sealant|mixing liquid|mixing drops|mattifying drops|extender|activator|pigment medium|brow sealer',
  'corrector': 'brightener|under eye brightener|undereye brightener|colour correcting palette|color correcting palette|tattoo corrector|corrector|colour corrector|color corrector|correcting palette|corrector palette|colour correcting|peach corrector|orange corrector|green corrector|korrektor|correcteur|correcting cream|correcting stick|neutraliser|neutralizer',
  'foundation': 'serum foundation|cushion|cushion foundation|complexion palette|skin veil|base palette|fdn|fdt|fnd|foundation|face body foundation|face and body foundation|base|fond de teint|grundierung|bb cream|cc cream|tinted moisturiser|tinted moisturizer|skin tint|foundation stick|foundation palette|cream foundation|liquid foundation|powder foundation|getonte tagescreme|make-up fluid|makeup fluid|cream base|stick base|hd base|airbrush foundation|airbrush base',
  'adjuster': 'adjuster|shade adjuster|white mixer|mixer|foundation mixer|colour adjuster|color adjuster|white foundation|lightening drops|darkening drops|pigment drops|adjusting drops|shade mixer|yellow adjuster|blue adjuster|red adjuster|olive adjuster|white adjuster|mixing pigment|adjusting liquid',
  'concealer': 'undereye concealer|concealer pot|concealer pen|spot concealer|cover pen|conc|concealer|concealers|concealer palette|abdeckstift|abdeckcreme|anti-cernes|anticernes|cover stick|camouflage|camouflage cream|camouflage palette|cover cream|under eye concealer|camouflage creme|correcteur anti-cernes',
  'powder': 'blurring powder|mattifying powder|brightening powder|no colour powder|no-colour powder|anti-shine powder|powder|setting powder|loose powder|pressed powder|translucent powder|finishing powder|hd powder|puder|poudre|poudre libre|transparentpuder|banana powder|fixing powder|kompaktpuder|poudre compacte|fixierpuder|baking powder face|rice powder',
  'contour': 'contour|contour powder|contour stick|contour cream|contour palette|contour kit|kontur|konturpuder|sculpting|sculpting powder|sculpting cream|contouring|shading powder',
  'bronzer': 'bronzing drops|bronze drops|cream bronzer|liquid bronzer|bronzer|bronzing powder|bronzing|bronzing gel|bronzing cream|bronzepuder|poudre de soleil|sun powder|bronzant',
  'blush': 'cheek|cheeks|cheek duo|cheek trio|blush drops|flush balm|jelly blush|blush balm|cheek and lip|lip and cheek|lip cheek|cheek lip|cheek pot|cheek colours|blush|blusher|cheek colour|cheek color|cream blush|powder blush|liquid blush|rouge|wangenrouge|blush palette|fard a joues|cheek tint|cheek stain|cheek palette|cheek cream|cheek stick|blushes',
  'highlighter': 'glow stick face|face gloss|highlighter balm|strobe stick|liquid light|highlighter|highlight|highlighting powder|highlighter stick|illuminator|enlumineur|highlighters|strobe|cream highlight|highlighter palette|shimmer powder|liquid highlighter|light stick',
  'brow': 'brow freeze|brow balm|brow fixer|brow glue|brow stencil|eyebrow|eyebrows|eyebrow tint|brow lamination|augenbrauen|sourcils|brow pencil|eyebrow pencil|brow powder|brow gel|brow pomade|brow wax|brow soap|brow palette|eyebrow powder|eyebrow gel|brow kit|brow pen|brow mascara|augenbrauenstift|augenbrauengel|augenbrauenpuder|brauengel|brauenstift|crayon sourcils|gel sourcils|poudre sourcils|brow|brows|brow cream|brow tint',
  'eye colour': 'eye gloss|eye paint|lid tint|eye crayon|shadow pot|glitter pot|glitter pots|chameleon pigment|eye sparkle|eyeshadow|palette|palettes|quad|eye shadow|eyeshadows|eye shadows|eye colour|eye color|eyeshadow palette|eye palette|lidschatten|lidschattenpalette|fard a paupieres|ombre a paupieres|pigment|loose pigment|pigments|glitter|loose glitter|cream shadow|shadow stick|eyeshadow stick|shadow palette|shadow|shadows|single shadow|eye pigment|palette yeux|shimmer eye|neutrals palette|brights palette',
  'liner': 'eyeliner|pencil|pencils|eye liner|gel liner|liquid liner|kohl|kajal|khol|eye pencil|eyeliner pen|liner pen|kohl pencil|lidstrich|augenkonturenstift|crayon yeux|liner|gel eyeliner|pencil liner|waterline pencil|eye kohl|liquid eyeliner|felt liner',
  'mascara': 'lash primer|mascara primer|mascara|wimperntusche|waterproof mascara|mascaras|tubing mascara|lash tint|brown mascara|clear mascara|lower lash mascara',
  'lashes': 'lash|lash trays|lash tray|individual lash|lashes|false lashes|strip lashes|individual lashes|individuals|lash clusters|cluster lashes|fake lashes|eyelashes|false eyelashes|wimpern|kunstliche wimpern|einzelwimpern|faux cils|lash strips|half lashes|lash singles|corner lashes|lash pack|lash set',
  'lash glue': 'lash glue|eyelash glue|lash adhesive|eyelash adhesive|wimpernkleber|colle a cils|colle faux cils|colle cils|latex-free glue|lash bond|glue for lashes',
  'lip liner': 'lip liner|lip pencil|lipliner|lippenkonturenstift|lipliner pencil|crayon a levres|crayon levres|konturenstift lippen|lip liners|lip pencils',
  'lip colour': 'liquid lip|liquid lips|lip|lips|lip duo|lip trio|lipstick|lippie|lippy|lip colour|lip color|lipsticks|liquid lipstick|lip palette|lip tint|lip stain|lippenstift|rouge a levres|matte lip|lip cream|lip crayon|lip colours|lip paint|lippenstifte|nude lip palette|lip lacquer|cream lip|red lip|nude lip',
  'gloss': 'lip oil|lip glaze|lip topper|lip plumper|lip gloss|gloss|lipgloss|glosses|lipglanz|brillant a levres|clear gloss|plumping gloss',
  'body make-up': 'tattoo concealer|body highlighter|body highlight|body bronzing|body makeup|body make-up|body foundation|leg makeup|leg make-up|body glow|body oil shimmer|self tan|fake tan|instant tan|tanning mousse|tan mousse|tanning lotion|gradual tan|alcohol activated palette|activated palette|self tanner|body shimmer|tattoo cover|tattoo camouflage|korper make-up|body bronzer|body paint|body lotion shimmer|body luminiser',
  'setting spray': 'fixer|setting mist spray|makeup sealer|make-up sealer|barrier spray|setting spray|set spray|spray|fixing spray|fixing mist|setting mist|finishing spray|makeup fixer|fixierspray|spray fixant|brume fixante|make-up fixer|matte mist|dewy mist|fix spray|sealing spray',
}
// prettier-ignore
const TOOLS: Partial<Record<ToolKind, string>> = {
  'brush': 'brush|brushes|brush set|brow brush|eyebrow brush|pinsel|pinceau|pinceaux|brush kit|pinselset|kabuki|buffing brush|duo-fibre|stippling brush',
  'sponge': 'blender|blenders|cosmetic sponge|cosmetic sponges|konjac sponge|sea sponge|sponge|sponges|makeup sponge|blending sponge|beauty sponge|schwamm|schwammchen|eponge|eponges|body sponge|latex sponge|sponge wedges|latex-free sponge|stipple sponge',
  'puff': 'puff|powder puff|puffs|quaste|puderquaste|houppette|houppettes|velour puff',
  'spoolie': 'brow spoolie|lash brush|lash separator|lash brushes|spoolie|spoolies|brow comb|lash comb|augenbrauenburstchen|goupillon',
  'tweezers': 'tweezers|tweezer|pinzette|pinzetten|pince a epiler|pince',
  'scissors': 'embroidery scissors|cuticle scissors|scissors|lash scissors|brow scissors|small scissors|schere|nagelschere|ciseaux|shears|nail scissors',
  'lash curler': 'lash curler|eyelash curler|eyelash curlers|lash curlers|wimpernzange|recourbe-cils|recourbe cils|curler|heated lash curler',
  'lash applicator': 'lash placer|lash fan tool|lash applicator|lash tool|lash tweezers|applicator tool lashes|lash clamp',
  'sharpener': 'sharpener|pencil sharpener|anspitzer|spitzer|taille-crayon|taille crayon|sharpeners',
  'mixing palette': 'mixing palette|metal palette|acrylic palette|steel palette|mixing plate|mischpalette|palette de melange|mixing tray|hand palette|mixing plates|palette ring',
  'spatula': 'spatula|metal spatula|steel spatula|spatel|spatule|palette knife|spatulas metal',
  'palette case': 'magnetic palette|empty palette|magnetic case|empty magnetic palette|leerpalette|palette vide|depot palette',
  'spray gun': 'spray gun|airbrush|airbrush gun|airbrush stylus|pistolet|airbrush pistole|aerographe',
  'compressor': 'compressor|airbrush compressor|kompressor|compresseur',
  'mirror': 'led mirror|pocket mirror|compact mirror|mirror|hand mirror|spiegel|handspiegel|miroir|face mirror|table mirror|magnifying mirror',
  'light': 'key light|light panel|video light|beauty light|make-up light|light|ring light|lamp|led panel|led light|ringlicht|lampe|daylight lamp|torch|head torch|headlamp|clip light|tageslichtlampe|lumiere|light stand lamp|softbox|led lamp',
  'power': 'cable reel|usb charger|charging cable|plug|plugs|spare batteries|extension lead|extension cable|extension cord|power strip|verlangerungskabel|power bank|powerbank|rallonge|adapter|plug adapter|charger|steckdosenleiste|multiprise|batteries|battery pack|batterien|phone charger|travel adapter',
  'stand': 'phone stand|ring light stand|canvas stand|stand|tripod|light stand|stativ|trepied|phone holder|easel|cape stand',
  'chair': 'chair|makeup chair|stool|director chair|stuhl|chaise|folding chair|headrest|high chair|footrest',
  'case': 'cabin case|aluminium case|aluminum case|hard shell case|makeup trolley|case|train case|trolley|rolling case|makeup case|koffer|valise|suitcase|wheeled case|vanity case|hard case|kit bag|set bag|backpack|rucksack|kit case',
  'pouch': 'zip pouches|mesh bag|mesh pouch|mesh bags|drawstring bag|toiletry bag|see-through bag|makeup bag|make-up bag|cosmetic bag|wash bag|kulturbeutel|pouch|clear pouch|zip bag|zip pouch|pouches|clear bag|tasche|trousse|clear bags|zip bags|organiser|organizer|touch-up pouch',
  'belt': 'brush bag|crossbody brush bag|tool bag|set belt|crossbody bag|belt|brush belt|tool belt|gurtel|ceinture|hip bag|waist bag|bum bag',
  'brush roll': 'drying stand|brush drying stand|brush tree|brush rack|brush wrap|brush pouch|brush roll|brush holder|brush case|brush stand|pinseltasche|pinselrolle|brush cup|brush pot|brush tube|brush guard|brush guards|trousse a pinceaux|pinselhalter|brush drying rack',
  'clip': 'sectioning clip|section clips|pin curl clips|metal clips|butterfly clips|hair clips|hair clip|clips|sectioning clips|haarklammern|haarklammer|pinces a cheveux|no-crease clips|clip|creaseless clips',
  'headband': 'hairband|turban|wig cap|wig caps|headband|hair band|stirnband|haarband|bandeau|headbands|spa headband|hair wrap',
  'comb': 'comb|tail comb|kamm|peigne|beard comb|hair brush|hairbrush|haarburste|edge brush|beard brush|bartkamm',
  'razor': 'razor|shaver|rasierer|rasoir|electric shaver|brow razor|dermaplaning razor',
  'trimmer': 'trimmer|beard trimmer|nose trimmer|nose hair trimmer|tondeuse|clippers|bartschneider',
  'scale': 'scale|pocket scale|waage|balance|kitchen scale',
  'towel': 'cloth|cloths|microfibre cloth|microfibre cloths|microfiber cloth|microfiber cloths|muslin cloth|muslin cloths|flannels|face cloth|towel|towels|hand towel|handtuch|handtucher|serviette|serviettes eponge|hand towels|face towel|flannel',
  'mat': 'cleaning mat|brush cleaning mat|drying mat|work mat|mat|silicone mat|table mat|brush mat|matte tisch|tapis|barrier mat|wipeable mat|makeup mat|table cover|makeup towel mat',
  'fan': 'neck fan|lash fan|handheld fan|fan|hand fan|ventilator|mini fan|ventilateur|usb fan',
  'bottle': 'dropper bottle|dropper bottles|mist bottle|pump bottle|refill bottle|empty sprayer|squeeze bottle|spray bottle|empty bottle|spruhflasche|atomiser|atomizer|empty spray bottle|flacon vide|pump bottle empty|travel bottle|travel bottles|empty jars travel|flacon spray vide|dropper bottle empty',
  'sewing kit': 'thread|needles|buttons|sewing kit|needle and thread|nahset|kit de couture|thread and needle',
  'camera': 'camera|instant camera|colour card|grey card|color checker|colour checker|kamera|appareil photo|graukarte',
}
// prettier-ignore
const SUPPLIES: Partial<Record<SupplyKind, string>> = {
  'mascara wands': 'mascara wands|disposable mascara wands|disposable wands|wands|mascara wand|wand|mascarabursten|einweg-mascarabursten|einwegbursten|brosses mascara jetables|spoolies disposable|disposable spoolies|spoolie disposable|disposable spoolie|mascara sticks disposable|goupillons jetables',
  'lip applicators': 'einwegapplikatoren|applikatoren|lip applicators|doe foot|doe foot wands|lip wands|lip applicator|doe foot applicators|doe foots|lip brushes disposable|disposable lip brushes|lippenapplikatoren|applicateurs levres|disposable lip wands|lip gloss applicators|disposable applicators|disposable lip applicators|applicators',
  'cotton rounds': 'cotton rounds|cotton pads|cotton round|cotton pad|wattepads|wattepad|cotons|disques de coton|cotton discs|cosmetic pads|cotons a demaquiller|watte pads|abschminkpads',
  'cotton buds': 'swabs|micro swabs|swab|microswabs|lint free swabs|q tips|q-tips|pointed tips|makeup tips|cotton stick|cotton sticks|ear buds|cotton buds|cotton swabs|buds|wattestabchen|cotons-tiges|cotons tiges|cotton tips|pointed buds|pointed cotton buds|precision buds|microbrushes|micro brushes|microbrush',
  'cotton wool': 'cotton wool|watte|ouate|cotton balls|coton',
  'tissues': 'tissue pack|pocket tissues|travel tissues|box tissues|tissues|tissue box|taschentucher|kosmetiktucher|mouchoirs|facial tissues|paper tissues|tissue',
  'wet wipes': 'abschminktucher|wet wipes|baby wipes|face wipes|makeup wipes|feuchttucher|wipes|lingettes|cleansing wipes|make-up wipes|lingettes demaquillantes|facial wipes',
  'blotting sheets': 'oil control sheets|oil control paper|shine sheets|shine papers|blotting sheets|blotting paper|blotting papers|oil blotting sheets|blotters|blottingpapier|papier matifiant|mattierende tucher|blot sheets|papiers matifiants|oil absorbing sheets',
  'disposable spatulas': 'disposable spatulas|wooden spatulas|wooden sticks|holzspatel|einwegspatel|plastic spatulas|spatules jetables|mini spatulas|spatulas|wax sticks|wooden spatula',
  'disposable sponges': 'wedges|latex wedges|foam wedges|makeup wedges|wedge sponges|disposable sponges|einwegschwamme|eponges jetables|disposable wedges|single use sponges|single-use sponges|disposable puffs|disposable sponge',
  'disposable blades': 'disposable razors|disposable blades|blades|einwegrasierer|rasierklingen|lames|single use razors|single-use razors|rasoirs jetables|disposable razor|razor blades',
  'gloves': 'gloves|nitrile gloves|latex gloves|handschuhe|einweghandschuhe|gants|vinyl gloves|gants nitrile',
  'face masks': 'disposable masks|clear masks|ffp3|face masks|surgical masks|ffp2|mund-nasen-schutz|masques chirurgicaux|medical masks|masken ffp',
  'capes': 'apron|aprons|disposable aprons|salon gown|gown|gowns|neck strips|cape|capes|makeup cape|umhang|schminkumhang|cape de maquillage|make-up bib|bib|bibs|collar protectors|collar protection|halskrause|tissue collars|disposable capes|protege col|collar covers',
  'alcohol': 'antibacterial spray|antiseptic spray|sanitizer spray|disinfection spray|brush sanitiser|brush sanitizer|spirit|disinfecting spray|sterilising spray|ethanol|alcohol|isopropyl|isopropyl alcohol|alc spray|alcohol spray|ipa|rubbing alcohol|desinfektionsmittel|alkohol|isopropanol|alcool|disinfectant|disinfectant spray|desinfektionsspray|alcool isopropylique|sanitising spray|sanitizing spray|sanitiser spray|desinfectant|surgical spirit|makeup sanitiser|makeup sanitizer',
  'hand gel': 'hand spray|hand sanitising gel|hand gel|hand sanitiser|hand sanitizer|sanitiser|sanitizer|handdesinfektion|gel hydroalcoolique|hand desinfektion|antibacterial gel|handgel|gel mains',
  'brush cleanser': 'brush cleansing|brush spray cleaner|brush cleaning pad|brush cleanser pad|instant brush cleaner|brush cleanser|brush cleaner|brush soap|brush shampoo|pinselreiniger|pinselseife|nettoyant pinceaux|savon pinceaux|brush wash|quick dry cleaner|quick-dry brush cleaner|solid brush soap|brush cleaning spray',
  'surface wipes': 'antibacterial surface spray|surface spray|surface cleaner|steriliser|antibac wipes|sanitiser wipes|sanitizer wipes|surface wipes|disinfectant wipes|disinfecting wipes|antibacterial wipes|alcohol wipes|desinfektionstucher|lingettes desinfectantes|flachendesinfektion|sanitising wipes|alcohol pads|sanitizing wipes',
  'soap': 'soap|hand soap|seife|savon|hand wash|liquid soap',
  'rubbish bags': 'waste bags|rubbish bag|bin bag|garbage bag|sick bags|rubbish bags|bin bags|trash bags|mullbeutel|sacs poubelle|bin liners|mini bin bags|mullsacke|garbage bags',
  'tape': 'wig tape|medical tape|nipple covers|nipple cover|dress tape|tape|fashion tape|double-sided tape|toupee tape|boob tape|klebeband|lid tape|micropore tape|body tape|eyelid tape|gaffer tape|surgical tape|ruban adhesif|eyelid strips|face tape|doppelseitiges klebeband',
  'pins': 'pin set|safety pin|sewing pins|hem pins|safety pins|sicherheitsnadeln|epingles|epingles a nourrice|pins|epingles de surete',
  'plasters': 'plaster strips|blister pads|wound plasters|plasters|pflaster|pansements|blister plasters|bandages|plaster|blasenpflaster',
  'first-aid box': 'first aid kit|first-aid kit|first aid box|first-aid box|verbandskasten|erste-hilfe-set|trousse de secours|first aid',
  'mints': 'mint|mint spray|tic mints|breath strips|mouthwash|mouth wash|mints|breath mints|chewing gum|kaugummi|pastilles menthe|breath spray|minzbonbons|gum|chewing-gum',
  'straws': 'straws|straw|strohhalme|pailles|paper straws|trinkhalme|drinking straws',
  'lint roller': 'clothes roller|sticky roller|stain wipes|clothes steamer|lint roller|fusselrolle|rouleau anti-peluches|clothes brush|lint remover|stain remover|stain remover pen|fleckenstift|anti-taches|stain pen',
  'labels': 'label stickers|washi tape labels|chalk pen|label printer|labels|stickers|label tape|etiketten|etiquettes|marker pen|permanent marker|marker|label maker tape',
  'jars': 'decanting pots|sample containers|screw pots|stackable pots|stacking jars|jars|sample jars|sample pots|dosen|leerdosen|pots vides|empty jars|empty pots|contact lens cases|tiny pots|little pots|mini jars|decant pots|pill boxes',
  'kitchen roll': 'kitchen towel|kitchen towel roll|kitchen roll|paper towels|kuchenrolle|papiertucher|essuie-tout|paper towel|essuie tout|couch roll|paper sheets',
  'business cards': 'flyers|leaflets|price list|business cards|visitenkarten|cartes de visite|cards|price list cards',
  'paperwork': 'questionnaire|questionnaires|allergy questionnaire|invoice pad|invoices|receipt pad|order pad|call sheets|call sheet|contract|consent form|schedule|consultation cards|consultation forms|client cards|release forms|allergy forms|patch test forms|face chart pad|consent forms|contracts|invoice book|receipt book|forms|vertrage|formulare|factures|clipboard|face charts|paper charts|receipts|notebook|notizbuch|rechnungsblock|quittungsblock',
  'hair ties': 'hair ties|hair bands elastic|hair elastics|haargummis|elastiques|scrunchies|haargummi|hair bobbles',
  'hair grips': 'rollers|velcro rollers|hair rollers|kirby grips|hair grips|bobby pins|hair pins|haarnadeln|epingles a cheveux|hairpins|grips|haarnadel',
  'hair spray': 'texture spray|hair mist|hair wax|hair pomade|hair cream|hairspray|hair spray|haarspray|laque|dry shampoo|hair gel|trockenshampoo|edge control|shampooing sec',
  'water': 'water bottle|own water|wasserflasche|bouteille d\'eau|drinking water|bottled water',
  'snacks': 'protein bars|protein bar|nuts|sweets|chocolate bar|fruit bar|dextrose|snack|snacks|cereal bars|granola bars|biscuits|musliriegel|energy bars|glucose',
  'pain relief': 'painkillers|tablets|allergy tablets|pills|tabletten|comprimes|paracetamol|ibuprofen|aspirin|schmerztabletten|antidouleur|antacid|eye drops|augentropfen|gouttes pour les yeux|saline|antihistamine',
  'sanitary towels': 'sanitary towels|tampons|sanitary pads|binden|serviettes hygieniques|pads sanitary|tampon',
}

/** Every phrase with what it names. */
export const VOCABULARY: readonly Entry[] = [
  ...entries('cosmetic', COSMETICS),
  ...entries('tool', TOOLS),
  ...entries('supply', SUPPLIES),
]

/** Brush shapes, by the words that name them; the first that fits counts. */
export const SHAPE_WORDS: readonly (readonly [shape: BrushShape, words: RegExp])[] = [
  [
    'angled brush',
    /\b(brow|eyebrow|brauen|augenbrauen|sourcils)\b|\b(angled|angle|slanted|abgeschragt)\b.*\b(liner|eyeliner|lidstrich)/,
  ],
  ['fine liner brush', /\b(eyeliner|liner|lidstrich|bent|fine)\b/],
  ['lip brush', /\b(lip|lips|lippen|levres)\b|lippenpinsel/],
  ['foundation brush', /\b(foundation|base|teint|buffing|buffer|stippling|duo-fibre)\b|grundierungspinsel/],
  ['concealer brush', /\b(concealer|camouflage|pinpoint|anti-cernes)\b/],
  ['cheek brush', /\b(blush|blusher|cheek|contour|rouge|joues|kontur)\b|rougepinsel|konturpinsel/],
  ['large soft brush', /\b(bronzer|bronzing|large|big|body|gross|grosser|large soft)\b/],
  ['powder brush', /\b(powder|kabuki|puder|poudre|dome)\b|puderpinsel/],
  ['small soft brush', /\b(highlight|highlighter|fan|fluffy small|facher)\b/],
  ['blending brush', /\b(blending|blend|crease|fluffy|tapered|estompeur)\b|blendepinsel|verblendpinsel/],
  ['flat eye brush', /\b(flat|shader|shadow|eyeshadow|eye|lid|packing|paupieres|lidschatten|plat)\b|lidschattenpinsel/],
  ['angled brush', /\b(angled|angle|slanted|abgeschragt|biseaute)\b/],
  ['small flat brush', /\b(detail|pencil|smudge|smudger|small|precision|crayon|klein)\b/],
]
