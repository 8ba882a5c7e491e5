import type { Profile, SettledSchools } from '../client';
import type { Body, Hem, Landmarks } from '../figure';
import type { Budget, Occasion } from '../occasion';
import type { Worn, Zone } from '../piece';
import type { Areas } from '../sketch';

/** Everything a rule may look at. Prepared once for a look. */
export interface Scene {
  readonly pieces: readonly Worn[];
  readonly areas: Areas;
  readonly body: Body;
  readonly marks: Landmarks;
  readonly hems: readonly Hem[];
  /** Zones each piece covers on this body. */
  readonly cover: ReadonlyMap<string, ReadonlySet<Zone>>;
  readonly client: Profile;
  readonly occasion?: Occasion | undefined;
  readonly schools: SettledSchools;
  readonly budget?: Budget | undefined;
}
