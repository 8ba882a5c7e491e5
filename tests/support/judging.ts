import { BLANK_OCCASION, type Occasion } from '@core/occasion';
import { judge, type Setting } from '@core/look';
import type { Piece } from '@core/piece';
import type { Tone } from '@core/rules';

const STRENGTH = ['works', 'note', 'fights', 'blocks'] as const;

/** An occasion that asks for nothing but what is given. */
export const anOccasion = (given: Partial<Occasion> = {}): Occasion => ({
  title: 'x',
  formality: [0, 10],
  ...BLANK_OCCASION,
  ...given,
});

/** Strongest tone a rule takes on a look; `silent` when it says nothing. */
export const toneOf = (rule: string, pieces: readonly Piece[], setting: Setting = {}): Tone | 'silent' =>
  judge(pieces, setting)
    .findings.filter((finding) => finding.rule === rule)
    .reduce<Tone | 'silent'>(
      (most, { tone }) =>
        most === 'silent' || STRENGTH.indexOf(tone) > STRENGTH.indexOf(most) ? tone : most,
      'silent',
    );
