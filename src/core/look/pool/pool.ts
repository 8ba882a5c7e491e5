import { EXCLUSIVE, type Piece, SLOTS, wear, type Worn } from '../../piece';
import { type Rule, RULES, type Settings, thresholdsOf, type Tone } from '../../rules';
import { type ColourFacts, coloursOf } from '../../rules/fields';
import type { Count, Given, PoolLook, Tally } from '../../rules/reads';
import { PoolAreas } from '../../sketch';
import { MOST_PIECES } from '../judge';
import { givenOf, type Setting } from '../scene';
import { pointsOf, SCORED, scoreFrom, sharesOf } from '../score';
import { type Answer, Answers } from './answers';
import { Codes, ranked, type Steps, stepsOf } from './codes';
import { PoolScene } from './pool-scene';

/** What of a verdict a pool is searched by. */
export interface PoolVerdict {
  readonly complete: boolean;
  readonly sendable: boolean;
  readonly score: number;
}

/** A rule in the terms of a pool. */
interface Asked {
  readonly rule: Rule;
  readonly at: Record<string, number>;
  /** Place of its facet in the score. */
  readonly facet: number;
}

/** A rule whose answer follows from what it reads of each piece. */
interface Remembered extends Asked {
  readonly answers: Answers;
  /** The bit of a condition without which, or with which, it is silent; 0: none. */
  readonly needs: number;
  readonly silencedBy: number;
}

/** A rule that counts over the pairs of the pool. */
interface Tallied extends Asked {
  readonly tally: Count;
  readonly points: Readonly<Record<Tone, number>>;
}

/** What the remembered rules read of one piece. */
interface Lines {
  /** Of rules that read no shares: place of the rule and the two words, three numbers a line. */
  readonly fixed: Int32Array;
  /** Of rules that do: a line a step, the steps of a rule one after the other. */
  readonly stepped: Int32Array;
  /** Visible share from which each step is read; the last one reached counts. */
  readonly from: Float64Array;
}

/**
 * Judges looks by the thousand out of one pool of pieces, for one client and one occasion. It gives the verdict of
 * `judge()`, without its words: every rule says what it reads of a piece (`Rule.reads`), that is worked out once for
 * each piece, and a rule is asked again only when a look gives it something new to read.
 */
export class LookPool implements PoolLook {
  private readonly worn: readonly Worn[];
  private readonly rankOf: Int32Array;
  private readonly slotOf: Uint8Array;
  private readonly given: Given;
  private readonly areas: PoolAreas;
  private readonly everything: Asked[] = [];
  private readonly tallied: Tallied[] = [];
  private readonly remembered: Remembered[] = [];
  private readonly lines: readonly Lines[];
  private readonly colours: readonly (readonly ColourFacts[])[];
  /** Points by facet of what is said of each piece alone, piece after piece; and whether it stops a look. */
  private readonly alonePoints: Float64Array;
  private readonly aloneBlocks: Uint8Array;
  /** Conditions of the rules that each piece meets, a bit each. */
  private readonly gateOf: Int32Array;
  private gates = 0;

  /** The look that is being judged, for the rules that count. */
  count = 0;
  readonly picks = new Int32Array(MOST_PIECES);
  readonly shares = new Float64Array(MOST_PIECES);
  private met = 0;
  private readonly ranks = new Int32Array(MOST_PIECES);
  private readonly slots = new Uint8Array(SLOTS.length);
  private readonly facets = new Float64Array(SCORED.length);
  private readonly facetShares: readonly number[];
  private readonly says: Tally = { works: 0, note: 0, fights: 0, blocks: 0 };
  private readonly sumA: Int32Array;
  private readonly sumB: Int32Array;

