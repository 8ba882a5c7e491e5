import type { CategoryFacts } from './kind';
import { tee } from './tee';
import { tank } from './tank';
import { shirt } from './shirt';
import { blouse } from './blouse';
import { polo } from './polo';
import { fineKnit } from './fine-knit';
import { chunkyKnit } from './chunky-knit';
import { bodysuit } from './bodysuit';
import { tunic } from './tunic';
import { sweatshirt } from './sweatshirt';
import { cardigan } from './cardigan';
import { waistcoat } from './waistcoat';
import { gilet } from './gilet';
import { blazer } from './blazer';
import { jacket } from './jacket';
import { overshirt } from './overshirt';
import { coat } from './coat';
import { raincoat } from './raincoat';
import { cape } from './cape';
import { shawl } from './shawl';
import { trousers } from './trousers';
import { jeans } from './jeans';
import { leggings } from './leggings';
import { shorts } from './shorts';
import { skirt } from './skirt';
import { dress } from './dress';
import { jumpsuit } from './jumpsuit';
import { socks } from './socks';
import { tights } from './tights';
import { underlayer } from './underlayer';
import { flat } from './flat';
import { loafer } from './loafer';
import { sneaker } from './sneaker';
import { sandal } from './sandal';
import { heel } from './heel';
import { ankleBoot } from './ankle-boot';
import { tallBoot } from './tall-boot';
import { bag } from './bag';
import { belt } from './belt';
import { scarf } from './scarf';
import { hat } from './hat';
import { gloves } from './gloves';
import { headpiece } from './headpiece';
import { veil } from './veil';
import { necklace } from './necklace';
import { earrings } from './earrings';
import { bracelet } from './bracelet';
import { ring } from './ring';
import { brooch } from './brooch';
import { watch } from './watch';
import { sunglasses } from './sunglasses';
import { tie } from './tie';
import { pocketSquare } from './pocket-square';

/** Every category, in the order of lists. A new one is a file here and a line in this list. */
const KINDS = {
  tee,
  tank,
  shirt,
  blouse,
  polo,
  'fine-knit': fineKnit,
  'chunky-knit': chunkyKnit,
  bodysuit,
  tunic,
  sweatshirt,
  cardigan,
  waistcoat,
  gilet,
  blazer,
  jacket,
  overshirt,
  coat,
  raincoat,
  cape,
  shawl,
  trousers,
  jeans,
  leggings,
  shorts,
  skirt,
  dress,
  jumpsuit,
  socks,
  tights,
  underlayer,
  flat,
  loafer,
  sneaker,
  sandal,
  heel,
  'ankle-boot': ankleBoot,
  'tall-boot': tallBoot,
  bag,
  belt,
  scarf,
  hat,
  gloves,
  headpiece,
  veil,
  necklace,
  earrings,
  bracelet,
  ring,
  brooch,
  watch,
  sunglasses,
  tie,
  'pocket-square': pocketSquare,
} satisfies Readonly<Record<string, CategoryFacts>>;

export type Category = keyof typeof KINDS;

/** What each category is and can do. */
export const CATEGORY: Readonly<Record<Category, CategoryFacts>> = KINDS;

export const CATEGORIES = Object.keys(KINDS) as unknown as readonly [Category, ...Category[]];
