import type { BoxView } from '@contracts/box/box-view';
import { missedWords, toHold } from '@contracts/plan/box-problem';
import { readAsk } from '@core/reading';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const asking = (lines: readonly { askId: string | null }[], ...texts: readonly string[]) =>
  ({ asks: texts.map((text, at) => ({ id: `ask ${at}`, ask: readAsk(text) })), lines }) as unknown as BoxView;
const trousers = one('trousers', 'trousers', '#1f2a44');
const others = one('others', 'trousers', '#1f2a44');

describe('planned pieces as they are held', () => {
  it('answer an ask once each, and none that the box answers already', () => {
    const view = asking([{ askId: 'ask 0' }], 'trousers', 'trousers');
    expect(toHold(view, [trousers, others])).toEqual([
      { variantId: 'trousers', askId: 'ask 1' },
      { variantId: 'others', askId: null },
    ]);
  });
  it('answer one ask after the other', () => {
    const { 0: first, 1: second } = toHold(asking([], 'trousers', 'trousers'), [trousers, others]);
    expect([first?.askId, second?.askId]).toEqual(['ask 0', 'ask 1']);
  });
  it('answer nothing that they are not', () => {
    expect(toHold(asking([], 'a scarf'), [trousers])).toEqual([{ variantId: 'trousers', askId: null }]);
  });
  it('are named with their sizes when they are gone', () => {
    const gone = (variantId: string, title: string) => ({ variantId, title, size: 'M' });
    expect(missedWords([gone('a', 'Ink trousers'), gone('b', 'Ivory tee')])).toBe(
      'Ink trousers, size M; Ivory tee, size M',
    );
    expect(missedWords([{ ...gone('c', 'Rope belt'), size: 'One size' }])).toBe('Rope belt, one size');
  });
});
