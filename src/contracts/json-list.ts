import type { z } from 'zod';
import { type ImportFault, refusedIn } from './import-fault';

/**
 * Items of the list in a JSON text, bare or under a name as our own files write it. Every faulty one is told with its
 * place and reason; the others come back. A text that holds no such list is one fault, which names the format.
 */
export function jsonList<S extends z.ZodType>(
  text: string,
  name: string,
  format: string,
  schema: S,
): { items: { row: number; item: z.output<S> }[]; faults: ImportFault[] } {
  const items: { row: number; item: z.output<S> }[] = [];
  const none = (what: Pick<ImportFault, 'code' | 'params'>) => ({
    items,
    faults: [{ row: 1, path: '(file)', ...what } as ImportFault],
  });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return none({ code: 'not-json' });
  }
  const list = Array.isArray(value) ? value : (value as Record<string, unknown> | null)?.[name];
  if (!Array.isArray(list)) return none({ code: 'no-list', params: { name, format } });
  const faults: ImportFault[] = [];
  list.forEach((raw, i) => {
    const read = schema.safeParse(raw);
    if (read.success) items.push({ row: i + 1, item: read.data });
    else faults.push(...refusedIn(i + 1, read.error));
  });
  return { items, faults };
}
