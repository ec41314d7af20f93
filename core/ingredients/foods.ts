import type { Substance } from './substances'

/*
 * Foods, plants and what animals give, as people name what they react to, with the ingredients that come of them. Starting values, ours:
 * what a pack says and what a doctor found come first.
 */

/** An ingredient whose name begins with one of these. */
const from = (names: string) => new RegExp(`^(?:${names.split(/\s*;\s*/).join('|')})\\b`)

// prettier-ignore
export const FOODS: readonly Substance[] = [
  { id: 'coconut', label: 'coconut', words: ['coco', 'kokos', 'kokosnuss', 'noix de coco', 'coconut oil'], is: /^cocos nucifera|coconut|^coco-|^cocoyl|^sodium coco/, called: /coconut|\bcoco\b|kokos/ },
  { id: 'shea', label: 'shea', words: ['shea butter', 'karite', 'karité', 'sheabutter'], is: /^butyrospermum parkii|\bshea\b/, called: /\bshea\b|karit/ },
  { id: 'argan', label: 'argan', words: ['argan oil', 'arganöl'], is: from('argania spinosa; argan'), called: /\bargan/ },
  { id: 'soya', label: 'soya', words: ['soy', 'soja', 'soybean', 'soya bean'], is: from('glycine soja; glycine max; soybean; soy'), called: /\bsoy/ },
  { id: 'sesame', label: 'sesame', words: ['sesam', 'sésame', 'sesame oil', 'tahini'], is: from('sesamum'), called: /sesam/ },
  { id: 'milk', label: 'milk and whey', words: ['dairy', 'milch', 'lait', 'lactose', 'casein', 'cow milk', 'cows milk', 'whey', 'yoghurt', 'yogurt', 'milk protein', 'milcheiweiß'], is: /\bmilk\b|^lac\b|caprae lac|casein|whey|lactose|yogh?urt|lactoglobulin|lactalbumin/, called: /\bmilk protein|yogh?urt|\bwhey\b|buttermilk/ },
  { id: 'egg', label: 'egg', words: ['eggs', 'ei', 'eier', 'oeuf', 'œuf', 'oeufs', 'albumen', 'egg white', 'hühnerei', 'eiweiß', 'hühnereiweiß', 'blanc d\'oeuf'], is: /^(?:ovum|egg|albumen)\b|\begg\b/, called: /\begg\b/ },
  { id: 'fish', label: 'fish', words: ['fisch', 'poisson', 'fish oil', 'cod', 'salmon'], is: /^(?:ci 75170|guanine|fish|marine collagen|soluble collagen|salmon|caviar)\b|\bfish\b|\bmarine\b/, called: /caviar|marine|\bfish/ },
  { id: 'shellfish', label: 'shellfish', words: ['seafood', 'crab', 'prawn', 'prawns', 'shrimp', 'lobster', 'crustaceans', 'mussels', 'oyster', 'meeresfrüchte', 'krebstiere', 'schalentiere', 'krustentiere', 'garnelen', 'fruits de mer', 'crustacés', 'mollusc', 'molluscs'], is: /chitosan|^chitin|glucosamine|\b(?:oyster|mollusc|mussel|crab|shrimp|krill|pearl|conchiolin|squid|sepia)\b/, called: /oyster|krill|pearl (?:protein|extract)/ },
  { id: 'oats', label: 'oats', words: ['oat', 'hafer', 'avoine', 'oatmeal'], is: from('avena; colloidal oatmeal; oat'), called: /\boat/ },
  { id: 'rice', label: 'rice', words: ['reis', 'riz', 'rice powder'], is: from('oryza; rice'), called: /\brice\b/ },
  { id: 'maize', label: 'maize', words: ['corn', 'mais', 'maïs', 'corn starch', 'cornstarch', 'sweetcorn'], is: from('zea mays; corn'), called: /\bcorn ?starch/ },
  { id: 'potato', label: 'potato', words: ['kartoffel', 'pomme de terre', 'potatoes'], is: from('solanum tuberosum') },
  { id: 'tomato', label: 'tomato', words: ['tomate', 'tomatoes', 'lycopene', 'nightshade', 'nightshades'], is: from('solanum lycopersicum; lycopene') },
  { id: 'avocado', label: 'avocado', words: ['avocado oil', 'avocat'], is: from('persea gratissima; persea americana; avocado'), called: /avocado/ },
  { id: 'banana', label: 'banana', words: ['banane', 'bananas'], is: from('musa; banana') },
  { id: 'kiwi', label: 'kiwi', words: ['kiwi fruit', 'kiwifruit'], is: from('actinidia'), called: /\bkiwi/ },
  { id: 'mango', label: 'mango', words: ['mangoes', 'mangue', 'mango butter'], is: from('mangifera'), called: /mango/ },
  { id: 'strawberry', label: 'strawberry', words: ['strawberries', 'erdbeere', 'erdbeeren', 'fraise', 'fraises'], is: from('fragaria'), called: /strawberr/ },
  { id: 'apple', label: 'apple', words: ['apples', 'apfel', 'äpfel', 'pomme', 'birch', 'birke'], is: from('pyrus malus; malus; betula'), called: /\bapple/ },
  { id: 'stone-fruit', label: 'stone fruit', words: ['peach', 'peaches', 'apricot', 'apricots', 'cherry', 'cherries', 'plum', 'plums', 'pfirsich', 'aprikose', 'kirsche', 'pêche', 'abricot', 'stone fruits'], is: from('prunus persica; prunus armeniaca; prunus avium; prunus cerasus; prunus domestica'), called: /apricot (?:kernel|scrub|oil)|peach (?:kernel|oil)/ },
  { id: 'grape', label: 'grape', words: ['grapes', 'traube', 'trauben', 'raisin', 'grapeseed', 'grape seed'], is: from('vitis vinifera; grape'), called: /grape ?seed/ },
  { id: 'pineapple', label: 'pineapple and papaya enzymes', words: ['pineapple', 'ananas', 'papaya', 'bromelain', 'papain'], is: from('ananas; bromelain; carica papaya; papain'), called: /papaya|pineapple/ },
  { id: 'citrus', label: 'citrus', words: ['orange', 'oranges', 'lemon', 'lemons', 'lime', 'grapefruit', 'bergamot', 'zitrus', 'zitrone', 'citron', 'agrumes', 'citrus fruit', 'citrus fruits', 'mandarin'], is: from('citrus; limonene; citral'), called: /citrus|lemon|grapefruit|bergamot/ },
  { id: 'olive', label: 'olive', words: ['olive oil', 'olivenöl', "huile d'olive", 'olives'], is: from('olea europaea; olive; sodium olivate; cetearyl olivate; sorbitan olivate'), called: /olive oil/ },
  { id: 'castor', label: 'castor oil', words: ['castor', 'rizinus', 'rizinusöl', 'ricin', 'ricinus'], is: /^ricinus communis|castor/, called: /castor/ },
  { id: 'cocoa', label: 'cocoa', words: ['cacao', 'kakao', 'chocolate', 'cocoa butter'], is: from('theobroma cacao; cocoa'), called: /cocoa|cacao/ },
  { id: 'coffee', label: 'coffee and caffeine', words: ['coffee', 'caffeine', 'kaffee', 'koffein', 'café'], is: from('coffea; caffeine'), called: /coffee|caffein/ },
  { id: 'cinnamon', label: 'cinnamon', words: ['zimt', 'cannelle', 'cassia'], is: /^cinnamomum|^cinnamal$|^cinnamyl alcohol$|cinnamon/, called: /cinnamon/ },
  { id: 'mint', label: 'mint and menthol', words: ['mint', 'menthol', 'peppermint', 'spearmint', 'minze', 'menthe', 'pfefferminz'], is: from('mentha; menthol; menthyl; peppermint'), called: /\bmint\b|menthol|plump/ },
  { id: 'chilli', label: 'chilli', words: ['chili', 'capsaicin', 'pepper', 'paprika', 'lip plumper', 'plumper'], is: from('capsicum; capsaicin; vanillyl butyl ether'), called: /plump|chill?i/ },
  { id: 'ginger', label: 'ginger', words: ['ingwer', 'gingembre'], is: from('zingiber'), called: /plump|ginger/ },
  { id: 'vanilla', label: 'vanilla', words: ['vanille', 'vanillin'], is: from('vanilla; vanillin; ethyl vanillin'), called: /vanill/ },
  { id: 'yeast', label: 'yeast', words: ['hefe', 'levure', 'mould extract', 'ferment'], is: /^saccharomyces|yeast|ferment/, called: /ferment|yeast/ },
  { id: 'daisies', label: 'plants of the daisy family', words: ['compositae', 'chamomile', 'camomile', 'kamille', 'camomille', 'calendula', 'marigold', 'ringelblume', 'souci', 'arnica', 'echinacea', 'daisy', 'ragweed', 'ambrosia', 'mugwort', 'korbblütler', 'sunflower', 'yarrow', 'tansy', 'feverfew'], is: from('chamomilla; anthemis; calendula; arnica; achillea; echinacea; helianthus; bellis; tanacetum; bisabolol; matricaria'), called: /chamomile|camomile|calendula|arnica/ },
  { id: 'tea-tree', label: 'tea tree', words: ['tea tree oil', 'teebaum', 'teebaumöl', 'melaleuca', 'arbre à thé'], is: from('melaleuca; tea tree'), called: /tea[- ]tree/ },
  { id: 'lavender', label: 'lavender', words: ['lavendel', 'lavande', 'lavender oil'], is: from('lavandula; linalool'), called: /lavender/ },
  { id: 'rose', label: 'rose', words: ['rose oil', 'rose water', 'rosenöl', 'rosewater', 'geranium'], is: from('rosa; geraniol; pelargonium; citronellol'), called: /rose ?water|rose oil/ },
  { id: 'eucalyptus', label: 'eucalyptus and camphor', words: ['eucalyptus', 'eukalyptus', 'camphor', 'kampfer', 'camphre'], is: from('eucalyptus; eucalyptol; camphor; cinnamomum camphora'), called: /eucalypt|camphor/ },
  { id: 'aloe', label: 'aloe', words: ['aloe vera', 'aloes'], is: from('aloe'), called: /\baloe/ },
  { id: 'green-tea', label: 'tea', words: ['green tea', 'camellia', 'grüner tee', 'thé vert'], is: from('camellia sinensis'), called: /green tea/ },
  { id: 'witch-hazel', label: 'witch hazel', words: ['hamamelis'], is: from('hamamelis'), called: /witch hazel|hamamelis/ },
  { id: 'algae', label: 'algae', words: ['seaweed', 'kelp', 'spirulina', 'algen', 'algues', 'carrageenan'], is: /\balgae?\b|^(?:laminaria|chondrus|spirulina|fucus|carrageenan|ascophyllum|chlorella)/, called: /seaweed|\balga/ },
  { id: 'mushroom', label: 'mushrooms', words: ['mushroom', 'pilze', 'champignon', 'fungi'], is: from('lentinus; ganoderma; tremella; inonotus; fomes; mushroom') },
  { id: 'collagen', label: 'collagen and gelatine', words: ['collagen', 'kollagen', 'collagène', 'gelatine', 'gelatin', 'elastin'], is: /collagen|^gelatin|elastin/, called: /collagen/ },
  { id: 'keratin', label: 'keratin', words: ['kératine'], is: /keratin/, called: /keratin/ },
  { id: 'silk', label: 'silk', words: ['seide', 'soie', 'silk protein', 'sericin', 'fibroin'], is: /\bsilk\b|sericin|fibroin|^serica/ },
  { id: 'shellac', label: 'shellac', words: ['schellack', 'lac resin', 'gomme laque'], is: /shellac/ },
  { id: 'feathers', label: 'feathers and animal hair', words: ['feather', 'feathers', 'mink', 'animal hair', 'horse hair', 'goat hair', 'squirrel', 'fur', 'tierhaar', 'pelz', 'federn', 'plumes'], is: /^$/, called: /\bmink\b|feather|goat hair|squirrel|sable/ },
]
