export * from './words';
export * from './piece';
export { CATEGORY, EXCLUSIVE, type CategoryFacts, type HangPoint, type Shape } from './categories';
export { textureFamily, thicknessMm, type TextureFamily, needsNoIron } from './fabric';
export { modeOf, modesOf } from './modes';
export { isMicro, measure, usualSleeve, wear, type Worn } from './resolve';
export { type GivenPiece, pieceFrom } from './complete';
export { completeness } from './completeness';
