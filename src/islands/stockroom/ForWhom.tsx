import type { ForWhomRow } from '@contracts/stock/for-whom';
import { EVERYDAY } from '@core/occasion';
import { fitWords, sizePhrase } from '@core/fit';
import type { Piece } from '@core/piece';
import { forWhyWords } from '@core/pull';
import { piecesNamed } from '@core/say';
import { capital } from '@core/words';
import { Button } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { Figure } from '@ui/Figure';
import { pageTongue, spell } from '@ui/tongue';
import { useAsked } from '@ui/useAsked';
import type { MixWork } from '@workers/mix';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';

/** A garment that came in, or hangs too long: whom it is for, worn with what each owns, and one key into their next pull. */
export function ForWhom({ garmentId }: { readonly garmentId: string }) {
  const { answer, again } = useAsked('for-whom', { garmentId });
  const looks = useLooks(answer?.piece, answer?.rows);
  const [busy, setBusy] = useState<string>();
  if (!answer)
    return (
      <p role="status" className="soft">
        Going through the clients…
      </p>
    );
  if (answer.rows.length === 0)
    return (
      <p className="empty">
        <strong>Nobody comes to mind.</strong>
        {spell(
          'Nobody’s open asks, gaps, loves or colours speak for it in a size that fits and is on the shelf.',
        )}
      </p>
    );
  const take = async ({ clientId, name, variantId, box }: ForWhomRow): Promise<void> => {
    setBusy(clientId);
    try {
      const boxId = box?.id ?? (await call('start-box', { clientId })).id;
      await call('hold-line', { boxId, variantId, askId: null });
      showDone(`Held for ${name}.`);
    } catch (error) {
      showProblem(error);
    }
    // Also after a refusal: a box may have been started before it, and is not started twice.
    await again();
    setBusy(undefined);
  };
  const tongue = pageTongue();
  return (
    <ul className="rows for-whom">
      {answer.rows.map((row) => {
        const look = looks.get(row.clientId);
        const others = (look ?? []).filter(({ owned }) => owned);
        return (
          <li key={row.clientId}>
            <div className="stage for-whom-figure">
              {look && (
                <Figure
                  pieces={look}
                  client={row.client}
                  height={150}
                  title={`${row.name} in ${piecesNamed(look, tongue.english)}`}
                />
              )}
            </div>
            <div>
              <a href={`/clients/${row.clientId}`} className="serif">
                {row.name}
              </a>
              <div className="small">
                {capital(row.why.map((why) => forWhyWords(why, tongue)).join('; '))}.
              </div>
              <div className="small soft" title={fitWords(row.fit, tongue)}>
                {sizePhrase(row.fit.size)}
                {others.length > 0 && `; with ${piecesNamed(others, tongue.english)}`}
                {row.occasion && look && `, for ${row.occasion.title}`}
              </div>
            </div>
            <Button
              size="xs"
              variant="default"
              loading={busy === row.clientId}
              disabled={busy !== undefined}
              onClick={() => void take(row)}
            >
              {row.box ? `Hold for box ${row.box.number}` : 'Start a box with it'}
            </Button>
          </li>
        );
      })}
    </ul>
  );
}

/** A look of the garment with each closet, found one after the other in a worker. */
function useLooks(
  piece: Piece | undefined,
  rows: readonly ForWhomRow[] | undefined,
): ReadonlyMap<string, readonly Piece[]> {
  const [looks, setLooks] = useState<ReadonlyMap<string, readonly Piece[]>>(new Map());
  useEffect(() => {
    if (!piece || !rows) return;
    const worker = new Worker(new URL('../../workers/mix.ts', import.meta.url), { type: 'module' });
    const work = wrap<MixWork>(worker);
    const run = async (): Promise<void> => {
      for (const { clientId, client, closet, occasion } of rows) {
        const look = await work.best(piece, {
          pieces: closet,
          setting: { client },
          occasions: [occasion ?? EVERYDAY],
        });
        if (look) setLooks((now) => new Map(now).set(clientId, look));
      }
    };
    run().catch(() => undefined);
    return () => worker.terminate();
  }, [piece, rows]);
  return looks;
}