  /** @throws RangeError when two pieces have one id */
  constructor(
    pieces: readonly Piece[],
    setting: Setting = {},
    private readonly settings: Settings = {},
  ) {
    const order = pieces.map((_, i) => i).sort((i, j) => compare(pieces, i, j));
    this.rankOf = new Int32Array(pieces.length);
    order.forEach((i, rank) => (this.rankOf[i] = rank));
    this.worn = order.map((i) => wear(pieces[i] as Piece));
    if (new Set(this.worn.map(({ piece }) => piece.id)).size < pieces.length)
      throw new RangeError('LookPool: two pieces have one id');
    this.slotOf = Uint8Array.from(this.worn, ({ slot }) => SLOTS.indexOf(slot));
    this.given = givenOf(setting);
    this.facetShares = sharesOf(this.settings);
    this.colours = this.worn.map(coloursOf);
    this.areas = new PoolAreas(this.worn, this.given.body, MOST_PIECES);
    this.alonePoints = new Float64Array(pieces.length * SCORED.length);
    this.aloneBlocks = new Uint8Array(pieces.length);
    this.gateOf = new Int32Array(pieces.length);
    const steps = RULES.flatMap((rule) => this.ask(rule));
    this.lines = this.worn.map((_, p) => linesOf(steps.map((ofRule) => ofRule[p] as Steps)));
    this.sumA = new Int32Array(this.remembered.length);
    this.sumB = new Int32Array(this.remembered.length);
  }

  /**
   * Verdict of the look of these pieces, by their places in the list the pool was made of.
   * @throws RangeError for 0 or more than 24 pieces, and for a place that is not in the list
   */
  judge(look: ArrayLike<number>): PoolVerdict {
    this.take(look);
    this.areas.write(this.picks, this.count, this.shares);
    this.facets.fill(0);
    let blocks = this.addAlone();
    blocks = this.addTallied() || blocks;
    this.read();
    blocks = this.addRemembered() || blocks;
    if (this.everything.length > 0) {
      const scene = this.scene();
      for (const asked of this.everything)
        blocks = this.add(asked.facet, this.answer(asked, scene)) || blocks;
    }
    const complete = this.isComplete();
    return { complete, sendable: complete && !blocks, score: scoreFrom(this.facets, this.facetShares) };
  }

  /** Share of what is seen that a piece takes in the look judged last, by its place in the list; 0 where it is hidden. */
  shareOf(place: number): number {
    const rank = this.rankOf[place];
    for (let i = 0; i < this.count; i++) if (this.picks[i] === rank) return this.shares[i] as number;
    return 0;
  }

  /** Colours of the look that is being judged which take at least so much of what is seen. */
  reached(least: number): ColourFacts[] {
    const found: ColourFacts[] = [];
    for (let i = 0; i < this.count; i++) {
      const share = this.shares[i] as number;
      if (share < least) continue;
      const colours = this.colours[this.picks[i] as number] as readonly ColourFacts[];
      for (let k = 0; k < colours.length; k++) {
        const facts = colours[k] as ColourFacts;
        if (share * facts.share >= least) found.push(facts);
      }
    }
    return found;
  }

  /** Sorts a rule into what is said of pieces alone, what is counted, remembered or asked each time. */
  private ask(rule: Rule): Steps[][] {
    const facet = SCORED.indexOf(rule.facet);
    const tuning = this.settings[rule.id];
    // Ways of wearing and use are outside the score and never stop a look.
    if (facet < 0 || tuning?.off) return [];
    const at = thresholdsOf(rule, tuning);
    const asked: Asked = { rule, at, facet };
    const reading = rule.reads?.(this.given, at) ?? 'everything';
    if (reading === 'nothing') return [];
    if (reading === 'everything') {
      this.everything.push(asked);
      return [];
    }
    if ('tally' in reading) {
      const points = (tone: Tone): number => pointsOf({ rule: rule.id, tone }, this.settings);
      this.tallied.push({
        ...asked,
        tally: reading.tally(this.worn),
        points: {
          works: points('works'),
          note: points('note'),
          fights: points('fights'),
          blocks: points('blocks'),
        },
      });
      return [];
    }
    if (reading.alone) {
      this.sayAlone(asked);
      return [];
    }
    const codes = new Codes(this.worn);
    this.remembered.push({
      ...asked,
      answers: new Answers(),
      needs: this.gate(reading.needs),
      silencedBy: this.gate(reading.silencedBy),
    });
    return [this.worn.map((worn) => stepsOf(reading, worn, codes))];
  }

