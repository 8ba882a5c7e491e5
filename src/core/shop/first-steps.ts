import type { Role } from './roles';

/** What a shop begins with, in the order somebody does it for the first time. */
const FIRST_STEPS = ['terms', 'people', 'places', 'garments', 'client', 'box'] as const;
export type FirstStepId = (typeof FIRST_STEPS)[number];

/** Which of it is there. */
export type Begun = Readonly<Record<FirstStepId, boolean>>;

export interface FirstStep {
  readonly id: FirstStepId;
  readonly done: boolean;
  /** A shop goes without it for now. */
  readonly mayWait: boolean;
  /** Where it is done. */
  readonly href: string;
}

const HREF: Readonly<Record<FirstStepId, string>> = {
  terms: '/shop#terms',
  people: '/shop#people',
  places: '/shop#places',
  garments: '/stockroom',
  client: '/clients',
  box: '/clients',
};
/** One person, and the two places a shop is opened with, are enough to begin. */
const MAY_WAIT: readonly FirstStepId[] = ['people', 'places'];
const OWNERS: readonly FirstStepId[] = ['terms', 'people', 'places'];

/** What is still to be done before a shop’s first box, for whoever looks; empty once all that cannot wait is there. */
export function firstSteps(begun: Begun, role: Role): FirstStep[] {
  const own = FIRST_STEPS.filter((id) =>
    role === 'owner' ? true : role === 'stylist' && !OWNERS.includes(id),
  );
  const isBegun = own.every((id) => begun[id] || MAY_WAIT.includes(id));
  return isBegun
    ? []
    : own.map((id) => ({ id, done: begun[id], mayWait: MAY_WAIT.includes(id), href: HREF[id] }));
}

export const FIRST_STEP_WORDS: Readonly<Record<FirstStepId, readonly [title: string, why: string]>> = {
  terms: [
    'Look over your terms',
    'Tax, the styling fee, days for styling, packing and the post, your time zone. They are guesses until you have.',
  ],
  people: [
    'Invite who works here',
    'Stylists and packers get a link of their own. On your own for now? Skip it.',
  ],
  places: ['Say where the stock stands', 'A shop floor and a back room are there; add what you have.'],
  garments: [
    'Bring in your stock',
    'A file of your till, whatever its columns, or a garment in one sentence.',
  ],
  client: ['Add your first client', 'A name is enough to begin; measures make the sizes right.'],
  box: ['Start the first box', 'On the client’s page. What has to be done by when stands here from then on.'],
};
