import type { PatternKind, Texture } from '../../piece';
import { type Lexicon, type Meaning, phrases } from './meaning';

const texture = (...textures: Texture[]): Meaning => ({ textures });
const fibre = (name: string): Meaning => ({ fibre: name });
const pattern = (...patterns: PatternKind[]): Meaning => ({ patterns });
/** Cloth, fibre and pattern. Common practice. */
export const CLOTH: Lexicon = phrases({
  'wool|woollen|woolen|woolly|pure wool': fibre('wool'),
  'merino|merino wool': fibre('merino'),
  'lambswool|lamb wool|lambs wool': fibre('lambswool'),
  'cashmere|cashmere wool': fibre('cashmere'),
  mohair: fibre('mohair'),
  alpaca: fibre('alpaca'),
  angora: fibre('angora'),
  'cotton|cottons|pure cotton|poplin|chambray|organic cotton': fibre('cotton'),
  'silk|silky silk|pure silk': fibre('silk'),
  'viscose|rayon': fibre('viscose'),
  'lyocell|tencel': fibre('lyocell'),
  'polyester|poly': fibre('polyester'),
  'nylon|polyamide': fibre('polyamide'),
  'acrylic|acrylics': fibre('acrylic'),
  'elastane|spandex|lycra|elastic fibre': fibre('elastane'),
  'down|goose down|duck down': fibre('down'),
  'feather|feathers': fibre('feather'),
  'latex|rubber': fibre('latex'),
  hemp: fibre('hemp'),
  'synthetic|synthetics|man-made fibres|manmade': fibre('synthetic'),
  linen: fibre('linen'),
  leather: texture('leather'),
  'faux leather|fake leather|vegan leather|imitation leather|artificial leather|leatherette|pleather': {
    textures: ['leather'],
    without: 'leather',
    note: true,
  },
  'patent|patent leather': { textures: ['leather'] },
  'suede|nubuck|suedette': texture('suede'),
  'denim|jean material': texture('denim'),
  'velvet|velour|velveteen': texture('velvet'),
  'corduroy|cord|needlecord': texture('corduroy'),
  'tweed|harris tweed|herringbone tweed': texture('tweed'),
  'flannel|brushed cotton': texture('flannel'),
  'boucle|bouclé': texture('boucle'),
  'lace|lacy|broderie|broderie anglaise|crochet|eyelet': texture('lace'),
  'mesh|tulle|net|chiffon net': texture('mesh'),
  'crinkle|crinkled|seersucker|crepe|crêpe|cheesecloth': texture('crinkle'),
  'satin|sateen|silk satin': texture('satin'),
  'sequin|sequins|sequinned|sequined|sequinned all over': texture('sequin'),
  'fur|real fur|animal fur|shearling|furry|sheepskin|teddy': texture('fur'),
  'faux fur|fake fur|artificial fur|imitation fur': { textures: ['fur'], without: 'fur', note: true },
  'rib|ribbed|rib knit': texture('rib'),
  'cable|cabled|cable-knit': texture('cable'),
  // Said of cloth, and kept: the reading has no field of its own for them.
  'knitted|waxed|canvas|straw|felt|raffia|faux|slit|slits|pockets|smooth|shiny|glossy|quilted|padded|embroidered|fringed|ripped|distressed|sheer|see through|see-through|transparent|opaque|crisp|stretchy|stretch|scratchy|itchy|crinkly|fluffy|frilly|ruffled|ruffles|frills|frill|bow|bows|logo|logos|studded|embellished|beaded|metallic|glittery|sparkly|glitter|sparkle|lightweight|heavyweight|reversible|lined|unlined|layered|tiered|asymmetric|draped|structured|softly tailored|tailored|waisted|belted|see-through fabric|vegan|animal products|animal product|animal fibres|animal hair|must have sleeves|has sleeves|have sleeves|with sleeves':
    { note: true },
  'striped|stripe|stripes|stripy|stripey|breton|pinstripe|pinstriped|pinstripes|nautical stripe|breton stripe|breton stripes':
    pattern('stripe'),
  'checked|check|checks|plaid|tartan|gingham|houndstooth|dogtooth|prince of wales|windowpane|glen check|checkered|chequered|checky|buffalo check':
    pattern('check'),
  'dotted|dot|dots|spotted|spots|polka dot|polka dots|polka-dot|spotty|polkadot': pattern('dot'),
  'floral|florals|flowered|flowers|flowery|flower print|floral print|ditsy|small flowers|botanical|rose print|flower|big flowers':
    pattern('floral'),
  'leopard|leopard print|animal print|zebra|snakeskin print|snake print|tiger|cheetah|animal|python':
    pattern('animal'),
  'geometric|geometrics|chevron|zigzag|zig zag|argyle|fair isle|fairisle|nordic pattern':
    pattern('geometric'),
  'graphic|slogan|logo print|graphic print|picture print': pattern('graphic'),
  'abstract|tie dye|tie-dye|paisley|marbled|abstract print|printed|patterned|print|prints|patterns|pattern':
    pattern('abstract'),
  'marl|marled|melange|heather grey marl|flecked|fleck|heathered': pattern('marl'),
  'plain|solid|block colour|unpatterned|without pattern|one colour|plain coloured': pattern('solid'),
});
