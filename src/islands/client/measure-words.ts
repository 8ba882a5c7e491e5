/** The words a stylist uses for body measures. */
export const MEASURE_WORDS: Readonly<Record<string, string>> = {
  heightMm: 'Height',
  bust: 'Bust or chest',
  waist: 'Waist',
  hip: 'Hip',
  shoulderWidth: 'Shoulders',
  backWaistLength: 'Back to waist',
  armLength: 'Arm',
  insideLegLength: 'Inside leg',
  waistHeight: 'Waist from floor',
  footLength: 'Foot',
  headGirth: 'Head',
  upperArm: 'Upper arm',
  thigh: 'Thigh',
  calf: 'Calf',
};
