import type { Tongue } from '@core/words';
import type { BriefAnswers } from '../own-brief';

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
  /** How the shop writes days and lengths. */
  readonly tongue: Tongue;
  readonly currency: string;
  readonly answers: BriefAnswers;
  readonly sent: boolean;
  readonly photos: number;
}
