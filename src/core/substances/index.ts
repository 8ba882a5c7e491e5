export { compositionOf, isInSigns, type Share } from './composition';
export { type Content, contentOf, fibresIn } from './content';
export { meets, type Says, substancesIn } from './read';
export { type Substance } from './table';
export { allergenOf, allergensOf, isKnownAllergen } from './spelt';
