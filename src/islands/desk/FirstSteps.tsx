import { FIRST_STEP_WORDS, type FirstStep } from '@core/shop';
import IconCheck from '@tabler/icons-react/icons/IconCheck';
import { spell } from '@ui/tongue';

/** What a new shop does first, in order; each may be left and come back to, and ticks itself once it is done. */
export function FirstSteps({ steps }: { readonly steps: readonly FirstStep[] }) {
  const next = steps.find(({ done, mayWait }) => !done && !mayWait);
  return (
    <section className="sheet" aria-labelledby="first-steps">
      <h2 id="first-steps">Your first box</h2>
      <ol className="first-steps">
        {steps.map(({ id, done, href }, i) => {
          const [title, why] = FIRST_STEP_WORDS[id];
          return (
            <li key={id} className={done ? 'done' : id === next?.id ? 'next' : undefined}>
              <span className="first-mark num" aria-hidden="true">
                {done ? <IconCheck size={18} /> : i + 1}
              </span>
              <span>
                <a href={href}>{title}</a>
                {done && <span className="visually-hidden"> (done)</span>}
                <span className="soft">{spell(why)}</span>
              </span>
            </li>
          );
        })}
      </ol>
      {steps.some(({ id }) => id === 'terms') && (
        <p className="soft">
          Rather try things first? <a href="/shop#practice-shop">Open a practice shop</a> beside this one.
        </p>
      )}
    </section>
  );
}
