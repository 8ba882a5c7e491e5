import { type Minor, type Rounding, roundMinor } from './totals';

/** What one line came to when its box was closed. */
export interface SettledLine {
  readonly netMinor: Minor;
  readonly taxMinor: Minor;
}

export interface Credit {
  /** Given back, tax included. */
  readonly amountMinor: Minor;
  /** Of it, tax. */
  readonly taxMinor: Minor;
  /** Stays with the shop, for damage. */
  readonly withheldMinor: Minor;
}

/**
 * What a kept piece that comes back gives: exactly what its line came to, less what is withheld for damage; the tax in it
 * by the same share. Nothing else of the box is priced anew.
 * @throws RangeError when more is withheld than the line came to, or less than nothing
 */
export function creditOf(line: SettledLine, withheldMinor: Minor, rounding: Rounding = 'half-up'): Credit {
  const { netMinor, taxMinor } = line;
  if (!Number.isInteger(withheldMinor) || withheldMinor < 0 || withheldMinor > netMinor)
    throw new RangeError(`of ${netMinor}, ${withheldMinor} cannot be withheld`);
  const amountMinor = netMinor - withheldMinor;
  return {
    amountMinor,
    taxMinor: netMinor === 0 ? 0 : roundMinor((taxMinor * amountMinor) / netMinor, rounding),
    withheldMinor,
  };
}
