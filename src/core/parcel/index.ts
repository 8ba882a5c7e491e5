export {
  type Carrier,
  CARRIERS,
  isPlayedNumber,
  parcelNumber,
  type ParcelState,
  parcelStands,
} from './carrier';
export { type Carton, CARTONS, cartonWords, type ParcelSize, parcelSize } from './carton';
export { type BoxDate, boxDates } from './dates';
export { type Enclosed, type Enclosure, ENCLOSURES, enclosuresOf } from './enclosures';
