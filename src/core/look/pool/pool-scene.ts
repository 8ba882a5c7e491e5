import { type Hem, hemsOf } from '../../figure';
import type { Worn, Zone } from '../../piece';
import type { Scene } from '../../rules';
import type { Given } from '../../rules/reads';
import type { Areas } from '../../sketch';

/** The scene of one look of a pool; each part of it is worked out when a rule first asks for it. */
export class PoolScene implements Scene {
  readonly body: Scene['body'];
  readonly marks: Scene['marks'];
  readonly client: Scene['client'];
  readonly occasion: Scene['occasion'];
  readonly schools: Scene['schools'];
  readonly budget: Scene['budget'];
  private someWorn: Worn[] | undefined;
  private someAreas: Areas | undefined;
  private someHems: Hem[] | undefined;
  private someCover: Map<string, ReadonlySet<Zone>> | undefined;

  constructor(
    private readonly given: Given,
    private readonly pool: readonly Worn[],
    private readonly picks: Int32Array,
    private readonly shares: Float64Array,
    private readonly count: number,
  ) {
    this.body = given.body;
    this.marks = given.marks;
    this.client = given.client;
    this.occasion = given.occasion;
    this.schools = given.schools;
    this.budget = given.budget;
  }

  get pieces(): readonly Worn[] {
    if (!this.someWorn) {
      this.someWorn = [];
      for (let i = 0; i < this.count; i++) this.someWorn.push(this.pool[this.picks[i] as number] as Worn);
    }
    return this.someWorn;
  }

  /** By piece alone: no rule reads more of them. */
  get areas(): Areas {
    return (this.someAreas ??= {
      pieces: new Map(this.pieces.map(({ piece }, i) => [piece.id, this.shares[i] ?? 0])),
      swatches: [],
      cells: 0,
    });
  }

  get hems(): readonly Hem[] {
    return (this.someHems ??= hemsOf(this.pieces, this.body));
  }

  get cover(): ReadonlyMap<string, ReadonlySet<Zone>> {
    return (this.someCover ??= new Map(this.pieces.map((worn) => [worn.piece.id, this.given.coverOf(worn)])));
  }
}
