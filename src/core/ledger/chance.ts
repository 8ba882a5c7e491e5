/** One decided piece, as far as the chance to be kept may know of it: nothing of the person, nothing of the body. */
export interface ChanceCase {
  readonly client: string;
  readonly label: string;
  readonly kind: string;
  /** Family of its first colour. */
  readonly colour: string;
  readonly priceMinor: number;
  /** It answered an ask. */
  readonly asked: boolean;
  /** What the fit said of the size that was sent; absent where nobody looked. */
  readonly fit?: string | undefined;
}
export interface DecidedCase extends ChanceCase {
  readonly kept: boolean;
}

/** What a stylist would name, in the order of the weights. Rates are the shop's own, of what was decided before. */
export const CHANCE_FEATURES = ['client', 'label', 'kind', 'colour', 'dear', 'asked', 'fits'] as const;
export type ChanceFeature = (typeof CHANCE_FEATURES)[number];

/** Decisions before a model is asked at all. */
export const CHANCE_LEAST = 50;
/** Share of the decisions, the oldest, that teach; the rest judge. */
const TAUGHT = 0.7;
/** Decisions a rate needs before half of what it says is believed. */
const BELIEF = 8;
const RIDGE = 4;
const STEPS = 25;

class Rate {
  private kept = 0;
  private sent = 0;
  add(kept: boolean): void {
    this.sent++;
    if (kept) this.kept++;
  }
  /** Shrunk towards the mean of the shop. */
  of(mean: number): number {
    return (this.kept + BELIEF * mean) / (this.sent + BELIEF);
  }
}

/** What the shop has decided so far, from which the features of the next piece come. */
class Memory {
  private readonly all = new Rate();
  private readonly rates = new Map<string, Rate>();
  private readonly prices = new Map<string, { sum: number; count: number }>();

  learn(each: DecidedCase): void {
    this.all.add(each.kept);
    for (const key of keysOf(each)) {
      const rate = this.rates.get(key) ?? new Rate();
      rate.add(each.kept);
      this.rates.set(key, rate);
    }
    const paid = this.prices.get(each.client) ?? { sum: 0, count: 0 };
    this.prices.set(each.client, { sum: paid.sum + Math.log(1 + each.priceMinor), count: paid.count + 1 });
  }

  mean(): number {
    return this.all.of(0.5);
  }

  clientRate(client: string): number {
    return this.rates.get(`client ${client}`)?.of(this.mean()) ?? this.mean();
  }

  /** One value a feature, about −1 to 1; nought where nothing is known. */
  features(each: ChanceCase): number[] {
    const mean = this.mean();
    const rates = keysOf(each).map((key) => 2 * ((this.rates.get(key)?.of(mean) ?? mean) - mean));
    const paid = this.prices.get(each.client);
    const dear = paid ? Math.max(-1, Math.min(1, Math.log(1 + each.priceMinor) - paid.sum / paid.count)) : 0;
    const fits =
      each.fit === undefined ? 0 : each.fit === 'right' ? 0.5 : each.fit.startsWith('too') ? -1 : -0.25;
    return [...rates, dear, each.asked ? 0.5 : -0.5, fits];
  }
}

const keysOf = ({ client, label, kind, colour }: ChanceCase): string[] => [
  `client ${client}`,
  `label ${label}`,
  `kind ${kind}`,
  `colour ${colour}`,
];

/** A bin of the reliability diagram. */
export interface Reliability {
  readonly predicted: number;
  readonly observed: number;
  readonly count: number;
}

export interface ChanceModel {
  /** Decisions it stands on. */
  readonly cases: number;
  readonly judgedOn: number;
  /** Mean squared error of the chance against what happened, on decisions the model had not seen; smaller is better. */
  readonly brier: { readonly model: number; readonly shop: number; readonly client: number };
  /** Better than the shop's mean and than the client's: only then is it used. */
  readonly isBetter: boolean;
  readonly bins: readonly Reliability[];
  readonly weights: Readonly<Record<ChanceFeature, number>>;
  readonly chanceOf: (piece: ChanceCase) => Chance;
}

export interface Chance {
  readonly chance: number;
  /** The three that moved it most, with what each gave or took in log odds. */
  readonly because: readonly { readonly feature: ChanceFeature; readonly by: number }[];
}

const sigmoid = (x: number): number => 1 / (1 + Math.exp(-x));

/**
 * The chance of a piece to be kept, from a shop's own decisions, oldest first: a logistic model of a few features with a
 * ridge, taught on the older decisions and judged on the newer. Every rate a decision is described by comes from those before it.
 * Undefined below `CHANCE_LEAST` decisions. Brier score: G. W. Brier, Monthly Weather Review 78 (1950).
 */
