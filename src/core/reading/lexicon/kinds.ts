import type { Category } from '../../piece';
import { type Lexicon, type Meaning, phrases } from './meaning';

const kind = (...kinds: Category[]): Meaning => ({ kinds });
const SHOES = kind('flat', 'loafer', 'sneaker', 'sandal', 'heel');
const TOPS = kind('tee', 'tank', 'shirt', 'blouse', 'polo', 'fine-knit');
const KNITS = kind('fine-knit', 'chunky-knit');
const JEWELS = kind('necklace', 'earrings', 'bracelet', 'ring', 'brooch');

/** Nouns for kinds of piece, in words that mean the same on both sides of the sea. Common practice. */
export const KINDS: Lexicon = phrases({
  'tee|t|t-shirt|tshirt|t shirt|tee shirt|longsleeve': kind('tee'),
  'tank|tank top|camisole|cami|singlet|cami top|vest top': kind('tank'),
  'shirt|button down|button-down|oxford shirt|dress shirt|button up': kind('shirt'),
  'blouse|smock top|peasant top': kind('blouse'),
  'polo|polo shirt': kind('polo'),
  'knit|jersey|knitwear|woolly': KNITS,
  'pullover|knitted top|jumper or knit': KNITS,
  'fine knit|fine-knit|fine gauge knit|thin knit|twinset': kind('fine-knit'),
  'chunky knit|chunky-knit|big knit|fisherman knit|aran|guernsey|gansey': kind('chunky-knit'),
  'bodysuit|body suit|leotard': kind('bodysuit'),
  'tunic|kaftan top|tunic top': kind('tunic'),
  'sweatshirt|hoodie|hoody|hooded top|crew sweat|sweat': kind('sweatshirt'),
  'cardigan|cardy|cardie|cardi|shrug|bolero': kind('cardigan'),
  'gilet|bodywarmer|body warmer|puffer vest|quilted vest|padded vest|down vest': kind('gilet'),
  'blazer|suit jacket|sports jacket|sport coat|tuxedo jacket|dinner jacket|smoking jacket|tailored jacket|suit coat':
    kind('blazer'),
  'jacket|bomber|biker jacket|bomber jacket|field jacket|trucker jacket|puffer jacket|chore jacket|windbreaker|fleece|anorak':
    kind('jacket'),
  'overshirt|shacket|shirt jacket|work jacket|chore coat': kind('overshirt'),
  'coat|overcoat|parka|duffle coat|duffel coat|pea coat|peacoat|puffer coat|puffer|car coat|top coat|topcoat|greatcoat|duster coat':
    kind('coat'),
  'raincoat|rain coat|mac|mackintosh|macintosh|trench|trench coat|trenchcoat|oilskin|rain jacket|waterproof jacket|cagoule|slicker':
    kind('raincoat'),
  'cape|poncho|cloak|capelet': kind('cape'),
  'shawl|pashmina|wrap scarf|stole': kind('shawl'),
  'trousers|trouser|slacks|chinos|chino|joggers|jogger|tracksuit bottoms|sweatpants|cargo pants|suit trousers|dress pants|dress trousers|culottes|palazzo pants|palazzos|cords|track pants|cargos|pants suit trousers|cigarette pants|capri|capris|suit pants|wide pants|yoga pants trousers':
    kind('trousers'),
  'jeans|jean|jeggings': kind('jeans'),
  'leggings|legging|yoga pants|cycling shorts|bike shorts': kind('leggings'),
  'shorts|bermudas|bermuda shorts|hot pants': kind('shorts'),
  'skirt|kilt|sarong|skort': kind('skirt'),
  'dress|frock|gown|sundress|sun dress|tea dress|shirt dress|shirtdress|jumper dress|sweater dress|slip dress|coat dress|pinafore dress|kaftan|smock dress|day dress|t-shirt dress|blazer dress|pinafore':
    kind('dress'),
  'cocktail dress': { kinds: ['dress'], formality: 8 },
  'evening dress|evening gown': { kinds: ['dress'], hour: 'evening' },
  'ball gown|ballgown': { kinds: ['dress'], formality: 10 },
  'little black dress|lbd': { kinds: ['dress'], colour: { name: 'black', hex: '#17171a' } },
  'long dress': { kinds: ['dress'], length: 'maxi' },
  'short dress|minidress': { kinds: ['dress'], length: 'mini' },
  'long skirt': { kinds: ['skirt'], length: 'maxi' },
  'short skirt|miniskirt': { kinds: ['skirt'], length: 'mini' },
  'cable knit|cable jumper|cable sweater': { kinds: ['chunky-knit'], textures: ['cable'] },
  'silk square': { kinds: ['scarf'], fibre: 'silk' },
  'straw hat': { kinds: ['hat'] },
  'jumpsuit|playsuit|dungarees|dungaree|overalls|boilersuit|boiler suit|all-in-one|romper|catsuit|overall':
    kind('jumpsuit'),
  'sock|socks|ankle socks|knee socks|trouser socks': kind('socks'),
  'tights|pantyhose|hosiery|stockings|stocking|hold ups': kind('tights'),
  'slip|underskirt|thermal|thermals|base layer|underlayer|petticoat|shapewear|vest underneath':
    kind('underlayer'),
  'flats|flat shoes|ballet pump|ballet pumps|ballet flats|ballerinas|ballet shoe|mary janes|mary jane|brogue|brogues|derbies|derby shoes|oxfords|lace-ups|lace ups|slingback flats|ballet slippers':
    kind('flat'),
  'loafer|loafers|moccasin|moccasins|deck shoes|deck shoe|boat shoes|boat shoe|driving shoes|penny loafers':
    kind('loafer'),
  'trainer|trainers|sneaker|sneakers|plimsolls|plimsoll|running shoes|tennis shoes|gym shoes|high tops|high-tops|pumps trainers|canvas shoes':
    kind('sneaker'),
  'sandal|sandals|flip flops|flip-flops|espadrilles|espadrille|sliders|mules|mule|wedge sandals|gladiators':
    kind('sandal'),
  'heel|heels|court shoe|court shoes|courts|stiletto|stilettos|high heels|slingbacks|slingback|kitten heels|block heels|kitten heel|block heel|pumps|pump|wedges|wedge|dress shoes':
    kind('heel'),
  'ankle boot|ankle boots|chelsea boot|chelsea boots|bootie|booties|chelseas|desert boots|desert boot|chukka boots|lace-up boots|hiking boots|work boots|short boots':
    kind('ankle-boot'),
  'tall boot|tall boots|knee boots|knee-high boots|knee high boots|riding boots|over-the-knee boots|long boots|wellies|wellingtons|wellington boots|rain boots|cowboy boots|thigh boots|western boots':
    kind('tall-boot'),
  'boot|boots': kind('ankle-boot', 'tall-boot'),
  'shoe|shoes|footwear': SHOES,
  'top|tops': TOPS,
  'bag|handbag|satchel|tote|tote bag|clutch|clutch bag|rucksack|backpack|crossbody|crossbody bag|shoulder bag|bucket bag|weekend bag|belt bag|basket|purse|shopper|briefcase':
    kind('bag'),
  'evening bag': { kinds: ['bag'], hour: 'evening' },
  'belt|waist belt|sash': kind('belt'),
  'scarf|scarves|neckerchief|bandana|foulard|snood|neck scarf': kind('scarf'),
  'hat|cap|beanie|fedora|beret|trilby|sun hat|sunhat|bucket hat|bobble hat|baseball cap|panama|cloche|bonnet|boater|flat cap':
    kind('hat'),
  'glove|gloves|mitten|mittens|mitts': kind('gloves'),
  'headpiece|fascinator|headband|hairband|hair band|tiara|hair clip|hair slide|alice band': kind('headpiece'),
  'veil|bridal veil': kind('veil'),
  'necklace|pendant|choker|chain|beads|pearls|locket|necklet|string of pearls': kind('necklace'),
  'earring|earrings|studs|hoops|drops|drop earrings|hoop earrings|stud earrings|ear studs': kind('earrings'),
  'bracelet|bangle|bangles|cuff bracelet|charm bracelet': kind('bracelet'),
  'ring|signet ring|cocktail ring|signet': kind('ring'),
  'brooch|pin|lapel pin|badge': kind('brooch'),
  'watch|wristwatch|wrist watch': kind('watch'),
  'sunglasses|sun glasses|shades|sunnies': kind('sunglasses'),
  'tie|necktie|bow tie|bowtie|neck tie': kind('tie'),
  'pocket square|handkerchief|hankie|hanky': kind('pocket-square'),
  'jewellery|jewelry|jewels|jewel': JEWELS,
  'outerwear|outer layer': kind('coat', 'raincoat', 'jacket'),
  'bottoms|bottom half': kind('trousers', 'jeans', 'skirt'),
  'layer|layering piece|cover up|cover-up|something on top': kind(
    'cardigan',
    'blazer',
    'jacket',
    'overshirt',
  ),
  'accessory|accessories': kind('scarf', 'belt', 'bag', 'hat', 'necklace', 'earrings'),
  'suit|trouser suit|pant suit|pantsuit|two piece suit|two-piece suit': kind('blazer', 'trousers'),
  'skirt suit': kind('blazer', 'skirt'),
  'three piece suit|three-piece suit': kind('blazer', 'waistcoat', 'trousers'),
  'waistcoat|suit vest|suit waistcoat': kind('waistcoat'),
});

/** Nouns that mean one thing here and another across the sea. */
export const BRITISH_KINDS: Lexicon = phrases({
  vest: kind('tank'),
  'jumper|sweater': KNITS,
  pants: kind('underlayer'),
  'braces|suspenders': { note: true },
});
export const AMERICAN_KINDS: Lexicon = phrases({
  vest: kind('waistcoat'),
  sweater: KNITS,
  jumper: kind('dress'),
  pants: kind('trousers'),
  'suspenders|braces': { note: true },
});
