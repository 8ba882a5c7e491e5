import { colourName } from '../colour';
import { memoNamed } from '../memo';
import type { Piece, TextureFamily, Zone } from '../piece';
import {
  HOUSE_TONGUE,
  lengthIn,
  listed,
  localeOf,
  type Pronoun,
  spelt,
  type Tongue,
  warmthIn,
} from '../words';
import { CLOTH_NOUNS, isPlural, isPluralZone, shortName, zoneNoun } from './nouns';

const counts = memoNamed((locale) => new Intl.NumberFormat(locale));

/** Third person of a verb: keeps, matches, carries. */
const third = (verb: string): string =>
  verb === 'be'
    ? 'is'
    : verb === 'have'
      ? 'has'
      : verb === 'do'
        ? 'does'
        : /(s|sh|ch|x|z|o)$/.test(verb)
          ? `${verb}es`
          : /[^aeiou]y$/.test(verb)
            ? `${verb.slice(0, -1)}ies`
            : `${verb}s`;
const many = (verb: string): string => (verb === 'be' ? 'are' : verb);

const FORMS = {
  she: ['she', 'her', 'her'],
  he: ['he', 'him', 'his'],
  they: ['they', 'them', 'their'],
  you: ['you', 'you', 'your'],
} as const;

interface Person {
  readonly who: string;
  readonly whom: string;
  readonly whose: string;
  readonly plural: boolean;
}

function personOf({ pronoun, name }: SpeakerOptions): Person {
  const [first] = (name ?? '').trim().split(/\s+/);
  if (!pronoun && first) return { who: first, whom: first, whose: `${first}’s`, plural: false };
  const [who, whom, whose] = FORMS[pronoun ?? 'they'];
  return { who, whom, whose, plural: pronoun !== 'she' && pronoun !== 'he' };
}

/** Whoever makes sentences about pieces of a look for one reader. */
export interface Speaker {
  readonly tongue: Tongue;
  /** The client as subject, object and owner; whether it takes the plural verb. */
  readonly client: Person;
  /** "the navy blazer", "your grey trousers"; an id nobody knows is "that piece". */
  readonly called: (id: string) => string;
  /** The same without its article: "navy blazer". */
  readonly bare: (id: string) => string;
}

export interface SpeakerOptions {
  readonly tongue?: Tongue | undefined;
  /** What the client is called by; `you` when it is the client who reads. */
  readonly pronoun?: Pronoun | 'you' | undefined;
  /** Called by this where no pronoun is known; without either: they. */
  readonly name?: string | undefined;
  /** `your` in a letter: the client's own pieces are hers. */
  readonly owned?: 'the' | 'your' | undefined;
}

type Named = Pick<Piece, 'id' | 'title' | 'category' | 'colours' | 'owned'>;

/** A speaker for these pieces. Two that would go by one name go by their titles. */
export function speaker(pieces: readonly Named[], options: SpeakerOptions = {}): Speaker {
  const { tongue = HOUSE_TONGUE, owned = 'the' } = options;
  const short = new Map(pieces.map((piece) => [piece.id, shortName(piece, tongue.english)]));
  const times = new Map<string, number>();
  for (const name of short.values()) times.set(name, (times.get(name) ?? 0) + 1);
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const bare = (id: string): string => {
    const name = short.get(id);
    if (name === undefined) return 'piece';
    return (times.get(name) ?? 0) > 1 && byId.get(id)?.title !== id ? (byId.get(id)?.title ?? name) : name;
  };
  return {
    tongue,
    client: personOf(options),
    bare,
    called: (id) => {
      const piece = byId.get(id);
      return piece ? `${piece.owned ? owned : 'the'} ${bare(id)}` : 'that piece';
    },
  };
}

/** What a sentence about a finding is made with; pieces go by their place in it. */
export interface Say {
  /** "the navy blazer and the tan boots"; without a place all of them. */
  readonly the: (...places: readonly number[]) => string;
  /** A verb that agrees with them: verb('fit', 0) is "fits" of a tee and "fit" of trousers. */
  readonly verb: (base: string, ...places: readonly number[]) => string;
  /** "it" or "them". */
  readonly it: (...places: readonly number[]) => string;
  /** "its" or "their". */
  readonly its: (...places: readonly number[]) => string;
  /** The same for the pieces from a place on, up to another. */
  readonly from: (place: number, until?: number) => Say;
  /** A piece by its id: one that the finding does not speak of. */
  readonly called: (id: string) => string;
  readonly count: number;
  /** "she" */
  readonly who: string;
  /** The client with a verb: they('keep') is "she keeps". */
  readonly they: (base: string) => string;
  readonly them: string;
  readonly their: string;
  readonly length: (mm: number) => string;
  readonly warmth: (celsius: number) => string;
  /** Name of a colour in the reader's spelling. */
  readonly colour: (hex: string) => string;
  /** A colour of a piece, said once: "the rust of the scarf", "the rust scarf". */
  readonly colourOf: (place: number, colour: string) => string;
  /** A word of the house in the reader's English: word('trousers'). */
  readonly word: (british: string) => string;
  readonly list: (words: readonly string[]) => string;
  /** "the upper arms" */
  readonly zones: (zones: readonly Zone[]) => string;
  readonly zonesVerb: (base: string, zones: readonly Zone[]) => string;
  readonly cloth: (family: TextureFamily) => string;
  /** An occasion's own title in running text: "the wedding". */
  readonly event: (title: string) => string;
  /** "1 piece", "2 pieces": a number with its noun. */
  readonly number: (count: number, one: string, more?: string) => string;
}

/** A say bound to the pieces a finding speaks of. */
export function sayOf(by: Speaker, ids: readonly string[]): Say {
  const at = (places: readonly number[]): string[] =>
    places.length === 0 ? [...ids] : places.flatMap((place) => ids[place] ?? []);
  const plural = (places: readonly number[]): boolean => {
    const chosen = at(places);
    return chosen.length !== 1 || isPlural(by.bare(chosen[0] ?? ''));
  };
  const list = (words: readonly string[]): string => listed(words, by.tongue.english);
  const { who, whom, whose, plural: isMany } = by.client;
  return {
    the: (...places) => list(at(places).map(by.called)),
    verb: (base, ...places) => (plural(places) ? many(base) : third(base)),
    it: (...places) => (plural(places) ? 'them' : 'it'),
    its: (...places) => (plural(places) ? 'their' : 'its'),
    from: (place, until) => sayOf(by, ids.slice(place, until)),
    called: by.called,
    count: ids.length,
    they: (base) => `${who} ${isMany ? many(base) : third(base)}`,
    who,
    them: whom,
    their: whose,
    length: (mm) => lengthIn(mm, by.tongue),
    warmth: (celsius) => warmthIn(celsius, by.tongue),
    colour: (hex) => spelt(colourName(hex), by.tongue),
    colourOf: (place, colour) => {
      const id = ids[place] ?? '';
      return by.bare(id).includes(colour) ? by.called(id) : `the ${colour} of ${by.called(id)}`;
    },
    word: (british) => spelt(british, by.tongue),
    list,
    zones: (zones) => `the ${list(zones.map(zoneNoun))}`,
    zonesVerb: (base, zones) => (zones.length > 1 || zones.some(isPluralZone) ? many(base) : third(base)),
    event: (title) => title.replace(/^(The|A|An|Her|His|Their|Our)\b/, (word) => word.toLowerCase()),
    cloth: (family) => CLOTH_NOUNS[family],
    number: (count, one, more = `${one}s`) =>
      `${counts(localeOf(by.tongue)).format(count)} ${count === 1 ? one : more}`,
  };
}
