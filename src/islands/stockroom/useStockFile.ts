import type { StockDifference } from '@contracts/stock/import-stock';
import { importWord } from '@contracts/till-file';
import { pageTongue } from '@ui/tongue';
import { call, showProblem } from '@ui/api';
import { orDies } from '@ui/worker';
import type { FileSummary, OpenedFile, SaidOfRow, Settled, StockFileWork } from '@workers/stock-file';
import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';

/** Bytes of a stock file at most; it is read in the browser and goes to the server in parts. */
const STOCK_FILE_MOST_BYTES = 60_000_000;
const MB = 1_000_000;

/** What the stockroom says of a file that was looked through. */
export interface Looked {
  readonly fresh: number;
  readonly known: number;
  readonly differs: readonly StockDifference[];
  readonly faults: readonly SaidOfRow[];
}

export interface Brought {
  readonly taken: number;
  readonly booked: number;
  readonly left: number;
}

/** What is being done, and how far it is: 0 to 1. */
export interface Progress {
  readonly what: 'reading' | 'looking' | 'bringing';
  readonly done: number;
}

export interface StockFile {
  readonly name: string;
  readonly refusal: string;
  readonly opened?: OpenedFile | undefined;
  readonly settled: Settled;
  readonly summary?: FileSummary | undefined;
  readonly looked?: Looked | undefined;
  readonly brought?: Brought | undefined;
  readonly progress?: Progress | undefined;
  readonly open: (file: File | null) => Promise<void>;
  readonly settle: (part: Partial<Settled>) => Promise<void>;
  /** Brings in what is good; counts and prices by SKU where somebody chose to book them. */
  readonly bring: (counts: ReadonlySet<string>, prices: ReadonlySet<string>) => Promise<void>;
  readonly stop: () => void;
  /** The rows that were left, as a CSV with their reasons. */
  readonly left: () => Promise<string>;
}

const NOTHING: Settled = { columns: [], kinds: {}, changes: [] };
const NONE: Looked = { fresh: 0, known: 0, differs: [], faults: [] };

/** A stock file from choosing it to the last of its rows: read in a worker, looked through and brought in by parts. */
export function useStockFile(currency: string): StockFile {
  const worker = useRef<Worker>(undefined);
  const work = useRef<Remote<StockFileWork>>(undefined);
  /** Counts what was begun: whoever began last has the word. */
  const turn = useRef(0);
  const [name, setName] = useState('');
  const [refusal, setRefusal] = useState('');
  const [opened, setOpened] = useState<OpenedFile>();
  const [settled, setSettled] = useState(NOTHING);
  const [summary, setSummary] = useState<FileSummary>();
  const [looked, setLooked] = useState<Looked>();
  const [brought, setBrought] = useState<Brought>();
  const [progress, setProgress] = useState<Progress>();
  useEffect(() => () => worker.current?.terminate(), []);

  const ask = <T>(answer: (work: Remote<StockFileWork>) => Promise<T>): Promise<T> => {
    worker.current ??= new Worker(new URL('../../workers/stock-file.ts', import.meta.url), {
      type: 'module',
    });
    work.current ??= wrap<StockFileWork>(worker.current);
    return orDies(worker.current, answer(work.current));
  };

  /** Reads by what is settled, then asks the stockroom what of it is here, part by part. */
  const look = async (now: Settled): Promise<void> => {
    const mine = ++turn.current;
    setSettled(now);
    setLooked(undefined);
    setProgress({ what: 'reading', done: 0 });
    try {
      const read = await ask((it) => it.settle(now, currency, pageTongue()));
      if (mine !== turn.current) return;
      setSummary(read);
      const found = await lookThrough(ask, read.batches, (done) => {
        if (mine !== turn.current) return false;
        setProgress({ what: 'looking', done });
        return true;
      });
      if (!found) return;
      setLooked(found);
    } catch (error) {
      if (mine === turn.current) showProblem(error);
    } finally {
      if (mine === turn.current) setProgress(undefined);
    }
  };

  const open = async (file: File | null): Promise<void> => {
    turn.current++;
    setOpened(undefined);
    setSummary(undefined);
    setLooked(undefined);
    setBrought(undefined);
    setProgress(undefined);
    setRefusal('');
    if (!file) return;
    setName(file.name);
    if (file.size === 0) return setRefusal(`${file.name} is empty.`);
    if (file.size > STOCK_FILE_MOST_BYTES)
      return setRefusal(
        `${file.name} has ${Math.round(file.size / MB)} MB; up to ${STOCK_FILE_MOST_BYTES / MB} can be read. Split it in two.`,
      );
    setProgress({ what: 'reading', done: 0 });
    try {
      const kept = await call('till-columns', {});
      const read = await ask((it) => it.open(file, /\.xlsx$/i.test(file.name), kept));
      setOpened(read);
      await look({ columns: read.sheet?.columns ?? [], kinds: read.sheet?.kinds ?? {}, changes: [] });
    } catch {
      setRefusal(`${file.name} could not be read. A CSV, an Excel workbook (.xlsx) or our own JSON can.`);
      setProgress(undefined);
    }
  };

  const bring = async (counts: ReadonlySet<string>, prices: ReadonlySet<string>): Promise<void> => {
    if (!summary || !looked) return;
    const mine = ++turn.current;
    const { sheet } = opened ?? {};
    const sum: BroughtSoFar = { taken: 0, booked: 0, faults: [] };
    try {
      if (sheet)
        await call('keep-till-columns', {
          headers: sheet.headers,
          columns: settled.columns.slice(0, sheet.headers.length),
          kinds: settled.kinds,
        });
      await bringParts(ask, summary.batches, chosenOf(looked, counts, prices), sum, (done) => {
        if (mine !== turn.current) return false;
        setProgress({ what: 'bringing', done });
        return true;
      });
    } catch (error) {
      showProblem(error);
    } finally {
      setProgress(undefined);
      setLooked({ ...looked, faults: sum.faults });
      setBrought({
        taken: sum.taken,
        booked: sum.booked,
        left: summary.faultyRows + new Set(sum.faults.map(({ row }) => row)).size,
      });
    }
  };

  return {
    name,
    refusal,
    opened,
    settled,
    summary,
    looked,
    brought,
    progress,
    open,
    settle: (part) => look({ ...settled, ...part }),
    bring,
    stop() {
      turn.current++;
      setProgress(undefined);
    },
    left: () => ask((it) => it.left(looked?.faults ?? [])),
  };
}

