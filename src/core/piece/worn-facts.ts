import type { Worn } from './resolve';

type Kind = Pick<Worn, 'facts'>;

/** Trousers of any kind to the shoe: long legs, or close ones, hung from the waist. */
export const isTrousered = ({ facts }: Kind): boolean =>
  facts.shape === 'lower' && (facts.legs === 'long' || facts.legs === 'close');

/** Boots: they have a shaft. */
export const isBoot = ({ facts }: Kind): boolean => facts.boot !== undefined;

/** Leggings, and what is as close. */
export const isClose = ({ facts }: Kind): boolean => facts.legs === 'close';

/** Put into the waistband, all of it or the front. */
export const isTucked = ({ effects }: Pick<Worn, 'effects'>): boolean =>
  effects.tuck !== undefined && effects.tuck !== 'out';
