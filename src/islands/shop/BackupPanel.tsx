import type { BackupRunView, BackupsView } from '@contracts/shop/backups-view';
import { Button } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { instantWords } from '@ui/days';
import { useState } from 'react';

const MB = 1_000_000;
const sizeWords = (bytes = 0): string =>
  bytes < MB ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / MB).toFixed(1)} MB`;

const runWords = ({ file, bytes, fault }: BackupRunView): string =>
  file ? `${file}, ${sizeWords(bytes)}` : (fault ?? 'It could not be made.');

/** When the shop was last backed up, and whether somebody should look. */
export function BackupPanel({ view, zone }: { readonly view: BackupsView; readonly zone: string }) {
  const [asking, setAsking] = useState(false);
  const { runs, last, overdue } = view;
  const ask = async (): Promise<void> => {
    setAsking(true);
    try {
      await call('back-up-now', {});
      showDone('A backup is being made; load this page again in a minute.');
    } catch (error) {
      showProblem(error);
    } finally {
      setAsking(false);
    }
  };
  return (
    <section className="sheet" aria-label="Backups">
      <div className="shop-letter">
        <h2>Backups</h2>
        <Button size="xs" variant="default" loading={asking} onClick={() => void ask()}>
          Back up now
        </Button>
      </div>
      {last ? (
        <p>
          The last one was made <strong>{instantWords(last.at, zone)}</strong>: {runWords(last)}.
        </p>
      ) : (
        <p>None was made by the app yet. One is made each night, and the newest 14 are kept.</p>
      )}
      {overdue && last && (
        <p className="tone tone-blocks" role="alert">
          That is more than two nights ago. Look at what the nights below say, or make one now.
        </p>
      )}
      {runs.length > 0 && (
        <ul className="rows small">
          {runs.map((run) => (
            <li key={run.at} style={{ padding: '4px 0' }}>
              {instantWords(run.at, zone)}{' '}
              <span className={run.file ? 'soft' : 'tone-word'}>{runWords(run)}</span>
            </li>
          ))}
        </ul>
      )}
      <p className="small soft">
        They lie where the shop runs, in the folder of backups. Copy them elsewhere: a backup on the same
        machine is gone with it. <code>bin/restore FILE</code> brings one back.
      </p>
    </section>
  );
}
