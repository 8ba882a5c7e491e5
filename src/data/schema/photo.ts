import { customType, index, integer, pgTable, text, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { createdAt, id } from './columns';
import { briefLink, ownedItem } from './client';
import { shop } from './shop';
import { garment } from './stock';

const bytes = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'bytea' });

/** A photo of one thing: of a garment, of an owned item, or sent along with a client's own brief. */
export const photo = pgTable(
  'photo',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    garmentId: uuid('garment_id').references(() => garment.id, { onDelete: 'cascade' }),
    ownedItemId: uuid('owned_item_id').references(() => ownedItem.id, { onDelete: 'cascade' }),
    briefLinkId: uuid('brief_link_id').references(() => briefLink.id, { onDelete: 'cascade' }),
    /** Re-encoded here, never as it came: JPEG, at most 1200 px, without its metadata. */
    jpeg: bytes('jpeg').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    /** How the client called it, when it came with a brief. */
    caption: text('caption').notNull().default(''),
    createdAt: createdAt(),
  },
  (table) => [
    uniqueIndex('photo_garment').on(table.garmentId),
    uniqueIndex('photo_owned_item').on(table.ownedItemId),
    index('photo_brief_link').on(table.briefLinkId),
  ],
);
