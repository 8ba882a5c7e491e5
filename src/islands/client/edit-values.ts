import type { StoredProfile } from '@contracts/profile';
import type { ClientView } from '@contracts/client/client-view';
import { BODY_MEASURES, type LengthUnit } from '@core/figure';
import { lengthText, notALength, readLength } from '@core/reading';

import { GOALS, type Zone } from '@core/piece';
import { amountIn, amountOf } from '@ui/amounts';

/** The fields of the client's form, as typed. */
export interface EditValues {
  name: string;
  about: string;
  email: string;
  phone: string;
  address: string;
  budget: string;
  pieceBudget: string;
  notes: string;
  /** As typed. */
  measures: Record<string, string>;
  sizes: string;
  /** Measures that follow from a usual size. */
  estimated: string[];
  allergies: string[];
  nevers: string[];
  avoidFibres: string[];
  avoidMetals: string[];
  cover: Zone[];
  looseOver: Zone[];
  moods: string[];
  goals: string[];
  /** As typed. */
  heelMax: string;
  bagMaxG: number | string;
  openToe: string;
  washableOnly: boolean;
  statement: string | null;
  pattern: string | null;
  edge: number | string;
  hair: string | null;
  pierced: string;
  pronoun: string;
  department: string;
  skinHex: string;
  like: string[];
  avoid: string[];
  never: string[];
  schools: Record<string, string>;
}

const yesNo = (value: boolean | undefined): string => (value === undefined ? '' : value ? 'yes' : 'no');
const fromYesNo = (value: string): boolean | undefined => (value === '' ? undefined : value === 'yes');
const number = (value: number | string): number | undefined => (value === '' ? undefined : Number(value));

export function valuesOf(view: ClientView, unit: LengthUnit): EditValues {
  const { profile } = view;
  return {
    name: view.name,
    about: view.about,
    email: view.email,
    phone: view.phone,
    address: view.address,
    budget: view.boxBudgetMinor === null ? '' : amountIn(view.boxBudgetMinor),
    pieceBudget: Object.entries(view.pieceBudgetMinor)
      .map(([kind, minor]) => `${kind} ${amountIn(minor)}`)
      .join('\n'),
    notes: view.notes,
    measures: measuresIn(view, unit),
    estimated: [...(view.given.estimated ?? [])],
    sizes: Object.entries(view.sizes)
      .map(([kind, size]) => `${kind} ${size}`)
      .join('\n'),
    allergies: [...profile.allergies],
    nevers: [...profile.nevers],
    avoidFibres: [...profile.limits.avoidFibres],
    avoidMetals: [...profile.limits.avoidMetals],
    cover: [...profile.cover],
    looseOver: [...profile.looseOver],
    moods: [...profile.moods],
    goals: [...profile.goals],
    heelMax: heelIn(view, unit),
    bagMaxG: profile.limits.bagMaxG ?? '',
    openToe: yesNo(profile.limits.openToe),
    washableOnly: profile.limits.washableOnly,
    statement: profile.appetite.statement ?? null,
    pattern: profile.appetite.pattern ?? null,
    edge: profile.appetite.edge ?? '',
    hair: profile.hair ?? null,
    pierced: yesNo(profile.pierced),
    pronoun: profile.pronoun ?? '',
    department: profile.department ?? '',
    skinHex: profile.skinHex ?? '',
    like: [...profile.colourCard.like],
    avoid: [...profile.colourCard.avoid],
    never: [...profile.colourCard.never],
    schools: Object.fromEntries(Object.entries(profile.schools ?? {})) as Record<string, string>,
  };
}

export const heelIn = ({ profile: { limits } }: ClientView, unit: LengthUnit): string =>
  limits.heelMaxMm === undefined ? '' : lengthText(limits.heelMaxMm, unit);

