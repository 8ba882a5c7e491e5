import { randomInt } from 'node:crypto';
import { setImmediate as breath } from 'node:timers/promises';
import {
  practiceAnswerCall,
  practiceNextCall,
  practiceObjectCall,
  type PracticeDay,
  type PracticeProgress,
  practiceProgressCall,
  readObjectionCall,
} from '@contracts/practice/practice';
import {
  answerFault,
  graded,
  inTurn,
  levelOf,
  type Made,
  makingOf,
  type PracticeStock,
  progressOf,
  showsTheSame,
  skillKey,
} from '@core/practice';
import type { Reader } from '@data/db';
import { isInTraining, usersOf } from '@data/people/users';
import {
  addTask,
  answeredSince,
  changeTask,
  lastShown,
  lockTask,
  objectionsOf,
  openTask,
  putSkill,
  readObjection,
  skillOf,
  skillsOf,
  triesOf,
} from '@data/practice/tasks';
import type { ShopRow } from '@data/shop/shops';
import { candidatesFor, smallNumbersOf } from '../box/candidates';
import type { Actor } from '../context';
import { conflict, invalid, notFound } from '../problem';
import { dayIn, shopOf, startOfDayIn } from '../shop/settings';
import { serve } from '../use-case';
import { rememberedBy, type Went } from './remembered';

/** Exercises of a day: about ten minutes. */
const A_DAY = 10;
/** Right but slower than this is not sure yet, s; making three looks has three minutes. */
const SURE_S = 60;
const SURE_LOOKS_S = 180;
/**
 * Skills tried for one exercise, and times each: a stock may have nothing to show one with. What is due is tried longest, for
 * nothing may take its place: of the rarest kind three of four makings come to nothing in the demo's stock.
 */
const TRIED = { skills: 12, due: 16, times: 3 } as const;
const DAY_MS = 86_400_000;
/** An exercise in hand is given again for so long: a page that was left comes back to it. */
const IN_HAND_MS = DAY_MS;

/** What a shop’s exercises are made of. */
const stockOf = async (db: Reader, shop: ShopRow, now: Date): Promise<PracticeStock> => ({
  candidates: await candidatesFor(db, { shopId: shop.id }, now),
  schools: shop.schools,
  settings: shop.ruleSettings,
  small: smallNumbersOf(shop.english),
});

/** Exercises of today as the Desk says them: for whoever is in training, until they are done. */
export async function practiceToday(
  db: Reader,
  actor: Actor,
  shop: Pick<ShopRow, 'zone'>,
  now: Date,
): Promise<PracticeDay | undefined> {
  if (!(await isInTraining(db, actor.id))) return undefined;
  const day = await dayOf(db, actor, shop, now);
  return day.done < day.of ? day : undefined;
}

const dayOf = async (
  db: Reader,
  { id }: Actor,
  { zone }: Pick<ShopRow, 'zone'>,
  now: Date,
): Promise<PracticeDay> => ({
  done: await answeredSince(db, id, startOfDayIn(zone, dayIn(zone, now))),
  of: A_DAY,
});

export const practiceNext = serve(practiceNextCall, {
  /** Made step by step: others are served between two of them. */
  async run({ tx, actor, now }, { last }) {
    const shop = await shopOf(tx, actor.shopId);
    const { currency } = shop;
    const day = await dayOf(tx, actor, shop, now);
    const open = await openTask(tx, actor.id, new Date(now.getTime() - IN_HAND_MS));
    if (open?.exercise) return { day, currency, task: { id: open.id, exercise: open.exercise } };
    const known = await skillsOf(tx, actor.id);
    const stock = await stockOf(tx, shop, now);
    const levels = new Map(known.map((each) => [skillKey(each), levelOf(each)]));
    const isDue = new Set(known.filter(({ due }) => due <= now).map(skillKey));
    for (const skill of inTurn(known, now, last).slice(0, TRIED.skills)) {
      const before = await lastShown(tx, actor.id, skill);
      for (let i = 0; i < (isDue.has(skillKey(skill)) ? TRIED.due : TRIED.times); i++) {
        const level = levels.get(skillKey(skill)) ?? 1;
        const making = makingOf(skill, level, stock, randomInt(2 ** 31));
        let step = making.next();
        for (; !step.done; step = making.next()) await breath();
        const made = step.value;
        if (!made) continue;
        const { exercise, key } = made;
        const { kind, matter } = exercise;
        if (before && showsTheSame(before, exercise)) continue;
        const { id: userId, shopId } = actor;
        const id = await addTask(tx, { shopId, userId, kind, matter, level, exercise, key, givenAt: now });
        return { day, currency, task: { id, exercise } };
      }
    }
    return { day, currency };
  },
});

