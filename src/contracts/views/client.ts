import type { BriefAnswers } from '../own-brief';
import type { BoxState, Step } from '@core/box';
import type { BodyMeasures } from '@core/figure';
import type { Profile } from '@core/client';
import type { Occasion } from '@core/occasion';
import type { Stage } from '@core/look';
import type { Origin, Piece } from '@core/piece';

export interface ClientRow {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly closet: number;
  readonly openBox?: { readonly id: string; readonly number: number; readonly step: Step } | undefined;
  readonly nextOccasion?: { readonly title: string; readonly day: string } | undefined;
}

/** A private link to the client's own brief, as the stylist sees it. */
export interface BriefLinkView {
  readonly id: string;
  readonly state: 'open' | 'sent' | 'settled' | 'revoked' | 'expired';
  readonly expiresOn: string;
  /** Sent and waiting to be gone through. */
  readonly answers?: BriefAnswers | undefined;
  readonly photos: readonly { readonly id: string; readonly caption: string }[];
}

/** What the private form shows: a first name and what was written, nothing else of the client's page. */
export interface OwnBriefView {
  readonly shopName: string;
  readonly firstName: string;
  readonly currency: string;
  readonly answers: BriefAnswers;
  readonly sent: boolean;
  readonly photos: number;
}

export interface ChangeView {
  readonly action: string;
  readonly day: string;
  readonly by: string;
}

export interface OccasionView {
  readonly id: string;
  readonly version: number;
  readonly occasion: Occasion;
  readonly stages: readonly Stage[];
}

export interface OwnedView {
  readonly id: string;
  readonly version: number;
  readonly piece: Piece;
  readonly assumed: boolean;
  readonly loved: boolean;
  readonly wornWeekly: boolean;
  readonly fromBox: boolean;
  /** Id of its photo. */
  readonly photo?: string | undefined;
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

export interface ClientView {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly about: string;
  readonly email: string;
  readonly phone: string;
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
  readonly changes: readonly ChangeView[];
}
