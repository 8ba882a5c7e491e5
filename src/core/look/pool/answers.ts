/** What a rule comes to in a look: its points, and whether it stops the look. */
export interface Answer {
  readonly points: number;
  readonly blocks: boolean;
}

/**
 * Answers of one rule by the two words of what it read: a table of open addresses on typed arrays, because a hundred
 * thousand looks ask fifty rules each. Two zeros (nothing was read) have a place of their own.
 */
export class Answers {
  private mask = 63;
  private size = 0;
  /** The two words, in turns; two zeros: empty. */
  private words = new Int32Array(128);
  private points = new Float64Array(64);
  private blocks = new Uint8Array(64);
  private ofNothing: Answer | undefined;

  /** Points of what is kept, or NaN. */
  pointsOf(a: number, b: number): number {
    if (a === 0 && b === 0) return this.ofNothing?.points ?? Number.NaN;
    const { words, mask } = this;
    let at = a & mask;
    for (;;) {
      const one = words[2 * at] as number;
      const two = words[2 * at + 1] as number;
      if (one === a && two === b) return this.points[at] as number;
      if (one === 0 && two === 0) return Number.NaN;
      at = (at + 1) & mask;
    }
  }

  /** Whether what is kept stops the look. */
  stops(a: number, b: number): boolean {
    if (a === 0 && b === 0) return this.ofNothing?.blocks ?? false;
    let at = a & this.mask;
    while (this.words[2 * at] !== a || this.words[2 * at + 1] !== b) at = (at + 1) & this.mask;
    return this.blocks[at] === 1;
  }

  /** True once an answer that stops a look was kept: only then is there something to ask `stops` for. */
  mayStop = false;

  keep(a: number, b: number, answer: Answer): void {
    this.mayStop ||= answer.blocks;
    if (a === 0 && b === 0) {
      this.ofNothing = answer;
      return;
    }
    if (this.size * 2 > this.mask) this.grow();
    let at = a & this.mask;
    while (this.words[2 * at] !== 0 || this.words[2 * at + 1] !== 0) at = (at + 1) & this.mask;
    this.words[2 * at] = a;
    this.words[2 * at + 1] = b;
    this.points[at] = answer.points;
    this.blocks[at] = answer.blocks ? 1 : 0;
    this.size++;
  }

  private grow(): void {
    const { words, points, blocks } = this;
    const places = points.length * 4;
    this.mask = places - 1;
    this.size = 0;
    this.words = new Int32Array(places * 2);
    this.points = new Float64Array(places);
    this.blocks = new Uint8Array(places);
    points.forEach((value, at) => {
      const [a, b] = [words[2 * at] as number, words[2 * at + 1] as number];
      if (a !== 0 || b !== 0) this.keep(a, b, { points: value, blocks: blocks[at] === 1 });
    });
  }
}
