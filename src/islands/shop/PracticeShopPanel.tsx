import type { PracticeShopView } from '@contracts/shop/practice-shop';
import { Button, Loader } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { useEffect, useState } from 'react';
import './practice-shop.css';

/** How often a shop that is being opened or dropped is looked after, ms. */
const LOOK_MS = 1_000;

/** A shop to try things in, beside the real one: opened, walked over to, and dropped with all that was done there. */
export function PracticeShopPanel({ initial }: { readonly initial: PracticeShopView }) {
  const [view, setView] = useState(initial);
  const { state, origin, fault, people } = view;
  const isUnderWay = state === 'opening' || state === 'dropping';
  const say = async (wish: 'ask' | 'open' | 'drop'): Promise<void> => {
    try {
      setView(await call('practice-shop', { wish }));
    } catch (error) {
      showProblem(error);
    }
  };
  useEffect(() => {
    if (!isUnderWay) return undefined;
    const timer = setInterval(() => void say('ask'), LOOK_MS);
    return () => clearInterval(timer);
  }, [isUnderWay]);
  return (
    <section className="sheet" aria-label="Practice shop">
      <h2>Practice shop</h2>
      <p>
        An invented shop with stock, clients and boxes of its own, to try anything in. It has a database of
        its own: nothing done there reaches this one, and no client is written to.
      </p>
      <div aria-live="polite">
        {state === 'isPractice' && <p>This is the practice shop.</p>}
        {state === 'away' && (
          <p>
            It cannot be opened from here: this shop runs behind a proxy, or was not started with{' '}
            <code>bin/start</code>. On the machine itself, <code>bin/start</code> without <code>--empty</code>{' '}
            opens the same shop by itself.
          </p>
        )}
        {fault && (
          <p className="tone tone-fights" role="alert">
            {fault}
          </p>
        )}
        {state === 'closed' && <Button onClick={() => void say('open')}>Open a practice shop</Button>}
        {isUnderWay && (
          <p className="practice-shop-wait">
            <Loader size="xs" />{' '}
            {state === 'opening'
              ? 'It is being filled; that takes a quarter of a minute or so.'
              : 'It is being dropped.'}
          </p>
        )}
        {state === 'open' && (
          <>
            <p>
              <a href={origin} target="_blank" rel="noopener">
                Go to the practice shop
              </a>
              . You stay signed in here. Sign in there as
            </p>
            <table className="plain-table practice-shop-people">
              <tbody>
                {people.map(({ role, email, password }) => (
                  <tr key={role}>
                    <th scope="row">{role}</th>
                    <td>{email}</td>
                    <td>
                      <code>{password}</code>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <Button variant="default" onClick={() => void say('drop')}>
              Drop it, with all that is in it
            </Button>
          </>
        )}
      </div>
    </section>
  );
}
