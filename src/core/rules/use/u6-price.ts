import { defineRule } from '../define';
import { COMMON_PRACTICE, type Said, USUAL_WEIGHT } from '../rule';

/** U6: each new piece within its band, and the new pieces together within the budget of the box. */
export const price = defineRule({
  id: 'U6',
  facet: 'U',
  title: 'Price',
  question: 'Is it within the budget?',
  thresholds: {
    slackPct: { value: 10, unit: '%', says: 'Over by up to this is a note, not a fault.', min: 0, max: 50 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: false,
  source: COMMON_PRACTICE,
  evaluate({ pieces, budget }, at) {
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
          tone: toneOver(asked, most),
          pieces: [piece.id],
          text: `${piece.title} costs more than this client spends on one.`,
          measured: `${units(asked)}; up to ${units(most)}`,
        });
      }
    }
    if (budget.boxMinor !== undefined) {
      const sum = fresh.reduce((total, worn) => total + (worn.piece.priceMinor ?? 0), 0);
      const measured = `${units(sum)} of ${units(budget.boxMinor)}`;
      const ids = fresh.map((worn) => worn.piece.id);
      said.push(
        sum <= budget.boxMinor
          ? { tone: 'works', pieces: ids, text: 'Within the budget.', measured }
          : { tone: toneOver(sum, budget.boxMinor), pieces: ids, text: 'Over the budget.', measured },
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

const units = (minor: number): string => (minor / 100).toFixed(2);
