import { type ExerciseKind, type Level, type Matter, MATTERS, type Skill } from './exercise';
import { SKILLS, skillKey } from './make';

/** How well somebody knows a skill: when it is due again, and how many days it is remembered by nine of ten. */
export interface Known extends Skill {
  readonly due: Date;
  readonly stabilityDays: number;
}

/** Days of memory from which the wrong answers come nearer. Working values of the house. */
const NEARER = [3, 14] as const;

/** Difficulty follows the learner: the longer a skill is remembered, the nearer its wrong answers. */
export const levelOf = ({ stabilityDays }: Pick<Known, 'stabilityDays'>): Level =>
  stabilityDays < NEARER[0] ? 1 : stabilityDays < NEARER[1] ? 2 : 3;

/**
 * Skills in the order they are practised: what is due, the longest due first; then what is new, in the order a beginner
 * meets it, a kind at a time; then what is due soonest. What was practised last stands behind its equals.
 */
export function inTurn(known: readonly Known[], now: Date, last?: ExerciseKind): Skill[] {
  const by = new Map(known.map((each) => [skillKey(each), each]));
  const place = (skill: Skill): number => {
    const at = by.get(skillKey(skill));
    return at ? (at.due <= now ? 0 : 2) : 1;
  };
  const met = new Map<ExerciseKind, number>();
  for (const { kind } of known) met.set(kind, (met.get(kind) ?? 0) + 1);
  // Every kind is met before a second matter of any.
  const round = new Map<string, number>();
  for (const skill of SKILLS) {
    if (by.has(skillKey(skill))) continue;
    const count = met.get(skill.kind) ?? 0;
    round.set(skillKey(skill), count);
    met.set(skill.kind, count + 1);
  }
  const dueAt = (skill: Skill): number => by.get(skillKey(skill))?.due.getTime() ?? 0;
  const order = (a: Skill, b: Skill): number =>
    place(a) - place(b) ||
    Number(a.kind === last) - Number(b.kind === last) ||
    (round.get(skillKey(a)) ?? 0) - (round.get(skillKey(b)) ?? 0) ||
    dueAt(a) - dueAt(b) ||
    SKILLS.indexOf(a) - SKILLS.indexOf(b);
  return [...SKILLS].sort(order);
}

/** An answer that was given, for the picture of progress. */
export interface Try {
  readonly matter: Matter;
  readonly right: boolean;
}

export interface MatterProgress {
  readonly matter: Matter;
  readonly title: string;
  readonly tries: number;
  /** Right of the last ones. */
  readonly lately: { readonly right: number; readonly of: number };
}

const LATELY = 20;

/** Progress by matter, in the order of the matters; those never tried are left out. `tries`: newest first. */
export const progressOf = (tries: readonly Try[]): MatterProgress[] =>
  (Object.keys(MATTERS) as Matter[]).flatMap((matter) => {
    const own = tries.filter((each) => each.matter === matter);
    const last = own.slice(0, LATELY);
    return own.length === 0
      ? []
      : [
          {
            matter,
            title: MATTERS[matter],
            tries: own.length,
            lately: { right: last.filter(({ right }) => right).length, of: last.length },
          },
        ];
  });
