import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import type { DressedBox } from './box-view';

/** What became of a box since a page last looked. */
export interface BoxNews {
  /** Stands for the box as it is: to be said at the next question. */
  readonly mark: string;
  /** Null while nothing is new. */
  readonly box: DressedBox | null;
}

export const boxNewsCall = defineCall({
  name: 'box-news',
  roles: STYLING,
  writes: false,
  input: z.strictObject({
    boxId: uuid,
    /** What the last answer said; empty at the first question. */
    mark: z.string().max(64).default(''),
  }),
  answer: answers<BoxNews>(),
});
