import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { name, text, timeZone, version } from '../fields';
import { daySchema } from '../occasion';
import { minorSchema } from '../piece';
import { ROUNDINGS } from '@core/money';
import { CARRIERS } from '@core/parcel';
import { TERMINALS } from '@core/shop';

const days = (most: number) =>
  z
    .number({ error: 'not a number of days' })
    .int('whole days')
    .min(0, 'not below 0')
    .max(most, `at most ${most} days`);
/** Months after a client's last box; null: as long as they are a client. */
const months = z
  .number({ error: 'not a number of months' })
  .int('whole months only')
  .min(1, 'at least 1 month')
  .max(240, 'at most 240 months')
  .nullable();
const basisPoints = z
  .number({ error: 'not a percentage' })
  .int('at most two decimals')
  .min(0, 'not below 0')
  .max(10_000, 'at most 100 %');

/** The shop's own terms: who it is, its clock, tax, fees and days. */
export const saveShopCall = defineCall({
  name: 'save-shop',
  roles: OWNER,
  writes: true,
  input: z.strictObject({
    version,
    shopName: name,
    town: text(80),
    zone: timeZone,
    taxIncluded: z.boolean(),
    taxBp: basisPoints,
    rounding: z.enum(ROUNDINGS),
    styleFeeMinor: minorSchema,
    keepAllBp: basisPoints,
    holdDays: days(60),
    styleDays: days(60),
    packDays: days(30),
    transitDays: days(60),
    tryOnDays: days(90),
    exchangeDays: days(90),
    closedWeekdays: z.array(z.number().int().min(0).max(6)).max(6, 'a shop is open one day a week at least'),
    holidays: z.array(daySchema).max(200, 'at most 200 days'),
    returnPolicy: text(2000),
    /** Days before the day to decide on which a client is reminded; null: never. */
    remindDays: days(30).nullable(),
    terminal: z.enum(TERMINALS),
    carrier: z.enum(CARRIERS),
    address: text(400),
    /** Days within which a kept piece may come back; null: whenever it does. */
    lateReturnDays: days(730).nullable(),
    /** The keep-all rate is given after the day to send back as well. */
    lateKeepAll: z.boolean(),
    damageShareBp: basisPoints,
    lostFeeBack: z.boolean(),
    /** Days after the day to send back from which what nobody answered is kept; null: silence is no answer. */
    silentKeepDays: days(365).nullable(),
    keepMeasuresMonths: months,
    keepPhotosMonths: months,
    keepBoxesMonths: months,
  }),
  answer: answers<{ readonly version: number }>(),
});

/** The shop's own terms, as they are saved. */
export type ShopTerms = Omit<z.output<typeof saveShopCall.input>, 'version'>;
