import type { ConsentAbout, ConsentWay } from '@core/client';
import type { KeptThing } from '@core/schedule';

export interface ConsentView {
  readonly about: ConsentAbout;
  readonly way: ConsentWay;
  readonly givenOn: string;
  readonly withdrawnOn?: string | undefined;
}

/** What she agreed to, newest first, and how long the shop keeps what is hers. */
export interface ConsentsView {
  readonly consents: readonly ConsentView[];
  /** Last day of each; absent: as long as she is a client. */
  readonly keptUntil: Readonly<Partial<Record<KeptThing, string>>>;
}
