import { execFile } from 'node:child_process';
import { stat } from 'node:fs/promises';
import { promisify } from 'node:util';
import type { BackupRunView, BackupsView } from '@contracts/shop/backups-view';
import type { Database, Reader } from '@data/db';
import { addBackupRun, askForBackup, type BackupRun, backupRuns, lastGoodRun } from '@data/shop/backup-runs';
import { backUpNowCall } from '@contracts/shop/back-up-now';
import { note } from '../audit';
import { serve } from '../use-case';

const exec = promisify(execFile);

const RUNS_SHOWN = 14;
const RUNS_KEPT_MS = 400 * 86_400_000;
/** A night may be missed by an hour; two may not. */
const OVERDUE_MS = 50 * 3_600_000;

/** Where the worker puts backups, and how many it keeps; with no address to read from, it makes none. */
export interface BackupPlan {
  readonly url: string;
  readonly folder: string;
  readonly keep: number;
}

const viewOf = ({ at, file, bytes, fault }: BackupRun): BackupRunView => ({
  at: at.toISOString(),
  file: file ?? undefined,
  bytes: bytes ?? undefined,
  fault: fault ?? undefined,
});

/** The last nights, for the owner. */
export async function backupsView(db: Reader, now: Date): Promise<BackupsView> {
  const runs = await backupRuns(db, RUNS_SHOWN);
  const good = await lastGoodRun(db);
  return {
    runs: runs.map(viewOf),
    last: good && viewOf(good),
    overdue: !good || now.getTime() - good.at.getTime() > OVERDUE_MS,
  };
}

export const backUpNow = serve(backUpNowCall, {
  async run(context) {
    await askForBackup(context.tx);
    await note(context, 'back up', 'shop', context.actor.shopId);
    return { asked: true as const };
  },
});

/** Makes a backup by the same script a person would use, and writes down how it went. Never throws for a backup that failed. */
export async function makeBackup(db: Database, plan: BackupPlan | undefined, now: Date): Promise<boolean> {
  const run = plan ? await tried(plan) : NO_PLAN;
  await addBackupRun(db, { at: now, ...run }, new Date(now.getTime() - RUNS_KEPT_MS));
  return run.file !== null;
}

async function tried({
  url,
  folder,
  keep,
}: BackupPlan): Promise<Pick<BackupRun, 'file' | 'bytes' | 'fault'>> {
  try {
    const { stdout } = await exec('bin/backup', ['--keep', String(keep), folder], {
      env: { ...process.env, BACKUP_URL: url },
      timeout: BACKUP_MOST_MS,
    });
    const path = stdout.trim().split('\n').at(-1)?.split(',')[0] ?? '';
    const { size } = await stat(path);
    return { file: path.split('/').at(-1) ?? path, bytes: size, fault: null };
  } catch (error) {
    return { file: null, bytes: null, fault: faultOf(error) };
  }
}
const NO_PLAN = {
  file: null,
  bytes: null,
  fault: 'The app makes none here: BACKUP_URL is not set where its worker runs.',
} as const;
const BACKUP_MOST_MS = 3 * 3_600_000;

/** The script's own last line; an address with its password is never in it. */
function faultOf(error: unknown): string {
  const { stderr = '', killed } = error as { stderr?: string; killed?: boolean };
  if (killed) return 'It took more than three hours and was stopped.';
  const line = stderr.trim().split('\n').at(-1) ?? '';
  return line.replace(/\S+:\/\/\S+/g, 'the database').slice(0, 300) || 'It could not be made.';
}
