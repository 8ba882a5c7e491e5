import type { ChanceView } from '@contracts/ledger/ledger';
import { featureWords } from '@core/ledger';
import { useAsked } from '@ui/useAsked';
import { spell } from '@ui/tongue';
import { counted } from '@core/words';
import { lazy, Suspense } from 'react';
import { SaveCsv } from './SaveCsv';

const ReliabilityChart = lazy(() => import('./ReliabilityChart'));

const ofTen = (share: number): string => `${Math.round(share * 100)} %`;
const score = (value: number): string => value.toFixed(4);

/** The chance to be kept: what it goes by, and whether it is any better than a mean. */
export function ChancePanel() {
  const { answer } = useAsked('ledger-chance', {});
  if (!answer) return <p role="status">Learning from what was decided…</p>;
  const { model, cases, least } = answer;
  if (!model)
    return (
      <p className="sheet empty">
        <strong>
          {cases === 0
            ? 'Nothing is decided yet.'
            : `${counted(cases, 'piece')} ${cases === 1 ? 'is' : 'are'} decided.`}
        </strong>{' '}
        From {least} on, the chance of a piece to be kept is worked out here.
      </p>
    );
  return (
    <div className="ledger-chance">
      <section className="sheet" aria-label="How good it is">
        <h2>{model.isBetter ? 'Better than a mean' : 'No better than a mean'}</h2>
        <p>{verdictOf(model, cases)}</p>
        <table className="small">
          <caption className="visually-hidden">Brier scores, smaller is better</caption>
          <thead>
            <tr>
              <th scope="col">Said by</th>
              <th scope="col">Brier score</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">The model</th>
              <td className="num">{score(model.brier.model)}</td>
            </tr>
            <tr>
              <th scope="row">The shop’s mean</th>
              <td className="num">{score(model.brier.shop)}</td>
            </tr>
            <tr>
              <th scope="row">The client’s mean</th>
              <td className="num">{score(model.brier.client)}</td>
            </tr>
          </tbody>
        </table>
        <h3>What it goes by</h3>
        <table className="small">
          <caption className="visually-hidden">Weights of the model</caption>
          <tbody>
            {model.weights.map(({ feature, weight }) => (
              <tr key={feature}>
                <th scope="row">{spell(featureWords(feature))}</th>
                <td className="num">
                  {weight >= 0 ? '+' : '−'}
                  {Math.abs(weight).toFixed(2)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <SaveCsv
          name="What the chance goes by"
          rows={model.weights.map(({ feature, weight }) => ({
            feature: spell(featureWords(feature)),
            weight: weight.toFixed(3),
          }))}
        />
        <p className="small soft">
          Nothing of the person is in it, and no measure: the fit counts as what the size said.
        </p>
      </section>
      <section className="sheet" aria-label="What was said, and what happened">
        <h2>What was said, and what happened</h2>
        <div className="ledger-reliability">
          <Suspense fallback={null}>
            <ReliabilityChart bins={model.bins} />
          </Suspense>
        </div>
        <table className="small">
          <caption className="visually-hidden">Chances said, and the share that was kept</caption>
          <thead>
            <tr>
              <th scope="col">Pieces</th>
              <th scope="col">Said</th>
              <th scope="col">Kept</th>
            </tr>
          </thead>
          <tbody>
            {model.bins.map((bin) => (
              <tr key={bin.predicted}>
                <td className="num">{bin.count}</td>
                <td className="num">{ofTen(bin.predicted)}</td>
                <td className="num">{ofTen(bin.observed)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <SaveCsv
          name="What was said, and what happened"
          rows={model.bins.map(({ count, predicted, observed }) => ({
            pieces: count,
            said: predicted.toFixed(3),
            kept: observed.toFixed(3),
          }))}
        />
      </section>
    </div>
  );
}

function verdictOf({ isBetter, judgedOn, brier }: NonNullable<ChanceView['model']>, cases: number): string {
  const on = `Taught by the older of ${cases} decisions and judged on the newest ${judgedOn}`;
  if (!isBetter) return `${on}, it errs as much as saying the same of every piece. It is not used anywhere.`;
  const less = 1 - brier.model / Math.min(brier.shop, brier.client);
  return `${on}, it errs ${(less * 100).toFixed(1)} % less than the better of the two means.`;
}
