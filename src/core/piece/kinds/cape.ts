import { defineKind, TORSO } from './kind';

export const cape = defineKind({
  label: 'Cape',
  noun: 'cape',
  slot: 'layer',
  order: 54,
  hang: 'shoulder',
  shape: 'drape',
  covers: [...TORSO, 'upper-arms'],
  part: 'layer',
  clo: 0.3,
  measures: { length: 760, hemWidth: 2400, shoulder: 420 },
  outer: true,
  armless: true,
  drawn: { as: 'cape' },
});
