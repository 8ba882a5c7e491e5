export { type Drawing, type Item, type Sketch } from './display';
export { sketchOf } from './garment';
export { CELL_MM, fillPath, GRID, type Grid } from './raster';
export { svgOf } from './svg';
export { type Areas, areasOf, figureDrawing, flatOf, type Layer, layersOf } from './worn';
export { type Specimen, type SpecimenGroup, SPECIMENS, wayLooks } from './specimens';
