import { OUTBOX_KINDS } from '@core/shop';
import { index, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { boxLink } from './box';
import { briefLink } from './client';
import { at, createdAt, id } from './columns';
import { shop } from './shop';
import { invitation } from './sign-in';

/**
 * Letters the shop would have posted by e-mail. A stand-in for a mailer keeps them here: somebody sends them by hand. The link
 * in one is encrypted, and goes with its use.
 */
export const outbox = pgTable(
  'outbox',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    kind: text('kind', { enum: OUTBOX_KINDS }).notNull(),
    toName: text('to_name').notNull(),
    toAddress: text('to_address').notNull(),
    subject: text('subject').notNull(),
    body: text('body').notNull(),
    /** Encrypted path of the link; null once it has done its work. */
    link: text('link'),
    expiresAt: at('expires_at').notNull(),
    invitationId: uuid('invitation_id').references(() => invitation.id, { onDelete: 'cascade' }),
    briefLinkId: uuid('brief_link_id').references(() => briefLink.id, { onDelete: 'cascade' }),
    boxLinkId: uuid('box_link_id').references(() => boxLink.id, { onDelete: 'cascade' }),
    sentAt: at('sent_at'),
    createdAt: createdAt(),
  },
  (table) => [index('outbox_shop').on(table.shopId, table.createdAt)],
);
