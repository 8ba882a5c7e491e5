export { backSketchOf } from './behind';
export { type Drawing, type Item, type Sketch } from './display';
export { sketchOf } from './garment';
export { PoolAreas } from './pool-areas';
export { type Bits, countBits, emptyBits, fillPath, type Grid } from './raster';
export { isTaught, stepsOf, type TaughtStep } from './teach';
export { svgItems, svgOf } from './svg';
export { type Areas, areasOf, figureDrawing, flatOf, type Layer, layersOf, type Side } from './worn';
export { type Specimen, type SpecimenGroup, SPECIMENS, wayLooks } from './specimens';
