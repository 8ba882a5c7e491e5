import type { Schools } from '../client';

/** Why each way of judging exists, in a sentence, for whoever wonders about the other one. */
export const SCHOOLS_WHY: { readonly [matter in keyof Schools]: Readonly<Record<Schools[matter], string>> } =
  {
    colour: {
      tonal: 'One family of colour is calm, long and easy to own.',
      accent: 'A quiet ground and one strong colour is what most wardrobes can do.',
      harmony: 'Colours that stand in balance on the wheel carry more than one voice.',
      free: 'Some clients wear colour by feeling, and are right.',
    },
    metals: {
      match: 'One tone of metal disappears and lets the clothes speak.',
      mix: 'Two tones, one of them twice, free a client from matching everything.',
    },
    hides: {
      match: 'Shoes, bag and belt alike are formal and sure.',
      coordinate: 'The same depth is enough, and easier to own.',
      contrast: 'One odd one out wakes a careful look.',
    },
    shine: {
      calm: 'One sparkle is a jewel; two are a shop window.',
      repeat: 'A second sparkle that answers the first makes it a plan.',
    },
    focus: {
      quiet: 'The person leads, and the clothes follow.',
      one: 'One thing to look at, and company for it.',
      bold: 'Several strong things, for whoever carries them.',
    },
    shape: {
      balance: 'Interest where the line asks for it evens out the whole.',
      'own it': 'A body needs no correction; the client decides what is shown.',
    },
    size: {
      true: 'The size that fits is the size to send.',
      'down when generous': 'Where a label runs large or the cloth gives, the smaller one sits better.',
      'up to layer': 'Room beneath is worth more than a close line.',
    },
    pattern: {
      none: 'Plain cloth mixes with everything.',
      one: 'One print, and the rest listens.',
      mix: 'Prints that share a colour and differ in scale enrich each other.',
    },
  };
