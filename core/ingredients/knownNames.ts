/**
 * International names that families and flags depend on, in the spelling of the common ingredient nomenclature. A name
 * that is not here is read as it stands; this list only lets slips of the pen be put right.
 */
const NAMES = `
aqua; glycerin; propylene glycol; butylene glycol; propanediol; pentylene glycol; 1,2-hexanediol; caprylyl glycol
dimethicone; cyclopentasiloxane; cyclohexasiloxane; cyclomethicone; phenyl trimethicone; trimethylsiloxysilicate
dimethicone crosspolymer; dimethicone/vinyl dimethicone crosspolymer; dimethiconol; amodimethicone; methyl trimethicone
peg-10 dimethicone; peg/ppg-18/18 dimethicone; cetyl peg/ppg-10/1 dimethicone; polymethylsilsesquioxane; caprylyl methicone
vinyl dimethicone/methicone silsesquioxane crosspolymer; lauryl peg-9 polydimethylsiloxyethyl dimethicone; disiloxane; trisiloxane
isododecane; isohexadecane; undecane; tridecane; c13-15 alkane; c9-12 alkane; c15-19 alkane; c11-12 isoparaffin
paraffinum liquidum; petrolatum; squalane; squalene; polyisobutene; hydrogenated polyisobutene; hydrogenated polydecene; polybutene
cera alba; cera microcristallina; ozokerite; ceresin; paraffin; synthetic wax; polyethylene; candelilla cera; copernicia cerifera cera
euphorbia cerifera wax; copernicia cerifera wax; rhus succedanea fruit wax; helianthus annuus seed wax; lanolin; lanolin alcohol; lanolin oil
isopropyl myristate; isopropyl palmitate; isopropyl isostearate; ethylhexyl palmitate; ethylhexyl stearate; octyldodecanol; octyldodecyl stearate
caprylic/capric triglyceride; c12-15 alkyl benzoate; diisostearyl malate; isononyl isononanoate; coco-caprylate; dicaprylyl carbonate; dicaprylyl ether
pentaerythrityl tetraisostearate; bis-diglyceryl polyacyladipate-2; triisostearin; tridecyl trimellitate; cetearyl ethylhexanoate; neopentyl glycol diheptanoate
ricinus communis seed oil; simmondsia chinensis seed oil; helianthus annuus seed oil; prunus amygdalus dulcis oil; argania spinosa kernel oil
cocos nucifera oil; olea europaea fruit oil; butyrospermum parkii butter; theobroma cacao seed butter; mangifera indica seed butter
macadamia ternifolia seed oil; macadamia integrifolia seed oil; corylus avellana seed oil; juglans regia seed oil; sesamum indicum seed oil
arachis hypogaea oil; glycine soja oil; vitis vinifera seed oil; rosa canina fruit oil; hydrogenated castor oil; hydrogenated coconut oil; persea gratissima oil
triticum vulgare germ oil; hydrolyzed wheat protein; triticum vulgare starch; avena sativa kernel flour; hordeum vulgare extract
talc; mica; silica; silica dimethyl silylate; silica silylate; kaolin; nylon-12; zea mays starch; oryza sativa starch; aluminum starch octenylsuccinate
boron nitride; synthetic fluorphlogopite; magnesium stearate; zinc stearate; calcium carbonate; bismuth oxychloride; lauroyl lysine; cellulose; polymethyl methacrylate
alcohol; alcohol denat.; isopropyl alcohol; cetyl alcohol; stearyl alcohol; cetearyl alcohol; benzyl alcohol; behenyl alcohol; phenethyl alcohol
titanium dioxide; zinc oxide; ethylhexyl methoxycinnamate; octocrylene; ethylhexyl salicylate; butyl methoxydibenzoylmethane; homosalate
bis-ethylhexyloxyphenol methoxyphenyl triazine; diethylamino hydroxybenzoyl hexyl benzoate; ethylhexyl triazone; phenylbenzimidazole sulfonic acid
parfum; aroma; limonene; linalool; citronellol; geraniol; citral; coumarin; eugenol; isoeugenol; cinnamal; cinnamyl alcohol; benzyl salicylate
benzyl benzoate; benzyl cinnamate; farnesol; hexyl cinnamal; amyl cinnamal; hydroxycitronellal; alpha-isomethyl ionone; anise alcohol; evernia prunastri extract
evernia furfuracea extract; methyl 2-octynoate; butylphenyl methylpropional; amylcinnamyl alcohol
lavandula angustifolia oil; citrus aurantium dulcis peel oil; citrus limon peel oil; mentha piperita oil; melaleuca alternifolia leaf oil; rosmarinus officinalis leaf oil
rosa damascena flower oil; pelargonium graveolens oil; eucalyptus globulus leaf oil; citrus aurantium bergamia fruit oil; santalum album oil; cananga odorata flower oil
carmine; ci 75470; ci 77491; ci 77492; ci 77499; ci 77891; ci 77947; ci 77007; ci 77742; ci 77288; ci 77289; ci 77510; ci 77266; ci 15850; ci 45410; ci 19140; ci 42090; ci 45380
iron oxides; ultramarines; chromium oxide greens; manganese violet; tin oxide; alumina
rubber latex; hevea brasiliensis; natural rubber latex; latex; acrylates copolymer; styrene/acrylates copolymer; ethyl cyanoacrylate; pvp; vp/va copolymer
phenoxyethanol; ethylhexylglycerin; methylparaben; propylparaben; sodium benzoate; potassium sorbate; chlorphenesin; sorbic acid; dehydroacetic acid
methylisothiazolinone; methylchloroisothiazolinone; dmdm hydantoin; imidazolidinyl urea; diazolidinyl urea; quaternium-15; 2-bromo-2-nitropropane-1,3-diol
niacinamide; sodium hyaluronate; tocopherol; tocopheryl acetate; panthenol; allantoin; bisabolol; salicylic acid; urea; ascorbic acid; retinol; caffeine
xanthan gum; carbomer; hydroxyethylcellulose; disteardimonium hectorite; sodium chloride; magnesium sulfate; citric acid; disodium edta; sodium hydroxide; lecithin
glyceryl stearate; peg-100 stearate; polysorbate 20; polysorbate 60; polysorbate 80; sorbitan stearate; sorbitan isostearate; polyglyceryl-4 isostearate; stearic acid
cocamidopropyl betaine; sodium laureth sulfate; sodium lauryl sulfate; coco-glucoside; poloxamer 184; propolis; colophonium; myroxylon pereirae resin; aloe barbadensis leaf juice
hamamelis virginiana water; rosa damascena flower water; centella asiatica extract; camellia sinensis leaf extract; chamomilla recutita extract; mel; calcium sodium borosilicate
`
export const KNOWN_NAMES: ReadonlySet<string> = new Set(
  NAMES.split(/[;\n]/)
    .map(n => n.trim())
    .filter(Boolean),
)
