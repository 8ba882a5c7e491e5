import { BACK_TO, RETURN_ENDS } from '@core/box';
import { z } from 'zod';
import type { TalliedBox } from '../box/box-view';
import type { PackView } from '../box/pack-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { text, uuid } from '../fields';

/** A piece that came back is put where it goes next, or was lost on its way. */
export const checkInLineCall = defineCall({
  name: 'check-in-line',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({ boxId: uuid, lineId: uuid, backTo: z.enum(RETURN_ENDS).default('shelf') }),
  answer: answers<TalliedBox | PackView>(),
});

export interface ScannedBack {
  readonly view: TalliedBox | PackView;
  readonly title: string;
  readonly size: string;
  /** Nobody had decided it: it is here, so it came back. */
  readonly wasUndecided: boolean;
}

/** A piece read by a scanner as it is unpacked: it came back, and is put where it goes next. */
export const scanBackCall = defineCall({
  name: 'scan-back',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    code: text(60).min(1, 'nothing was read'),
    backTo: z.enum(BACK_TO).default('shelf'),
  }),
  answer: answers<ScannedBack>(),
});
