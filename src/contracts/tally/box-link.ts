import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

/** The client's page of a box, as the stylist sees it: none, or the newest link to it. */
export interface BoxLinkView {
  readonly link?:
    | {
        readonly state: 'open' | 'revoked' | 'expired';
        readonly expiresOn: string;
        readonly openedOn?: string | undefined;
        readonly answeredOn?: string | undefined;
      }
    | undefined;
}

export const boxLinkCall = defineCall({
  name: 'box-link',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ boxId: uuid }),
  answer: answers<BoxLinkView>(),
});

export const makeBoxLinkCall = defineCall({
  name: 'make-box-link',
  roles: STYLING,
  // An answer kept for a second sender would keep the token: asked twice, the first link stops working.
  writes: false,
  input: z.strictObject({ boxId: uuid }),
  answer: answers<BoxLinkView & { readonly path: string; readonly posted: boolean }>(),
});

export const revokeBoxLinkCall = defineCall({
  name: 'revoke-box-link',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ boxId: uuid }),
  answer: answers<BoxLinkView>(),
});
