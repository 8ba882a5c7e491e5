export { eanCheckDigit, isEan13, shopEan } from './ean';
export { type Cause, CAUSES, type Place, PLACES, ROUTE } from './places';
