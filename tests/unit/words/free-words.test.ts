import { NOBODY } from '@core/client';
import { judge } from '@core/look';
import { hasWord, isSameWord } from '@core/words';
import { describe, expect, it } from 'vitest';
import { anOccasion, toneOf } from '../../support/judging';
import { one } from '../../support/pieces';

describe('words that people type freely', () => {
  it.each([
    ['calm', 'Calm', true],
    [' calm ', 'CALM', true],
    ['the panel', 'The panel', true],
    ['Élan', 'élan', true],
    ['calm', 'calmer', false],
    ['', 'calm', false],
    ['', '', true],
  ])('“%s” and “%s”', (a, b, same) => {
    expect([isSameWord(a, b), isSameWord(b, a)]).toEqual([same, same]);
    expect(hasWord([b, 'other'], a)).toBe(same);
    expect(hasWord([], a)).toBe(false);
  });

  it('meet a mood of a piece, for and against, however either was typed', () => {
    const look = (mood: string) => [
      one('top', 'shirt', '#fbfbf9', { moods: [mood] }),
      one('bottom', 'trousers', '#1f2a44', { moods: [mood] }),
      one('shoes', 'loafer', '#3b2a22'),
    ];
    const said = (mood: string, asked: string) =>
      judge(look(mood), { client: { ...NOBODY, moods: [asked] } })
        .findings.filter(({ rule }) => rule === 'F9')
        .map(({ code }) => code);
    for (const asked of ['calm', 'Calm', ' CALM']) {
      expect([asked, said('calm', asked)]).toEqual([asked, ['mood']]);
      expect([asked, said('Playful', asked)]).toEqual([asked, ['away']]);
    }
  });

  it.each([
    'Bike to work',
    'by bicycle',
    'cycling tour',
    'an evening by the Bonfire',
    'Workshop day',
    'scooter',
  ])('tell of wheels and fire what hangs down: %s', (title) => {
    const look = [
      one('wide', 'trousers', '#1f2a44', { cut: { leg: 'wide' } }),
      one('scarf', 'scarf', '#b3222e', { measures: { lengthFlat: 1900 } }),
      one('top', 'tee', '#fbfbf9'),
    ];
    expect(toneOf('K6', look, { occasion: anOccasion({ title }) })).toBe('note');
  });
  it.each(['Fireworks on the quay', 'firefly walk', 'supper in town'])('and not: %s', (title) => {
    const look = [one('wide', 'trousers', '#1f2a44', { cut: { leg: 'wide' } }), one('top', 'tee', '#fbfbf9')];
    const found = toneOf('K6', look, { occasion: anOccasion({ title }) });
    expect(found).toBe('silent');
  });
});