export function chanceModel(cases: readonly DecidedCase[]): ChanceModel | undefined {
  if (cases.length < CHANCE_LEAST) return undefined;
  const memory = new Memory();
  const split = Math.floor(cases.length * TAUGHT);
  const rows: number[][] = [];
  const before: { shop: number; client: number }[] = [];
  for (const each of cases) {
    rows.push(memory.features(each));
    before.push({ shop: memory.mean(), client: memory.clientRate(each.client) });
    memory.learn(each);
  }
  const kept = cases.map((each) => (each.kept ? 1 : 0));
  const trial = fitted(rows.slice(0, split), kept.slice(0, split));
  const judged = cases.slice(split).map((_each, i) => {
    const at = split + i;
    return {
      p: predict(trial, rows[at] ?? []),
      y: kept[at] ?? 0,
      ...(before[at] ?? { shop: 0.5, client: 0.5 }),
    };
  });
  const score = (of: (each: (typeof judged)[number]) => number): number =>
    judged.reduce((sum, each) => sum + (of(each) - each.y) ** 2, 0) / judged.length;
  const brier = {
    model: score(({ p }) => p),
    shop: score(({ shop }) => shop),
    client: score(({ client }) => client),
  };
  const isBetter = brier.model < brier.shop && brier.model < brier.client;
  // What is used afterwards has learned from all of it.
  const whole = fitted(rows, kept);
  return {
    cases: cases.length,
    judgedOn: judged.length,
    brier,
    isBetter,
    bins: binsOf(judged),
    weights: Object.fromEntries(CHANCE_FEATURES.map((feature, i) => [feature, whole[i + 1] ?? 0])) as Record<
      ChanceFeature,
      number
    >,
    chanceOf(piece) {
      const features = memory.features(piece);
      const because = CHANCE_FEATURES.map((feature, i) => ({
        feature,
        by: (whole[i + 1] ?? 0) * (features[i] ?? 0),
      }))
        .filter(({ by }) => Math.abs(by) > 1e-9)
        .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
        .slice(0, 3);
      return { chance: predict(whole, features), because };
    },
  };
}

const predict = (weights: readonly number[], row: readonly number[]): number =>
  sigmoid(row.reduce((sum, value, i) => sum + value * (weights[i + 1] ?? 0), weights[0] ?? 0));

/** Weights by Newton's method with a ridge on all but the first, which is the mean. */
function fitted(rows: readonly (readonly number[])[], kept: readonly number[]): number[] {
  const width = (rows[0]?.length ?? 0) + 1;
  let weights = new Array<number>(width).fill(0);
  for (let step = 0; step < STEPS; step++) {
    const gradient = weights.map((weight, i) => (i === 0 ? 0 : -RIDGE * weight));
    const hessian = weights.map((_w, i) => weights.map((_v, j) => (i === j && i > 0 ? RIDGE : 0)));
    rows.forEach((row, at) => {
      const x = [1, ...row];
      const p = predict(weights, row);
      const slope = p * (1 - p);
      x.forEach((a, i) => {
        gradient[i] = (gradient[i] ?? 0) + a * ((kept[at] ?? 0) - p);
        const line = hessian[i] as number[];
        x.forEach((b, j) => (line[j] = (line[j] ?? 0) + a * b * slope));
      });
    });
    const move = solved(hessian, gradient);
    weights = weights.map((weight, i) => weight + (move[i] ?? 0));
    if (Math.max(...move.map(Math.abs)) < 1e-8) break;
  }
  return weights;
}

/** Solves a small symmetric system by elimination with pivots. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const a = matrix.map((row, i) => [...row, right[i] ?? 0]);
  const n = a.length;
  const at = (i: number, j: number): number => a[i]?.[j] ?? 0;
  for (let i = 0; i < n; i++) {
    let pivot = i;
    for (let k = i + 1; k < n; k++) if (Math.abs(at(k, i)) > Math.abs(at(pivot, i))) pivot = k;
    [a[i], a[pivot]] = [a[pivot] ?? [], a[i] ?? []];
    const by = at(i, i) || 1e-12;
    for (let k = i + 1; k < n; k++) {
      const share = at(k, i) / by;
      const row = a[k] ?? [];
      for (let j = i; j <= n; j++) row[j] = at(k, j) - share * at(i, j);
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = at(i, n);
    for (let j = i + 1; j < n; j++) sum -= at(i, j) * (x[j] ?? 0);
    x[i] = sum / (at(i, i) || 1e-12);
  }
  return x;
}

const BINS = 5;

/** As many decisions in each bin, by the chance that was said. */
function binsOf(judged: readonly { readonly p: number; readonly y: number }[]): Reliability[] {
  const sorted = [...judged].sort((a, b) => a.p - b.p);
  return Array.from({ length: BINS }, (_, i) => {
    const own = sorted.slice(
      Math.floor((i * sorted.length) / BINS),
      Math.floor(((i + 1) * sorted.length) / BINS),
    );
    const mean = (of: (each: (typeof own)[number]) => number): number =>
      own.reduce((sum, each) => sum + of(each), 0) / Math.max(1, own.length);
    return { predicted: mean(({ p }) => p), observed: mean(({ y }) => y), count: own.length };
  }).filter(({ count }) => count > 0);
}

const NAMES: Readonly<Record<ChanceFeature, { readonly more: string; readonly less: string }>> = {
  client: { more: 'keeps much of what is sent', less: 'keeps little of what is sent' },
  label: { more: 'a label that is kept', less: 'a label that comes back' },
  kind: { more: 'a kind that is kept', less: 'a kind that comes back' },
  colour: { more: 'a colour that is kept', less: 'a colour that comes back' },
  dear: { more: 'a good price for this client', less: 'dear for this client' },
  asked: { more: 'asked for', less: 'not asked for' },
  fits: { more: 'right in the size', less: 'close or roomy in the size' },
};

/** A reason in words, for or against. */
export const chanceWords = ({ feature, by }: Chance['because'][number]): string =>
  NAMES[feature][by >= 0 ? 'more' : 'less'];

const FEATURE_WORDS: Readonly<Record<ChanceFeature, string>> = {
  client: 'How much the client keeps',
  label: 'How much of the label is kept',
  kind: 'How much of the kind is kept',
  colour: 'How much of the colour is kept',
  dear: 'Dearer than what the client is sent',
  asked: 'It was asked for',
  fits: 'How it fits',
};
export const featureWords = (feature: ChanceFeature): string => FEATURE_WORDS[feature];
