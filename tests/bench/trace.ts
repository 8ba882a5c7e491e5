import { readFileSync, rmSync } from 'node:fs';
import type { Page } from 'puppeteer-core';

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  /** Microseconds. */
  readonly ts: number;
  readonly dur?: number;
}

/**
 * What some kinds of work cost the page while something is done, ms, by the browser's own trace. Work that stands within work
 * (the paint of a part within the paint of the page) is counted once.
 */
export async function mainThreadMs(
  page: Page,
  kinds: readonly string[],
  work: () => Promise<unknown>,
): Promise<number> {
  const file = `/tmp/ivory-rail-trace-${process.pid}.json`;
  await page.tracing.start({ path: file, categories: ['devtools.timeline'] });
  await work();
  await page.tracing.stop();
  const { traceEvents } = JSON.parse(readFileSync(file, 'utf8')) as { traceEvents: readonly TraceEvent[] };
  rmSync(file);
  const ends = new Map<string, number>();
  let sum = 0;
  const wanted = traceEvents.filter(({ name, ph }) => ph === 'X' && kinds.includes(name));
  for (const { pid, tid, ts, dur = 0 } of [...wanted].sort((a, b) => a.ts - b.ts)) {
    const thread = `${pid} ${tid}`;
    if (ts < (ends.get(thread) ?? 0)) continue;
    ends.set(thread, ts + dur);
    sum += dur;
  }
  return sum / 1000;
}

/** Ms of every long task of a page while something is done. */
export async function longTasks(page: Page, done: () => Promise<void>): Promise<number[]> {
  await page.evaluate(() => {
    const seen: number[] = [];
    (window as unknown as { longTasks: number[] }).longTasks = seen;
    new PerformanceObserver((list) =>
      seen.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({
      type: 'longtask',
    });
  });
  await done();
  await new Promise((rest) => setTimeout(rest, 500));
  return page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks);
}
