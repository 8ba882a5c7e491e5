export { BODY_MEASURES, type Body, type BodyMeasure, type BodyMeasures, bodyOf, HEIGHT_RATIO } from './body';
export { coverOn } from './cover';
export { type Frame, frameOf, type Level } from './frame';
export { type Hem, hangHeight, hemHeight, hemsOf, liftOf } from './hems';
export { type HemLandmark, landmarkAt, type Landmarks, landmarksOf } from './landmarks';
export { coverOf, HAIR, type Hair, hairBehind, hairOf, type HairShape } from './hair';
export { armHalf, type FigureOutline, onArm, outlineOf } from './outline';
export { guideOf, type MeasureGuide, zonePath } from './guide';
export { girthsOfSize, heightDoubt, type LengthUnit, shownLength, typedLength, USUAL_SIZES } from './units';
