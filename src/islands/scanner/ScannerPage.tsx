import type { CodeAnswer } from '@contracts/stock/find-code';
import { call, showProblem } from '@ui/api';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { ScanField } from '@ui/ScanField';
import { ScannerPad } from '@ui/ScannerPad';
import { useState } from 'react';
import './scanner.css';

interface Props {
  /** Codes to try the page with. */
  readonly samples: readonly { readonly code: string; readonly words: string }[];
}

/** What is this? A code is read, and the page says which piece it is, where its units are, and which boxes have one. */
export function ScannerPage({ samples }: Props) {
  const [found, setFound] = useState<CodeAnswer>();
  const [refused, setRefused] = useState<string>();
  const ask = async (code: string): Promise<boolean> => {
    try {
      setFound(await call('find-code', { code }));
      setRefused(undefined);
      return true;
    } catch (error) {
      setFound(undefined);
      setRefused(code);
      showProblem(error);
      return false;
    }
  };
  return (
    <Providers keys={[{ keys: 'any code', does: 'A scanner’s reading says what the piece is' }]}>
      <div className="place-head">
        <h1>Scan</h1>
        <span className="soft">Read a tag anywhere on this page, or type its code.</span>
        <div className="end">
          <a href="/stockroom">Stockroom</a>
        </div>
      </div>
      <div className="columns scanner">
        <section className="sheet" aria-label="What it is">
          <ScanField label="SKU or EAN" onCode={ask} />
          <div role="status" className="scanner-found">
            {found ? (
              <Found answer={found} />
            ) : refused ? (
              <p>
                Nothing in the stockroom has the code <b className="num">{refused}</b>. A digit may be
                smudged: type the SKU from the tag.
              </p>
            ) : (
              <p className="soft">Nothing is read yet.</p>
            )}
          </div>
        </section>
        <aside className="sheet">
          <ScannerPad codes={samples} />
        </aside>
      </div>
    </Providers>
  );
}

const PLACE_WORDS: Readonly<Record<string, string>> = {
  held: 'held',
  out: 'with a client',
  shelf: 'on the shelf',
};

function Found({ answer }: { readonly answer: CodeAnswer }) {
  return (
    <article className="scanner-piece">
      <span className="stage">
        <GarmentSketch piece={answer.piece} fit={190} />
      </span>
      <div>
        <h2>{answer.title}</h2>
        <p>
          Size {answer.size},{' '}
          {answer.priceMinor !== null && <Money minor={answer.priceMinor} currency={answer.currency} />}
          {answer.archived && <span className="tone tone-note"> archived</span>}
        </p>
        <p className="small soft num">
          {answer.sku}
          {answer.ean && `, ${answer.ean}`}
        </p>
        <h3>Where its units are</h3>
        {answer.places.length === 0 ? (
          <p className="small soft">None is left.</p>
        ) : (
          <ul className="rows small">
            {answer.places.map(({ title, place, qty }) => (
              <li key={title + place}>
                <b className="num">{qty}</b> {PLACE_WORDS[place] ?? place}, {title.toLowerCase()}
              </li>
            ))}
          </ul>
        )}
        {answer.boxes.length > 0 && (
          <>
            <h3>In open boxes</h3>
            <ul className="rows small">
              {answer.boxes.map(({ id, number, client, step }) => (
                <li key={id}>
                  <a href={`/box/${id}/${step === 'tally' ? 'tally' : 'out'}`}>
                    Box {number}, {client}
                  </a>
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </article>
  );
}
