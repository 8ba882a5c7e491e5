export { BODY_MEASURES, type Body, type BodyMeasure, type BodyMeasures, bodyOf, HEIGHT_RATIO } from './body';
export { coverOn } from './cover';
export { type Frame, frameOf, type Level } from './frame';
export { type Hem, hangHeight, hemHeight, hemsOf, liftOf } from './hems';
export { type HemLandmark, landmarkAt, type Landmarks, landmarksOf } from './landmarks';
export { type FigureOutline, outlineOf } from './outline';
