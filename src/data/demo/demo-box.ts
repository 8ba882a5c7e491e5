import type { ReturnReason } from '@core/box';
import type { FitPoint } from '@core/fit';
import type { Occasion } from '@core/occasion';
import type { Stage } from '@core/look';

export interface DemoBox {
  readonly client: string;
  /** Days from today at which the box was begun. */
  readonly startDay: number;
  readonly until: 'brief' | 'combining' | 'out' | 'closed';
  readonly budgetMinor: number;
  readonly occasions: readonly (Pick<Occasion, 'title' | 'formality' | 'time'> &
    Partial<Occasion> & { readonly day: number; readonly stages?: readonly Stage[] })[];
  readonly asks: readonly string[];
  readonly mood: readonly string[];
  readonly notToSend: string;
  readonly lines: readonly { readonly title: string; readonly size: string; readonly ask?: number }[];
  readonly looks: readonly {
    readonly title: string;
    readonly occasion?: number;
    readonly pieces: readonly string[];
  }[];
  readonly decisions?: readonly (
    | 'keep'
    | { readonly reason: ReturnReason; readonly point?: FitPoint; readonly note?: string }
  )[];
  readonly notesNext?: string;
}
