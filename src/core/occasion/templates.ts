import { addDays } from '../schedule/due';
import { BLANK_OCCASION, type Occasion } from './occasion';

/** A usual occasion to start from; the date and the place are the client's. Common practice, no source. */
export interface OccasionTemplate {
  readonly name: string;
  readonly occasion: Omit<Occasion, 'date'>;
}

export const OCCASION_TEMPLATES: readonly OccasionTemplate[] = [
  {
    name: 'Interview',
    occasion: {
      ...BLANK_OCCASION,
      title: 'Interview',
      formality: [5.5, 7.5],
      time: 'day',
      indoorC: 21,
      activityMet: 1,
      hoursOnFeet: 1,
      carry: ['papers'],
      seenBy: ['the panel'],
    },
  },
  {
    name: 'Guest at a wedding',
    // Nobody outshines the couple: white and its neighbours are theirs.
    occasion: {
      ...BLANK_OCCASION,
      title: 'Wedding, as a guest',
      formality: [6.5, 9],
      time: 'day',
      indoorC: 21,
      activityMet: 1.4,
      hoursOnFeet: 5,
      surfaces: ['grass'],
      bans: ['white', 'ivory', 'cream'],
      seenBy: ['friends', 'family'],
    },
  },
  {
    name: 'Funeral',
    occasion: {
      ...BLANK_OCCASION,
      title: 'Funeral',
      formality: [5.5, 8],
      time: 'day',
      indoorC: 18,
      activityMet: 1.2,
      hoursOnFeet: 2,
      bans: ['red', 'sequin'],
      seenBy: ['family'],
    },
  },
  {
    name: 'Performance',
    occasion: {
      ...BLANK_OCCASION,
      title: 'Performance',
      formality: [6, 9],
      time: 'evening',
      indoorC: 23,
      activityMet: 1.6,
      hoursOnFeet: 3,
      musts: ['all-black'],
      seenBy: ['an audience'],
    },
  },
  {
    name: 'Travel',
    occasion: {
      ...BLANK_OCCASION,
      title: 'Travel',
      formality: [2, 5],
      time: 'day',
      indoorC: 21,
      outdoorC: 14,
      activityMet: 1.6,
      hoursOnFeet: 3,
      carry: ['passport', 'water', 'book'],
    },
  },
  {
    name: 'School day',
    occasion: {
      ...BLANK_OCCASION,
      title: 'School day',
      formality: [2, 5],
      time: 'day',
      indoorC: 21,
      activityMet: 1.6,
      hoursOnFeet: 5,
      carry: ['laptop'],
      seenBy: ['pupils', 'parents'],
    },
  },
  {
    name: 'Office day',
    occasion: {
      ...BLANK_OCCASION,
      title: 'Office day',
      formality: [4, 6.5],
      time: 'day',
      indoorC: 22,
      activityMet: 1.1,
      hoursOnFeet: 2,
      carry: ['laptop'],
      seenBy: ['colleagues'],
    },
  },
  {
    name: 'Dinner out',
    occasion: {
      ...BLANK_OCCASION,
      title: 'Dinner out',
      formality: [4.5, 7.5],
      time: 'evening',
      indoorC: 22,
      outdoorC: 10,
      activityMet: 1.1,
      hoursOnFeet: 1,
      seenBy: ['friends'],
    },
  },
  {
    name: 'Weekend outdoors',
    occasion: {
      ...BLANK_OCCASION,
      title: 'Weekend outdoors',
      formality: [0, 4],
      time: 'day',
      outdoorC: 12,
      windMs: 4,
      activityMet: 2,
      hoursOnFeet: 4,
      surfaces: ['grass', 'wet'],
    },
  },
];

/** Days of a repeating occasion: the first and its next `times` repeats, `everyDays` apart. */
export const repeatDays = (first: string, everyDays: number, times: number): string[] =>
  Array.from({ length: times + 1 }, (_, i) => addDays(first, i * everyDays));
