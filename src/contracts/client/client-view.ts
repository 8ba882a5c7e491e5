import type { BoxState, Step } from '@core/box';
import type { Profile } from '@core/client';
import type { BodyMeasures } from '@core/figure';
import type { Origin } from '@core/piece';
import type { StylistView } from '../box/box-view';
import type { ConsentsView } from '../consent/consent-view';
import type { RhythmView } from '../rhythm/rhythm-view';
import type { OwnedView } from '../closet/owned-view';
import type { OccasionView } from '../occasion/occasion-view';
import type { BriefLinkView } from './brief-link-view';

export interface ClientRow {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly closet: number;
  readonly openBox?: { readonly id: string; readonly number: number; readonly step: Step } | undefined;
  readonly nextOccasion?: { readonly title: string; readonly day: string } | undefined;
}

export interface ChangeView {
  /** What was done to what: "add occasion". */
  readonly action: string;
  readonly entity: string;
  readonly day: string;
  readonly by: string;
}

export interface ClientView extends ConsentsView {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly about: string;
  readonly email: string;
  readonly phone: string;
  readonly address: string;
  readonly sizes: Readonly<Record<string, string>>;
  readonly given: BodyMeasures;
  /** Every measure, filled; estimated ones marked. */
  readonly body: readonly { readonly name: string; readonly mm: number; readonly origin: Origin }[];
  readonly profile: Profile;
  readonly boxBudgetMinor: number | null;
  readonly pieceBudgetMinor: Readonly<Record<string, number>>;
  readonly notes: string;
  readonly owned: readonly OwnedView[];
  /** Out of the closet, newest first; they may be put back. */
  readonly retired: readonly OwnedView[];
  readonly occasions: readonly OccasionView[];
  readonly boxes: readonly BoxRow[];
  readonly links: readonly BriefLinkView[];
  readonly rhythm?: RhythmView | undefined;
  readonly stylists: readonly StylistView[];
  /** The reader's id among them, or an owner's who has no boxes yet. */
  readonly me: string;
  readonly today: string;
  readonly changes: readonly ChangeView[];
}

export interface BoxRow {
  readonly id: string;
  readonly number: number;
  readonly state: BoxState;
  readonly step: Step;
  readonly lines: number;
  readonly kept: number;
  readonly netMinor?: number | undefined;
  readonly outDay?: string | undefined;
  readonly returned: readonly { readonly title: string; readonly reason: string }[];
}
