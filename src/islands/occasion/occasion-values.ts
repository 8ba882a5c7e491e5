import type { Stage } from '@core/look';
import type { Occasion } from '@core/occasion';

/** A stage as it is typed: what differs in it. */
interface StageValues {
  title: string;
  outdoorC: number | string;
  formality: [number, number] | null;
  surfaces: string[];
}

/** An occasion as it is typed. */
export interface Values {
  title: string;
  date: string;
  place: string;
  time: string;
  formality: [number, number];
  indoorC: number | string;
  outdoorC: number | string;
  humidityPct: number | string;
  windMs: number | string;
  activityMet: string;
  hoursOnFeet: number | string;
  surfaces: string[];
  carry: string[];
  bans: string[];
  musts: string[];
  seenBy: string[];
  stages: StageValues[];
  everyDays: string;
  times: number | string;
}

export const valuesOf = (occasion: Partial<Occasion>, stages: readonly Stage[]): Values => ({
  title: occasion.title ?? '',
  date: occasion.date ?? '',
  place: occasion.place ?? '',
  time: occasion.time ?? 'day',
  formality: [...(occasion.formality ?? [4, 7])] as [number, number],
  indoorC: occasion.indoorC ?? '',
  outdoorC: occasion.outdoorC ?? '',
  humidityPct: occasion.humidityPct ?? 50,
  windMs: occasion.windMs ?? '',
  activityMet: occasion.activityMet === undefined ? '' : String(occasion.activityMet),
  hoursOnFeet: occasion.hoursOnFeet ?? '',
  surfaces: [...(occasion.surfaces ?? [])],
  carry: [...(occasion.carry ?? [])],
  bans: [...(occasion.bans ?? [])],
  musts: [...(occasion.musts ?? [])],
  seenBy: [...(occasion.seenBy ?? [])],
  stages: stages.map(({ title, changes }) => ({
    title,
    outdoorC: changes.outdoorC ?? '',
    formality: changes.formality ? ([...changes.formality] as [number, number]) : null,
    surfaces: [...(changes.surfaces ?? [])],
  })),
  everyDays: '',
  times: 3,
});

const number = (value: number | string): number | undefined => (value === '' ? undefined : Number(value));

/** What the API is sent. */
export function inputOf(values: Values) {
  return {
    occasion: {
      title: values.title,
      date: values.date,
      place: values.place || undefined,
      time: values.time as 'day' | 'evening',
      formality: values.formality,
      indoorC: number(values.indoorC),
      outdoorC: number(values.outdoorC),
      humidityPct: number(values.humidityPct) ?? 50,
      windMs: number(values.windMs),
      activityMet: number(values.activityMet),
      hoursOnFeet: number(values.hoursOnFeet),
      surfaces: values.surfaces as Occasion['surfaces'],
      carry: values.carry,
      bans: values.bans,
      musts: values.musts,
      seenBy: values.seenBy,
    },
    stages: values.stages
      .filter(({ title }) => title.trim() !== '')
      .map(({ title, outdoorC, formality, surfaces }) => ({
        title,
        changes: {
          ...(outdoorC === '' ? {} : { outdoorC: Number(outdoorC) }),
          ...(formality ? { formality } : {}),
          ...(surfaces.length > 0 ? { surfaces: surfaces as Occasion['surfaces'] } : {}),
        },
      })),
    repeat:
      values.everyDays === ''
        ? undefined
        : { everyDays: Number(values.everyDays), times: Number(values.times) },
  };
}
