/** What a rule comes to in a look: its points, and whether it stops the look. */
export interface Answer {
  readonly points: number;
  readonly blocks: boolean;
}

/**
 * Answers of one rule by two words of what it read: a table of open addresses on typed arrays, because a hundred
 * thousand looks ask sixty rules each.
 */
export class Answers {
  private mask = 63;
  private size = 0;
  private one = new Int32Array(64);
  private two = new Int32Array(64);
  private points = new Float64Array(64);
  /** 0: empty; 1: an answer; 2: an answer that stops the look. */
  private state = new Uint8Array(64);

  /** Place of the answer, or −1. */
  find(a: number, b: number): number {
    const { one, two, state, mask } = this;
    let at = a & mask;
    while (state[at] !== 0) {
      if (one[at] === a && two[at] === b) return at;
      at = (at + 1) & mask;
    }
    return -1;
  }

  pointsAt(place: number): number {
    return this.points[place] as number;
  }

  blocksAt(place: number): boolean {
    return this.state[place] === 2;
  }

  keep(a: number, b: number, { points, blocks }: Answer): void {
    if (this.size * 2 > this.mask) this.grow();
    let at = a & this.mask;
    while (this.state[at] !== 0) at = (at + 1) & this.mask;
    this.one[at] = a;
    this.two[at] = b;
    this.points[at] = points;
    this.state[at] = blocks ? 2 : 1;
    this.size++;
  }

  private grow(): void {
    const { one, two, points, state } = this;
    const places = state.length * 4;
    this.mask = places - 1;
    this.size = 0;
    this.one = new Int32Array(places);
    this.two = new Int32Array(places);
    this.points = new Float64Array(places);
    this.state = new Uint8Array(places);
    state.forEach((kept, i) => {
      if (kept !== 0)
        this.keep(one[i] as number, two[i] as number, { points: points[i] as number, blocks: kept === 2 });
    });
  }
}
