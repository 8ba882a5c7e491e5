import type { Cut, Zone } from '../../piece';
import type { LengthWord } from '../reading';
import { type Lexicon, type Meaning, phrases } from './meaning';

const cut = (given: Cut): Meaning => ({ cut: given });
const length = (word: LengthWord): Meaning => ({ length: word });
const zones = (...given: Zone[]): Meaning => ({ zones: given });

/** Cut and length. Common practice. */
export const CUTS: Lexicon = phrases({
  'v-neck|v neck|vneck|v necked|deep v': cut({ neckline: 'v' }),
  'crew neck|crewneck|crew-neck|crew|round neck|round-neck': cut({ neckline: 'crew' }),
  'roll neck|rollneck|roll-neck|polo neck|poloneck|polo-neck|turtleneck|turtle neck|cowl-free roll neck': cut(
    { neckline: 'roll' },
  ),
  'high neck|high-neck|funnel neck|mock neck|grown-on neck|high necked': cut({ neckline: 'high' }),
  'scoop neck|scoop-neck|scooped neck|scoop': cut({ neckline: 'scoop' }),
  'square neck|square-neck|square neckline': cut({ neckline: 'square' }),
  'boat neck|boat-neck|bateau neck|bateau|slash neck': cut({ neckline: 'boat' }),
  'collar|collared|with a collar|shirt collar': cut({ neckline: 'collar' }),
  'halter|halterneck|halter neck|halter-neck': cut({ neckline: 'halter' }),
  'one-shoulder|one shoulder|one shouldered|asymmetric shoulder': cut({ neckline: 'one-shoulder' }),
  'strapless|bandeau|off the shoulder|off-the-shoulder|bardot': cut({ neckline: 'strapless' }),
  'cowl|cowl neck|draped neck': cut({ neckline: 'cowl' }),
  'wrap|wrapover|wrap-over|wrap front': cut({ neckline: 'wrap' }),
  'sleeveless|without sleeves|no sleeves': cut({ sleeve: 'none' }),
  'cap sleeve|cap sleeves|cap-sleeved': cut({ sleeve: 'cap' }),
  'short sleeve|short sleeves|short sleeved|short-sleeved|short-sleeve': cut({ sleeve: 'short' }),
  'sleeves to the elbow|sleeves to my elbows|sleeves to her elbows|elbow sleeve|elbow sleeves|elbow length sleeves|elbow-length sleeves|half sleeves|half sleeve':
    cut({
      sleeve: 'elbow',
    }),
  'three-quarter sleeve|three-quarter sleeves|three quarter sleeves|3/4 sleeves|three quarter sleeve|3/4 sleeve|bracelet sleeves|bracelet sleeve':
    cut({ sleeve: 'three-quarter' }),
  'long sleeve|long sleeves|long sleeved|long-sleeved|long-sleeve|full sleeves': cut({ sleeve: 'long' }),
  'puff sleeve|puff sleeves|balloon sleeve|balloon sleeves|bishop sleeves|full sleeved|statement sleeves|bell sleeves':
    cut({ sleeveVolume: 'full' }),
  'open back|open-back|backless|bare back': cut({ back: 'open' }),
  'low back|low-back': cut({ back: 'low' }),
  'keyhole back|keyhole': cut({ back: 'keyhole' }),
  'a-line|a line|aline|swing': cut({ silhouette: 'a-line' }),
  'pencil|bodycon': cut({ silhouette: 'pencil' }),
  'shift|shift dress': cut({ silhouette: 'shift' }),
  'bias|bias cut|bias-cut': cut({ silhouette: 'bias' }),
  'full skirt|full-skirted|circle skirt|circle': cut({ silhouette: 'full' }),
  'fit and flare|fit-and-flare|skater': cut({ silhouette: 'fit-and-flare' }),
  'pleat|pleats|pleated|box pleats': cut({ waistDetail: 'pleat' }),
  'elastic waist|elasticated waist|elasticated|elastic|pull-on|pull on|drawstring|drawstring waist|elasticated waistband':
    cut({ waistDetail: 'elastic' }),
  'tie waist|tie-waist|tied waist|self tie|tie belt': cut({ waistDetail: 'tie' }),
  skinny: cut({ leg: 'skinny' }),
  'slim|slim leg|slim-leg|slim fit|slim-fit|tapered|cigarette|narrow leg|peg leg': cut({ leg: 'slim' }),
  'straight|straight leg|straight-leg|straight cut': cut({ leg: 'straight' }),
  'bootcut|boot cut|boot-cut': cut({ leg: 'bootcut' }),
  'flare|flares|flared|bell bottom|bell bottoms|flared leg|kick flare': cut({ leg: 'flare' }),
  'wide leg|wide-leg|wide|wide legs|palazzo|wide legged|wide-legged': cut({ leg: 'wide' }),
  'barrel leg|barrel|barrel-leg|balloon leg': cut({ leg: 'barrel' }),
  'high rise|high-rise|high waist|high-waisted|high waisted|high waisted|high-waist': cut({ rise: 'high' }),
  'mid rise|mid-rise|regular rise': cut({ rise: 'mid' }),
  'low rise|low-rise|hipster|hipsters|low waisted|low-waisted': cut({ rise: 'low' }),
  'pointed|pointy|pointed toe|pointed toes|point toe': cut({ toe: 'pointed' }),
  'almond toe|almond': cut({ toe: 'almond' }),
  'round toe|round-toe|rounded toe': cut({ toe: 'round' }),
  'square toe|square-toe': cut({ toe: 'square' }),
  'open toe|open-toe|peep toe|peep-toe|open toed|open-toed': cut({ toe: 'open' }),
  'lug sole|lug soles|cleated sole|chunky sole|chunky soles|commando sole': cut({ sole: 'lug' }),
  'grip sole|rubber sole|grippy|non-slip|non slip': cut({ sole: 'grip' }),
  'thin straps|spaghetti straps|skinny straps|strappy': cut({ strap: 'thin' }),
  'wide straps|broad straps': cut({ strap: 'wide' }),
  'cropped|crop|crop top|ankle grazer': length('cropped'),
  'hip length|hip-length|hip': length('hip'),
  'mini|above the knee|above-the-knee|above knee|thigh length': length('mini'),
  'knee length|knee-length|to the knee|on the knee|knee': length('knee'),
  'midi|mid-calf|mid calf|below the knee|below-the-knee|below knee|calf length|calf-length|tea length|tea-length':
    length('midi'),
  'ankle length|ankle-length|to the ankle|ankle': length('ankle'),
  'maxi|floor length|floor-length|to the floor|full-length dress|long to the floor': length('maxi'),
  'full length|full-length': length('full'),
  'fitted|tight|close|close fitting|close-fitting|figure hugging|figure-hugging|body-skimming|clingy|snug|tight fitting|tight-fitting|body hugging':
    { volume: 'close' },
  'loose|relaxed|easy|regular fit|loose fitting|loose-fitting|floaty|flowy|flowing|relaxed fit|comfortable fit|boxy|boyfriend':
    { volume: 'easy' },
  'oversized|oversize|baggy|voluminous|slouchy|over-sized|billowy|billowing|huge|big fit': { volume: 'full' },
});

/** Parts of the body, as somebody says what is to be covered. */
export const ZONE_WORDS: Lexicon = phrases({
  'head|hair|ear|ears': zones('head'),
  neck: zones('neck'),
  'shoulder|shoulders': zones('shoulders'),
  'upper arm|upper arms|tops of my arms|tops of her arms': zones('upper-arms'),
  'lower arm|lower arms|forearms|forearm|wrists': zones('lower-arms'),
  'arm|arms': zones('upper-arms', 'lower-arms'),
  'elbow|elbows': zones('upper-arms'),
  'chest|cleavage|decolletage|bust|décolletage': zones('chest'),
  'tummy|stomach|belly|midriff|middle|waist': zones('midriff'),
  'back|shoulder blades': zones('back'),
  'bottom|bum|seat|behind|hips|backside|rear': zones('seat'),
  'thigh|thighs': zones('thighs'),
  'knee|knees': zones('knees'),
  'calf|calves': zones('calves'),
  'leg|legs': zones('thighs', 'knees', 'calves'),
  'ankle|ankles': zones('ankles'),
  'foot|feet|toes': zones('feet'),
});