/** Asks the worker that holds the file. */
type Ask = <T>(answer: (work: Remote<StockFileWork>) => Promise<T>) => Promise<T>;
/** Told before each part how far it is, 0 to 1; false: somebody stopped it. */
type GoOn = (done: number) => boolean;

/** Asks the stockroom what of the file is here, part by part; undefined when it was stopped. */
async function lookThrough(ask: Ask, batches: number, goOn: GoOn): Promise<Looked | undefined> {
  let found = NONE;
  for (let i = 0; i < batches; i++) {
    if (!goOn(i / batches)) return undefined;
    const { text: csv } = await ask((it) => it.batch(i));
    const { good, known, differs, faults } = await call('import-stock', { csv, take: 'check' });
    found = {
      fresh: found.fresh + good.length,
      known: found.known + known,
      differs: [...found.differs, ...differs],
      faults: [
        ...found.faults,
        ...(await ask((it) => it.inRows(faults.map((fault) => importWord(fault, pageTongue()))))),
      ],
    };
  }
  return goOn(1) ? found : undefined;
}

/** What is booked beside what is new, with what the stockroom had when it was looked at. */
interface Chosen {
  readonly counts: readonly { readonly sku: string; readonly had: number }[];
  readonly prices: readonly { readonly sku: string; readonly had: number }[];
}

const chosenOf = ({ differs }: Looked, counts: ReadonlySet<string>, prices: ReadonlySet<string>): Chosen => ({
  counts: differs.flatMap(({ sku, count }) => (count && counts.has(sku) ? [{ sku, had: count.had }] : [])),
  prices: differs.flatMap(({ sku, price }) => (price && prices.has(sku) ? [{ sku, had: price.had }] : [])),
});

interface BroughtSoFar {
  taken: number;
  booked: number;
  faults: SaidOfRow[];
}

/** Brings the file in, part by part; `sum` holds what came in also when a part is refused or it is stopped. */
async function bringParts(
  ask: Ask,
  batches: number,
  chosen: Chosen,
  sum: BroughtSoFar,
  goOn: GoOn,
): Promise<void> {
  for (let i = 0; i < batches && goOn(i / batches); i++) {
    const { text: csv, skus } = await ask((it) => it.batch(i));
    const inPart = new Set(skus);
    const answer = await call('import-stock', {
      csv,
      take: 'good',
      counts: chosen.counts.filter(({ sku }) => inPart.has(sku)),
      prices: chosen.prices.filter(({ sku }) => inPart.has(sku)),
    });
    sum.taken += answer.taken;
    sum.booked += answer.booked;
    sum.faults.push(
      ...(await ask((it) => it.inRows(answer.faults.map((fault) => importWord(fault, pageTongue()))))),
    );
  }
}
