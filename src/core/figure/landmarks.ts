import { memo } from '../memo';
import { type Body, HEIGHT_RATIO } from './body';

/** Heights above the floor in mm, barefoot. */
export interface Landmarks {
  readonly crown: number;
  readonly chin: number;
  /** High point of shoulder: where the shoulder seam meets the neck. */
  readonly shoulderPoint: number;
  readonly shoulderTip: number;
  readonly underarm: number;
  readonly bust: number;
  readonly waist: number;
  readonly highHip: number;
  readonly hip: number;
  readonly crotch: number;
  readonly fingertip: number;
  readonly wrist: number;
  readonly elbow: number;
  readonly knee: number;
  readonly calf: number;
  readonly ankle: number;
}

/** Heights of the landmarks of a body: from measures where given, else by ratio of height. */
export const landmarksOf = memo(landmarksFrom);

function landmarksFrom(body: Body): Landmarks {
  const h = body.heightMm;
  const { waistHeight: waist, insideLegLength: crotch } = body;
  const shoulderPoint =
    body.origins.backWaistLength === 'given' ? waist + body.backWaistLength : h * HEIGHT_RATIO.shoulderPoint;
  const shoulderTip = shoulderPoint - h * 0.027;
  // Shares between measured points, set against the body sets of tests/oracle/models.test.ts.
  const bust = waist + (shoulderPoint - waist) * 0.36;
  // A leg longer or shorter than usual moves the knee by half of the difference.
  const leg = 0.5 + (0.5 * crotch) / (h * HEIGHT_RATIO.crotch);
  const hip = crotch + (waist - crotch) * 0.2;
  return {
    crown: h,
    chin: h * HEIGHT_RATIO.chin,
    shoulderPoint,
    shoulderTip,
    underarm: waist + (shoulderPoint - waist) * 0.44,
    bust,
    waist,
    highHip: (waist + hip) / 2,
    hip,
    crotch,
    fingertip: shoulderTip - body.armLength * 1.31,
    wrist: shoulderTip - body.armLength,
    elbow: shoulderTip - body.armLength * 0.56,
    knee: h * HEIGHT_RATIO.knee * leg,
    calf: h * HEIGHT_RATIO.calf * leg,
    ankle: h * HEIGHT_RATIO.ankle,
  };
}

export type HemLandmark =
  | 'waist'
  | 'high hip'
  | 'hip'
  | 'mid-thigh'
  | 'above knee'
  | 'knee'
  | 'below knee'
  | 'mid-calf'
  | 'low calf'
  | 'ankle'
  | 'floor';

/** The landmark a hem at `height` mm above the floor (barefoot) falls at, by the nearest one. */
export function landmarkAt(height: number, marks: Landmarks): HemLandmark {
  const steps: readonly (readonly [HemLandmark, number])[] = [
    ['waist', marks.waist],
    ['high hip', marks.highHip],
    ['hip', marks.hip],
    ['mid-thigh', (marks.crotch + marks.knee) / 2],
    ['above knee', marks.knee + 70],
    ['knee', marks.knee],
    ['below knee', marks.knee - 70],
    ['mid-calf', marks.calf],
    ['low calf', (marks.calf + marks.ankle) / 2],
    ['ankle', marks.ankle + 20],
    ['floor', 10],
  ];
  const nearest = steps.reduce((best, step) =>
    Math.abs(step[1] - height) < Math.abs(best[1] - height) ? step : best,
  );
  return nearest[0];
}
