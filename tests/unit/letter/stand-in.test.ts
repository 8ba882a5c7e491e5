import { NOBODY } from '@core/client';
import { insteadLine, type StandIn, standInsOf } from '@core/letter';
import { judge } from '@core/look';
import type { Piece } from '@core/piece';
import { speaker } from '@core/say';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';

const client = { ...NOBODY, measures: { heightMm: 1700 } };
const blazer = one('blazer', 'blazer', '#22543d', { formality: 7 });
const blouse = one('blouse', 'blouse', '#f4f1ea', { formality: 6 });
const trousers = one('trousers', 'trousers', '#20263d', {
  owned: true,
  formality: 6,
  measures: { inseam: 790 },
});
const shoes = one('shoes', 'loafer', '#3b2a22', { owned: true, formality: 6 });
const look = [blazer, blouse, trousers, shoes];

const found = (pieces: readonly Piece[], more: object = {}) => {
  const setting = { client, ...more };
  return standInsOf({ pieces, setting, verdict: judge(pieces, setting) });
};

describe('what can stand in for a piece of the client’s own', () => {
  it('speaks of each owned piece and of no other', () => {
    expect(found(look).map(({ ref }) => ref)).toEqual(['trousers', 'shoes']);
    expect(found([blazer, blouse])).toEqual([]);
  });
  it('says no neighbour does as well that the judge scores worse (held against the judge itself)', () => {
    const setting = { client, occasion: anOccasion({ title: 'a funeral', formality: [6, 8] }) };
    const before = judge(look, setting);
    const dark = ['#1c1c1f', '#20263d', '#3b2a22', '#3a3b40'];
    for (const { ref, colour } of standInsOf({ pieces: look, setting, verdict: before })) {
      if (colour === 'none' || colour === 'light') continue;
      for (const hex of dark) {
        const other = judge(
          look.map((piece) =>
            piece.id === ref
              ? {
                  ...piece,
                  colours: [{ hex, share: 1 }],
                  pattern: { ...piece.pattern, kind: 'solid' as const },
                }
              : piece,
          ),
          setting,
        );
        expect(other.score.score, `${ref} in ${hex}`).toBeGreaterThanOrEqual(before.score.score - 3);
      }
    }
  });
  it('names the hems that would break the look', () => {
    const [own] = found(look, { client: { ...client, cover: ['ankles'] } });
    expect(own?.not).toContain('cropped');
    expect(own?.not).not.toContain('full-length');
  });
  it('says one heel where only one does: a limit of hers', () => {
    const flat = { client: { ...client, limits: { ...NOBODY.limits, heelMaxMm: 20 } } };
    const low = { ...shoes, measures: { ...shoes.measures, heel: 10 } };
    const own = found([blazer, blouse, trousers, low], flat).find(({ ref }) => ref === 'shoes');
    expect(own?.heel).toBe('flat');
  });
});

describe('its sentence', () => {
  const by = speaker([trousers, shoes], { pronoun: 'you', owned: 'your' });
  const of = (piece: Piece, colour: StandIn['colour'], more: Partial<StandIn> = {}): StandIn => ({
    ref: piece.id,
    category: piece.category,
    colour,
    not: [],
    ...more,
  });
  it('joins two, says what does not do, and what to keep to', () => {
    expect(
      insteadLine(
        [of(trousers, 'dark', { not: ['cropped', 'wide'] }), of(shoes, 'any', { heel: 'flat' })],
        by,
      ),
    ).toBe(
      `Any dark trousers can stand in for ${by.called('trousers')}, as long as they aren’t cropped or wide; any flat loafers for ${by.called('shoes')}.`,
    );
    expect(insteadLine([of(trousers, 'quiet'), of(shoes, 'none')], by)).toBe(
      `Any plain trousers can stand in for ${by.called('trousers')}. Keep to ${by.called('shoes')}: the colour matters.`,
    );
  });
  it('says nothing where nothing can', () => {
    expect(insteadLine([], by)).toBe('');
    expect(insteadLine([of(trousers, 'none')], by)).toBe('');
  });
});
