import { type ImportFault, importFaultWords } from '@contracts/import-fault';
import type { ImportTake } from '@contracts/import-file';
import { invalid } from './problem';

/** Refuses a file that is wanted whole and has a fault, with every row named. */
export function mustBeWhole(take: ImportTake, faults: readonly ImportFault[]): void {
  if (take === 'all' && faults.length > 0)
    throw invalid(
      faults.map((fault) => ({ path: `row ${fault.row}, ${fault.path}`, message: importFaultWords(fault) })),
    );
}
