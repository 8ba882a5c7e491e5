import type { BoxView } from '@contracts/box/box-view';

interface AsksProps {
  readonly view: BoxView;
  readonly askId: string | null;
  readonly onAsk: (id: string | null) => void;
}

/** The asks of the brief, with how many pieces were pulled for each. */
export function Asks({ view, askId, onAsk }: AsksProps) {
  return (
    <div className="pull-asks" role="group" aria-label="Asks">
      <button className="ask-tab" aria-pressed={askId === null} onClick={() => onAsk(null)}>
        Everything
      </button>
      {view.asks.map(({ id, ask }) => {
        const pulled = view.lines.filter((line) => line.askId === id).length;
        return (
          <button key={id} className="ask-tab" aria-pressed={askId === id} onClick={() => onAsk(id)}>
            {ask.text}
            {pulled > 0 && <span className="num"> · {pulled}</span>}
          </button>
        );
      })}
    </div>
  );
}
