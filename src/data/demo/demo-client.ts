import type { BodyMeasures } from '@core/figure';
import type { Category } from '@core/piece';
import type { z } from 'zod';
import type { storedProfileSchema } from '@contracts/profile';

export interface DemoOwned {
  readonly title: string;
  readonly category: Category;
  /** `hex[:share] …` */
  readonly colours: string;
  readonly with?: Record<string, unknown>;
  readonly formality?: number;
  readonly assumed?: boolean;
  readonly loved?: boolean;
  readonly weekly?: boolean;
}

export interface DemoClient {
  readonly key: string;
  readonly name: string;
  readonly about: string;
  readonly email: string;
  readonly sizes: Record<string, string>;
  readonly measures: BodyMeasures;
  readonly profile: z.input<typeof storedProfileSchema>;
  readonly boxBudgetMinor: number;
  readonly pieceBudgetMinor: Partial<Record<Category, number>>;
  readonly notes: string;
  readonly owned: readonly DemoOwned[];
  /** The closet in words, as it would be pasted. */
  readonly list?: string;
  /** Beginnings of the titles that are loved. */
  readonly lovedWords?: readonly string[];
}
