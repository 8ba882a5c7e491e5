import type { Stage } from '@core/look';
import type { Occasion } from '@core/occasion';

export interface OccasionView {
  readonly id: string;
  readonly version: number;
  readonly occasion: Occasion;
  readonly stages: readonly Stage[];
}