  /** Gives a condition a bit and notes which pieces meet it; those of a look are gathered in one pass. */
  private gate(is: ((worn: Worn) => boolean) | undefined): number {
    if (!is) return 0;
    if (this.gates === 32) throw new RangeError('LookPool: more conditions than bits');
    const bit = 1 << this.gates++;
    this.worn.forEach((worn, p) => {
      if (is(worn)) this.gateOf[p] = (this.gateOf[p] as number) | bit;
    });
    return bit;
  }

  private sayAlone(asked: Asked): void {
    this.worn.forEach((_, p) => {
      const scene = new PoolScene(this.given, this.worn, Int32Array.of(p), Float64Array.of(1), 1);
      const { points, blocks } = this.answer(asked, scene);
      const at = p * SCORED.length + asked.facet;
      this.alonePoints[at] = (this.alonePoints[at] as number) + points;
      if (blocks) this.aloneBlocks[p] = 1;
    });
  }

  /** Puts the picks in the order of their ids and counts the slots; `ranks`: the how-manieth of its slot each is. */
  private take(look: ArrayLike<number>): void {
    const { picks, slots, slotOf, ranks } = this;
    this.count = look.length;
    if (this.count === 0 || this.count > MOST_PIECES)
      throw new RangeError(`LookPool: 1 to ${MOST_PIECES} pieces, not ${look.length}`);
    for (let i = 0; i < look.length; i++) {
      const rank = this.rankOf[look[i] as number];
      if (rank === undefined) throw new RangeError(`LookPool: there is no piece ${look[i]}`);
      let at = i;
      while (at > 0 && (picks[at - 1] as number) > rank) {
        picks[at] = picks[at - 1] as number;
        at--;
      }
      picks[at] = rank;
    }
    slots.fill(0);
    this.met = 0;
    for (let i = 0; i < look.length; i++) {
      this.met |= this.gateOf[picks[i] as number] as number;
      const slot = slotOf[picks[i] as number] as number;
      ranks[i] = slots[slot] as number;
      slots[slot] = (slots[slot] as number) + 1;
    }
  }

  private addAlone(): boolean {
    const { facets, alonePoints, picks } = this;
    let blocks = 0;
    for (let i = 0; i < this.count; i++) {
      const p = picks[i] as number;
      blocks |= this.aloneBlocks[p] as number;
      for (let f = 0; f < facets.length; f++)
        facets[f] = (facets[f] as number) + (alonePoints[p * facets.length + f] as number);
    }
    return blocks === 1;
  }

  private addTallied(): boolean {
    const { says, facets } = this;
    let blocks = false;
    for (const { tally, points, facet } of this.tallied) {
      says.works = says.note = says.fights = says.blocks = 0;
      tally(this, says);
      facets[facet] =
        (facets[facet] as number) +
        says.works * points.works +
        says.note * points.note +
        says.fights * points.fights +
        says.blocks * points.blocks;
      blocks ||= says.blocks > 0;
    }
    return blocks;
  }

