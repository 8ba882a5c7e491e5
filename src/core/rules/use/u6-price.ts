import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';

const words = wording({
  piece: (_, say) => `${say.the()} ${say.verb('cost')} more than ${say.they('spend')} on one of these.`,
  within: () => 'Within budget.',
  over: () => 'Over budget.',
});
type Said = FoundBy<typeof words>;

/** U6: each new piece within its band, and the new pieces together within the budget of the box. */
export const price = defineRule({
  id: 'U6',
  facet: 'U',
  title: 'Price',
  question: 'Is it within the budget?',
  thresholds: {
    slackPct: { value: 10, unit: '%', says: 'Over by up to this is a note, not a fault.', min: 0, max: 50 },
  },
  mayOverrule: false,
  words,
  find({ pieces, budget }, at) {
    if (!budget) return [];
    const fresh = pieces.filter((worn) => !worn.piece.owned && worn.piece.priceMinor !== undefined);
    if (fresh.length === 0) return [];
    const said: Said[] = [];
    const toneOver = (spent: number, most: number): 'note' | 'fights' =>
      spent * 100 <= most * (100 + at.slackPct) ? 'note' : 'fights';
    for (const { piece } of fresh) {
      const most = budget.pieceMinor?.[piece.category];
      const asked = piece.priceMinor ?? 0;
      if (most !== undefined && asked > most) {
        said.push({
          code: 'piece',
          tone: toneOver(asked, most),
          pieces: [piece.id],
          measured: { value: asked, unit: 'money', most },
        });
      }
    }
    if (budget.boxMinor !== undefined) {
      const sum = fresh.reduce((total, worn) => total + (worn.piece.priceMinor ?? 0), 0);
      const measured = { value: sum, unit: 'money', most: budget.boxMinor } as const;
      const pieces = ids(...fresh);
      said.push(
        sum <= budget.boxMinor
          ? { code: 'within', tone: 'works', pieces, measured }
          : { code: 'over', tone: toneOver(sum, budget.boxMinor), pieces, measured },
      );
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A coat of 380 for a box of 300',
        look: [{ id: 'coat', category: 'coat', priceMinor: 38_000, colours: [{ hex: '#ad8350', share: 1 }] }],
        budget: { boxMinor: 30_000 },
        expect: 'fights',
      },
      {
        title: 'A coat of 280',
        look: [{ id: 'coat', category: 'coat', priceMinor: 28_000, colours: [{ hex: '#ad8350', share: 1 }] }],
        budget: { boxMinor: 30_000 },
        expect: 'works',
      },
    ],
  ],
});