export const practiceAnswer = serve(practiceAnswerCall, {
  async run({ tx, actor, now }, { taskId, seconds, ...answer }) {
    const row = await lockTask(tx, actor.id, taskId);
    if (!row?.exercise || !row.key) throw notFound('The exercise');
    if (row.answeredAt) throw conflict('This exercise was answered already, maybe in another window.');
    const made: Made = { exercise: row.exercise, key: row.key };
    const fault = answerFault(made.exercise, answer);
    if (fault) throw invalid([{ path: 'chosen', message: fault }]);
    const shop = await shopOf(tx, actor.shopId);
    const found = graded(made, answer, { schools: shop.schools, settings: shop.ruleSettings });
    const before = await skillOf(tx, actor.id, row);
    const remembered = rememberedBy(before, wentOf(found, made, seconds), now);
    await putSkill(tx, { userId: actor.id, kind: row.kind, matter: row.matter, ...remembered });
    await changeTask(tx, taskId, { answeredAt: now, answer, right: found.right, seconds });
    return {
      ...found,
      key: row.key,
      day: await dayOf(tx, actor, shop, now),
      dueDay: dayIn(shop.zone, remembered.due),
    };
  },
});

/** A right look for a wrong reason is half known; so is what took long. */
function wentOf(
  { right, why }: { readonly right: boolean; readonly why?: boolean | undefined },
  { exercise }: Made,
  seconds: number,
): Went {
  if (!right) return 'wrong';
  const sure = exercise.choosing === 'looks' ? SURE_LOOKS_S : SURE_S;
  return why === false || seconds > sure ? 'hard' : 'right';
}

export const practiceObject = serve(practiceObjectCall, {
  async run({ tx, actor }, { taskId, reason }) {
    const row = await lockTask(tx, actor.id, taskId);
    if (!row?.answeredAt) throw notFound('The answered exercise');
    // Said again, it waits for the owner again.
    await changeTask(tx, taskId, { objection: reason, readAt: null });
    return { kept: true as const };
  },
});

/** How somebody gets on; the owner sees everybody, and what was argued. */
export async function practiceProgressOf(db: Reader, actor: Actor, now: Date): Promise<PracticeProgress> {
  const isOwner = actor.role === 'owner';
  const users = isOwner ? await usersOf(db, actor.shopId) : [];
  const tries = await triesOf(db, [...new Set([actor.id, ...users.map(({ id }) => id)])]);
  const of = (id: string) =>
    progressOf(
      tries
        .filter(({ userId }) => userId === id)
        .map(({ matter, right }) => ({ matter, right: right === true })),
    );
  return {
    day: await dayOf(db, actor, await shopOf(db, actor.shopId), now),
    due: (await skillsOf(db, actor.id)).filter(({ due }) => due <= now).length,
    mine: of(actor.id),
    ...(isOwner && {
      people: users
        .filter(({ id }) => id !== actor.id)
        .map(({ id, name }) => ({ id, name, matters: of(id) }))
        .filter(({ matters }) => matters.length > 0),
      objections: (await objectionsOf(db, actor.shopId)).map(({ answer, objection, at: _at, ...row }) => ({
        ...row,
        chosen: answer?.chosen ?? [],
        objection: objection ?? '',
      })),
    }),
  };
}

export const practiceProgress = serve(practiceProgressCall, {
  run: ({ tx, actor, now }) => practiceProgressOf(tx, actor, now),
});

export const readPracticeObjection = serve(readObjectionCall, {
  async run({ tx, actor, now }, { taskId }) {
    if (!(await readObjection(tx, actor.shopId, taskId, now))) throw notFound('The objection');
    return practiceProgressOf(tx, actor, now);
  },
});
