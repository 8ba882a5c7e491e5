/** Where a client's parcels go. */
export interface Address {
  readonly lines: readonly string[];
  readonly town: string;
  readonly code?: string | undefined;
}

/** A postal address as it is typed, a line each, the town last; null for an empty field. */
export function readAddress(text: string): Address | null {
  const lines = text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  const town = lines.at(-1);
  return town === undefined ? null : { lines: lines.slice(0, -1), town };
}

/** The lines of an address as they stand on a parcel. */
export const addressLines = (address: Address | null): string[] =>
  address ? [...address.lines, [address.code, address.town].filter(Boolean).join(' ')] : [];
