import { memo } from '../memo';
import type { Origin } from '../piece';

/** Body measures by their ISO 8559-1 names; lengths and full girths in mm. */
export const BODY_MEASURES = [
  'heightMm',
  'bust',
  'waist',
  'hip',
  'shoulderWidth',
  'backWaistLength',
  'armLength',
  'insideLegLength',
  'waistHeight',
  'footLength',
  'headGirth',
  'upperArm',
  'thigh',
  'calf',
  'neck',
  'handGirth',
  'wristGirth',
  'fingerMm',
] as const;
export type BodyMeasure = (typeof BODY_MEASURES)[number];
export type BodyMeasures = { readonly [name in BodyMeasure]?: number | undefined } & {
  /** Those that were not taken but follow from a usual size. */
  readonly estimated?: readonly BodyMeasure[] | undefined;
};

/** Every body measure, given or estimated, with where it came from. */
export type Body = { readonly [name in BodyMeasure]: number } & {
  readonly origins: { readonly [name in BodyMeasure]: Origin };
};

const USUAL_HEIGHT = 1680;

/**
 * Segment ratios of standing height. Drillis & Contini, "Body segment parameters" (1966), as drawn in
 * Winter, "Biomechanics and motor control of human movement"; shoulder point, waist, bust and crotch,
 * which they do not give, are the trade's eight-heads drawing (common practice).
 */
export const HEIGHT_RATIO = {
  chin: 0.87,
  shoulderPoint: 0.852,
  shoulder: 0.818,
  bust: 0.72,
  waist: 0.624,
  hip: 0.515,
  crotch: 0.467,
  fingertip: 0.377,
  knee: 0.285,
  calf: 0.2,
  ankle: 0.039,
} as const;

/**
 * Fills what was not measured. Lengths follow height by segment ratios; girths follow the one girth
 * that is known (else height) along the steps of a usual size table (common practice, from memory).
 * Nothing here is a verdict: a filled measure is marked `estimated` and the screens say so.
 */
export const bodyOf = memo(bodyFrom);

function bodyFrom(given: BodyMeasures): Body {
  const height =
    given.heightMm ??
    (given.waistHeight && given.waistHeight / HEIGHT_RATIO.waist) ??
    (given.insideLegLength && given.insideLegLength / HEIGHT_RATIO.crotch) ??
    USUAL_HEIGHT;
  const known =
    given.bust ?? (given.waist && given.waist + 190) ?? (given.hip && given.hip - 70) ?? height * 0.55;
  const bust = given.bust ?? known;
  const waist = given.waist ?? bust - 190;
  const hip = given.hip ?? bust + 70;
  const insideLegLength = given.insideLegLength ?? height * HEIGHT_RATIO.crotch;
  const estimate: { readonly [name in BodyMeasure]: number } = {
    heightMm: height,
    bust,
    waist,
    hip,
    shoulderWidth: 400 + (height - USUAL_HEIGHT) * 0.2 + (bust - 920) * 0.08,
    backWaistLength: height * 0.245,
    armLength: height * 0.345,
    insideLegLength,
    waistHeight: given.insideLegLength
      ? insideLegLength + height * (HEIGHT_RATIO.waist - HEIGHT_RATIO.crotch)
      : height * HEIGHT_RATIO.waist,
    footLength: height * 0.152,
    headGirth: 560 + (height - USUAL_HEIGHT) * 0.06,
    upperArm: 290 + (bust - 920) * 0.3,
    thigh: 570 + (hip - 990) * 0.6,
    calf: 365 + (hip - 990) * 0.25,
    neck: 345 + (bust - 900) * 0.35,
    handGirth: height * 0.107,
    wristGirth: height * 0.096,
    fingerMm: 54,
  };
  const origins = Object.fromEntries(
    BODY_MEASURES.map((name) => [
      name,
      given[name] === undefined || given.estimated?.includes(name) ? 'estimated' : 'given',
    ]),
  ) as { [name in BodyMeasure]: Origin };
  const filled = Object.fromEntries(BODY_MEASURES.map((name) => [name, given[name] ?? estimate[name]]));
  return { ...(filled as { [name in BodyMeasure]: number }), origins };
}
