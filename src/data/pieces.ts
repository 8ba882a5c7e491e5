import {
  type Category,
  type MeasureName,
  type MeasureOrigins,
  type Measures,
  type Origin,
  type Piece,
  pieceFrom,
} from '@core/piece';
import type { garment, ownedItem, StoredMeasures, variant } from './schema';

type GarmentRow = typeof garment.$inferSelect;
type VariantRow = typeof variant.$inferSelect;
type OwnedRow = typeof ownedItem.$inferSelect;

/** Measures with their origins, apart. */
export function splitMeasures(stored: StoredMeasures): { measures: Measures; origins: MeasureOrigins } {
  const measures: Record<string, number> = {};
  const origins: Record<string, Origin> = {};
  for (const name in stored) {
    const value = stored[name as MeasureName];
    if (!value) continue;
    measures[name] = value.mm;
    origins[name] = value.origin;
  }
  return { measures, origins };
}

/** A garment as the rules see it, in one size when a variant is given. */
export function pieceOfGarment(
  row: GarmentRow,
  size: Pick<VariantRow, 'measures'> | undefined,
  id = row.id,
): Piece {
  const base = pieceFrom({
    ...row.attributes,
    id,
    title: row.title,
    owned: false,
    styleId: row.styleId,
    set: row.setId ?? undefined,
    category: row.category as Category,
    colours: row.colours,
    formality: row.formality,
    priceMinor: row.priceMinor,
  } as Parameters<typeof pieceFrom>[0]);
  if (!size) return base;
  const { measures, origins } = splitMeasures(size.measures);
  return { ...base, measures: { ...base.measures, ...measures }, origins: { ...base.origins, ...origins } };
}

/** An owned item as the rules see it. */
export function pieceOfOwned(row: OwnedRow): Piece {
  return pieceFrom({
    ...row.attributes,
    id: `owned:${row.id}`,
    title: row.title,
    owned: true,
    assumed: row.assumed,
    category: row.category as Category,
    colours: row.colours,
    formality: row.formality,
    origins: row.origins,
  } as Parameters<typeof pieceFrom>[0]);
}