/** Fields of lengths that say none, by their place in the form. */
export function lengthFaults({ measures, heelMax }: EditValues, unit: LengthUnit): Record<string, string> {
  const faults: Record<string, string> = {};
  for (const [name, text] of Object.entries(measures)) {
    const ask = { unit, isHeight: name === 'heightMm' };
    if (text.trim() !== '' && readLength(text, ask) === undefined)
      faults[`measures.${name}`] = notALength(ask);
  }
  if (heelMax.trim() !== '' && readLength(heelMax, { unit }) === undefined)
    faults.heelMax = notALength({ unit });
  return faults;
}

export const measuresIn = (view: ClientView, unit: LengthUnit): Record<string, string> =>
  Object.fromEntries(
    BODY_MEASURES.map((name) => {
      const mm = view.given[name];
      return [name, mm === undefined ? '' : lengthText(mm, unit)];
    }),
  );

/** "boots 38" a line each, as a record; the last word is the size. */
export function linesOf(text: string): Record<string, string> {
  return Object.fromEntries(
    text
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean)
      .map((line) => {
        const at = line.lastIndexOf(' ');
        return at < 0 ? [line, ''] : [line.slice(0, at).trim(), line.slice(at + 1)];
      }),
  );
}

/** What the API is sent. A measure that was not touched keeps its millimetres. */
export function inputOf(view: ClientView, values: EditValues, unit: LengthUnit) {
  const { measures: _measures, ...profile } = view.profile;
  const shown = measuresIn(view, unit);
  const measures = Object.fromEntries(
    BODY_MEASURES.flatMap((name) => {
      const value = values.measures[name] ?? '';
      if (value.trim() === '') return [];
      const typed = readLength(value, { unit, isHeight: name === 'heightMm' });
      return [[name, value === shown[name] ? view.given[name] : typed]];
    }),
  );
  const changed = {
    ...profile,
    allergies: values.allergies,
    nevers: values.nevers,
    cover: values.cover,
    looseOver: values.looseOver,
    moods: values.moods,
    goals: values.goals.filter((goal): goal is (typeof GOALS)[number] =>
      (GOALS as readonly string[]).includes(goal),
    ),
    hair: (values.hair ?? undefined) as StoredProfile['hair'],
    pierced: fromYesNo(values.pierced),
    pronoun: (values.pronoun || undefined) as StoredProfile['pronoun'],
    department: (values.department || undefined) as StoredProfile['department'],
    skinHex: values.skinHex || undefined,
    limits: {
      heelMaxMm:
        values.heelMax === heelIn(view, unit)
          ? profile.limits.heelMaxMm
          : readLength(values.heelMax, { unit }),
      bagMaxG: number(values.bagMaxG),
      openToe: fromYesNo(values.openToe),
      avoidFibres: values.avoidFibres,
      avoidMetals: values.avoidMetals,
      washableOnly: values.washableOnly,
    },
    appetite: {
      statement: (values.statement ?? undefined) as StoredProfile['appetite']['statement'],
      pattern: (values.pattern ?? undefined) as StoredProfile['appetite']['pattern'],
      edge: number(values.edge),
    },
    colourCard: { like: values.like, avoid: values.avoid, never: values.never },
    schools: Object.fromEntries(
      Object.entries(values.schools).filter(([, school]) => school !== ''),
    ) as StoredProfile['schools'],
  };
  return {
    id: view.id,
    version: view.version,
    name: values.name,
    about: values.about,
    email: values.email,
    phone: values.phone,
    address: values.address,
    sizes: linesOf(values.sizes),
    measures,
    estimated: BODY_MEASURES.filter((name) => values.estimated.includes(name) && name in measures),
    profile: changed,
    boxBudgetMinor: values.budget === '' ? null : (amountOf(values.budget) ?? null),
    pieceBudgetMinor: Object.fromEntries(
      Object.entries(linesOf(values.pieceBudget)).map(([kind, amount]) => [kind, amountOf(amount) ?? -1]),
    ),
    notes: values.notes,
  };
}
