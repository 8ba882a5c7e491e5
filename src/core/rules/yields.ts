import type { Finding, Tone } from './finding';

/** A statement of a rule: some of its codes, in some tones; absent: any. */
interface Statement {
  readonly rule: string;
  readonly codes?: readonly string[];
  readonly tones?: readonly Tone[];
}

/** Whether two findings are about one thing. */
const SHARED = {
  look: () => true,
  piece: (one: Finding, other: Finding) => one.pieces.some((id) => other.pieces.includes(id)),
  pair: ({ pieces: [first, ...rest] }: Finding, { pieces }: Finding) =>
    first !== undefined && pieces.includes(first) && rest.some((id) => pieces.includes(id)),
} as const;

/** Where two rules see one thing, one of them speaks. */
export interface Yield {
  readonly yields: Statement;
  readonly to: Statement;
  /** They are never both said of one look; of one piece; or of one pair, of which the first that yields is named first. */
  readonly over: keyof typeof SHARED;
  /** Why, as House rules says it. */
  readonly why: string;
}

/**
 * Which of two findings gives way where they would say one thing twice, or praise and scold one thing. The finders keep to
 * it themselves, so that a look and a pool of looks hear the same; a property test holds them to this table.
 */
export const YIELDS: readonly Yield[] = [
  {
    yields: { rule: 'S1', tones: ['note'] },
    to: { rule: 'C4', codes: ['flat'] },
    over: 'look',
    why: 'A look in one flat tone is told so once: its one texture is the same complaint.',
  },
  {
    yields: { rule: 'C3' },
    to: { rule: 'C4' },
    over: 'look',
    why: 'Where a look is tonal, that is what it is, and not merely plain.',
  },
  {
    yields: { rule: 'R1', codes: ['casual'] },
    to: { rule: 'R2', codes: ['casual'] },
    over: 'look',
    why: 'One piece too casual is named by itself; several make the whole look too casual.',
  },
  {
    yields: { rule: 'F8', codes: ['competes'] },
    to: { rule: 'C1', codes: ['echo'] },
    over: 'pair',
    why: 'A shoe that picks up a colour of the dress is answered by it.',
  },
  {
    yields: { rule: 'N3', codes: ['loud'] },
    to: { rule: 'N1', tones: ['works'] },
    over: 'pair',
    why: 'Two prints that mix well are allowed to be loud.',
  },
  {
    yields: { rule: 'W1', codes: ['cool-outdoors'] },
    to: { rule: 'W2', codes: ['nothing'] },
    over: 'look',
    why: 'Cold outdoors with nothing to take off is one matter: a layer.',
  },
  {
    yields: { rule: 'P10' },
    to: { rule: 'M1', codes: ['above-waist'] },
    over: 'piece',
    why: 'Where there is nothing to tuck, how the tuck holds is no question.',
  },
];

const says = ({ rule, codes, tones }: Statement, finding: Finding): boolean =>
  finding.rule === rule &&
  (codes === undefined || codes.includes(finding.code)) &&
  (tones === undefined || tones.includes(finding.tone));

/** Pairs of findings of one look of which one should have given way; empty when all keep to the table. */
export const unyielding = (findings: readonly Finding[]): readonly (readonly [Finding, Finding])[] =>
  YIELDS.flatMap(({ yields, to, over }) =>
    findings
      .filter((finding) => says(yields, finding))
      .flatMap((one) =>
        findings
          .filter((other) => says(to, other) && SHARED[over](one, other))
          .map((other) => [one, other] as const),
      ),
  );

/** To whom a rule gives way, and why; for House rules and the page about rules. */
export const yieldsOf = (rule: string): readonly Yield[] =>
  YIELDS.filter(({ yields }) => yields.rule === rule);
