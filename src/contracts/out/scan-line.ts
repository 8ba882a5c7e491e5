import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import type { PackView } from '../box/pack-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { text, uuid } from '../fields';

export interface ScanAnswer {
  readonly view: DressedBox | PackView;
  readonly lineId: string;
  /** False when it was scanned in before. */
  readonly fresh: boolean;
}

/** A piece of the pack list read by a scanner. */
export const scanLineCall = defineCall({
  name: 'scan-line',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({ boxId: uuid, code: text(60).min(1, 'nothing was read') }),
  answer: answers<ScanAnswer>(),
});