  /** Adds up what every rule reads of the pieces: two words a rule. */
  private read(): void {
    const { sumA, sumB } = this;
    sumA.fill(0);
    sumB.fill(0);
    for (let i = 0; i < this.count; i++) {
      const { fixed, stepped, from } = this.lines[this.picks[i] as number] as Lines;
      const share = this.shares[i] as number;
      const rank = this.ranks[i] as number;
      for (let at = 0; at < fixed.length; at += 3) {
        const k = fixed[at] as number;
        const a = fixed[at + 1] as number;
        const b = fixed[at + 2] as number;
        sumA[k] = (sumA[k] as number) + (rank === 0 ? a : ranked(a, rank));
        sumB[k] = (sumB[k] as number) + (rank === 0 ? b : ranked(b, rank));
      }
      for (let step = 0; step < from.length; step++) {
        if (share < (from[step] as number)) continue;
        const at = step * 3;
        const k = stepped[at] as number;
        // Of the steps of one rule only the last that is reached is read.
        if (k === stepped[at + 3] && share >= (from[step + 1] as number)) continue;
        const a = stepped[at + 1] as number;
        const b = stepped[at + 2] as number;
        sumA[k] = (sumA[k] as number) + (rank === 0 ? a : ranked(a, rank));
        sumB[k] = (sumB[k] as number) + (rank === 0 ? b : ranked(b, rank));
      }
    }
  }

  private addRemembered(): boolean {
    const { remembered, sumA, sumB, facets, met } = this;
    let blocks = false;
    let scene: PoolScene | undefined;
    for (let k = 0; k < remembered.length; k++) {
      const asked = remembered[k] as Remembered;
      if ((asked.needs !== 0 && (met & asked.needs) === 0) || (met & asked.silencedBy) !== 0) continue;
      const { answers, facet } = asked;
      const a = sumA[k] as number;
      const b = sumB[k] as number;
      const points = answers.pointsOf(a, b);
      if (!Number.isNaN(points)) {
        facets[facet] = (facets[facet] as number) + points;
        if (answers.mayStop) blocks ||= answers.stops(a, b);
        continue;
      }
      const answer = this.answer(asked, (scene ??= this.scene()));
      answers.keep(a, b, answer);
      blocks = this.add(facet, answer) || blocks;
    }
    return blocks;
  }

  private add(facet: number, { points, blocks }: Answer): boolean {
    this.facets[facet] = (this.facets[facet] as number) + points;
    return blocks;
  }

  private scene(): PoolScene {
    return new PoolScene(this.given, this.worn, this.picks, this.shares, this.count);
  }

  private answer({ rule, at }: Asked, scene: PoolScene): Answer {
    let [points, blocks] = [0, false];
    for (const said of rule.find(scene, at)) {
      points += pointsOf({ rule: rule.id, ...said }, this.settings);
      blocks ||= said.tone === 'blocks';
    }
    return { points, blocks };
  }

  /** The same as `completeness()` says, from the counts of the slots. */
  private isComplete(): boolean {
    const { slots } = this;
    if (slots[WHOLE] === 0 && (slots[TOP] === 0 || slots[BOTTOM] === 0)) return false;
    if (slots[SHOES] === 0) return false;
    for (const slot of ONE_ONLY) if ((slots[slot] as number) > 1) return false;
    return true;
  }
}

const [WHOLE, TOP, BOTTOM, SHOES] = (['whole', 'top', 'bottom', 'shoes'] as const).map((slot) =>
  SLOTS.indexOf(slot),
) as [number, number, number, number];
const ONE_ONLY = [...EXCLUSIVE].map((slot) => SLOTS.indexOf(slot));

function compare(pieces: readonly Piece[], i: number, j: number): number {
  const [a, b] = [pieces[i]?.id ?? '', pieces[j]?.id ?? ''];
  return a < b ? -1 : a > b ? 1 : 0;
}

/** The steps of all rules for one piece as lines, without those that read nothing. */
function linesOf(steps: readonly Steps[]): Lines {
  const lines = steps.flatMap(({ from, codes }, rule) =>
    from.map((share, step) => ({ share, line: [rule, ...(codes[step] ?? [0, 0])], only: from.length === 1 })),
  );
  const fixed = lines.filter(({ only, line }) => only && (line[1] !== 0 || line[2] !== 0));
  const stepped = lines.filter(({ only }) => !only);
  return {
    fixed: Int32Array.from(fixed.flatMap(({ line }) => line)),
    stepped: Int32Array.from(stepped.flatMap(({ line }) => line)),
    from: Float64Array.from(stepped, ({ share }) => share),
  };
}
