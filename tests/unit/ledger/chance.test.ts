import { CHANCE_LEAST, chanceModel, chanceWords, type DecidedCase } from '@core/ledger';
import { describe, expect, it } from 'vitest';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

/** Decisions of a shop in which a label is kept by its own chance, and dear pieces come back more often. */
function shopOf(
  count: number,
  chanceOf: (each: Omit<DecidedCase, 'kept'>) => number,
  seed = 1,
): DecidedCase[] {
  const random = stream(seed);
  return Array.from({ length: count }, () => {
    const each = {
      client: `c${Math.floor(random() * 12)}`,
      label: `l${Math.floor(random() * 4)}`,
      kind: `k${Math.floor(random() * 5)}`,
      colour: 'navy',
      priceMinor: 2000 + Math.floor(random() * 20_000),
      asked: random() < 0.5,
    };
    return { ...each, kept: random() < chanceOf(each) };
  });
}
const byLabel = ({ label, asked }: Omit<DecidedCase, 'kept'>): number =>
  (label === 'l0' ? 0.15 : label === 'l1' ? 0.85 : 0.5) + (asked ? 0.1 : -0.1);

describe('the chance to be kept', () => {
  it('is asked only from fifty decisions on', () => {
    expect(chanceModel(shopOf(CHANCE_LEAST - 1, byLabel))).toBeUndefined();
    expect(chanceModel(shopOf(CHANCE_LEAST, byLabel))).toBeDefined();
  });

  it('finds what decides, is better than both means on what it has not seen, and says why', () => {
    const model = sure(chanceModel(shopOf(1500, byLabel)));
    expect(model.isBetter).toBe(true);
    expect(model.brier.model).toBeLessThan(model.brier.shop);
    expect(model.weights.label).toBeGreaterThan(model.weights.kind);
    const of = (label: string) =>
      model.chanceOf({ client: 'c1', label, kind: 'k1', colour: 'navy', priceMinor: 9000, asked: true });
    expect(of('l1').chance - of('l0').chance).toBeGreaterThan(0.4);
    expect(chanceWords(sure(of('l0').because[0]))).toBe('a label that comes back');
    expect(of('l0').because.length).toBeLessThanOrEqual(3);
    // Calibrated: what is said of the best and the worst fifth is about what happened.
    for (const { predicted, observed } of model.bins)
      expect(Math.abs(predicted - observed)).toBeLessThan(0.15);
  });

  it('is seldom taken for better where nothing decides, and never says much then', () => {
    const models = Array.from({ length: 12 }, (_, seed) =>
      sure(chanceModel(shopOf(400, () => 0.5, seed + 1))),
    );
    expect(models.filter(({ isBetter }) => isBetter).length).toBeLessThanOrEqual(6);
    for (const { brier } of models) expect(Math.abs(brier.model - brier.shop)).toBeLessThan(0.02);
  });

  it('describes a decision by those before it alone: what comes after changes nothing of its judgement', () => {
    const all = shopOf(300, byLabel);
    const flipped = all.map((each, i) => (i === all.length - 1 ? { ...each, kept: !each.kept } : each));
    const [one, other] = [sure(chanceModel(all)), sure(chanceModel(flipped))];
    // Only the last decision's own error differs.
    expect(Math.abs(one.brier.model - other.brier.model) * one.judgedOn).toBeLessThanOrEqual(1);
    expect(one.bins.map(({ predicted }) => predicted)).toEqual(other.bins.map(({ predicted }) => predicted));
  });

  it('agrees with a slope that is known: the logit of a feature that alone decides', () => {
    // Two by two of asked and kept, 60 and 40 of 100 each way: log odds 0.405, −0.405; asked is ±0.5, so the slope is 0.81 less the ridge.
    const cases = Array.from({ length: 200 }, (_, i): DecidedCase => {
      const asked = i % 2 === 0;
      const turn = Math.floor(i / 2) % 5;
      return {
        client: 'c',
        label: '',
        kind: '',
        colour: '',
        priceMinor: 100,
        asked,
        kept: asked ? turn < 3 : turn < 2,
      };
    });
    const { weights } = sure(chanceModel(cases));
    expect(weights.asked).toBeGreaterThan(0.5);
    expect(weights.asked).toBeLessThan(0.82);
  });
});
