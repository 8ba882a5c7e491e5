import type { Setting } from '@core/look';
import type { Occasion } from '@core/occasion';
import type { Piece } from '@core/piece';
import type { Settings } from '@core/rules';
import { type Rail, railOf, type Turn, type TurnInput, turnsOf, type Ways, waysOf } from '@core/ways';
import { expose } from 'comlink';

export interface WaysAsk {
  readonly pieces: readonly Piece[];
  readonly around: readonly string[];
  readonly bans: readonly string[];
  readonly count: number;
  readonly setting: Omit<Setting, 'occasion'>;
  readonly occasions: readonly Occasion[];
  readonly settings: Settings;
  /** The same for the same pieces, client and rules: rails made before are used again. */
  readonly key: string;
}

let known = { key: '', rails: new Map<string, Rail>() };

/** Looks for ways away from the page; what was judged for one question is remembered for the next. */
const work = {
  /** Makes the rails of a page ready before anybody asks. */
  warm({ pieces, setting, settings, occasions, key }: WaysAsk): void {
    for (const occasion of occasions.length > 0 ? occasions : [undefined])
      railFor(key, pieces, setting, settings, occasion);
  },
  /** The fewest changes that take a look to another occasion. */
  turns: (input: TurnInput): Turn[] => turnsOf(input),
  async ways(ask: WaysAsk, tell: (ways: Ways) => Promise<void>): Promise<Ways> {
    const { pieces, setting, settings, key } = ask;
    const steps = waysOf({
      ...ask,
      rails: (occasion) => railFor(key, pieces, setting, settings, occasion),
    });
    for (;;) {
      const { done, value } = steps.next();
      if (done) return value;
      await tell(value);
    }
  },
};

function railFor(
  key: string,
  pieces: readonly Piece[],
  setting: Omit<Setting, 'occasion'>,
  settings: Settings,
  occasion: Occasion | undefined,
): Rail {
  if (known.key !== key) known = { key, rails: new Map() };
  const name = JSON.stringify(occasion ?? null);
  const rail = known.rails.get(name) ?? railOf(pieces, { ...setting, occasion }, settings);
  known.rails.set(name, rail);
  return rail;
}

export type WaysWork = typeof work;

expose(work);
