export { kMeans, type Cluster } from './cluster';
export { type Palette, paletteOf } from './palette';
export { labOfBytes, type Picture } from './pixels';
