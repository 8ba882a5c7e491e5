import type { ClientView } from '@contracts/client/client-view';
import type { ConsentsView } from '@contracts/consent/consent-view';
import { CONSENT_WAYS, CONSENT_WORDS, type ConsentAbout, CONSENTS, type ConsentWay } from '@core/client';
import { KEPT_THINGS, type KeptThing } from '@core/schedule';
import { Button, NativeSelect } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useState } from 'react';

const KEPT_WORDS: Readonly<Record<KeptThing, string>> = {
  measures: 'Measures',
  photos: 'Photos',
  boxes: 'Letters and looks of the last box',
};

/** What the client agreed to, when and how; and how long what is theirs is kept. */
export function ConsentPanel({ view }: { readonly view: ClientView }) {
  const [shown, setShown] = useState<ConsentsView>(view);
  const [way, setWay] = useState<ConsentWay>('in person');
  const [ending, setEnding] = useState<ConsentAbout>();
  const [busy, setBusy] = useState(false);
  const work = async (deed: () => Promise<ConsentsView>, done: string): Promise<void> => {
    setBusy(true);
    try {
      setShown(await deed());
      setEnding(undefined);
      showDone(done);
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  const withdraw = (about: ConsentAbout, erase: boolean): Promise<void> =>
    work(
      () => call('withdraw-consent', { clientId: view.id, about, erase }),
      erase ? 'Taken back, and what was kept is erased.' : 'Taken back; what is there stays for now.',
    );
  const until = KEPT_THINGS.filter((thing) => shown.keptUntil[thing]);
  return (
    <section className="sheet" aria-label="Agreements">
      <div className="sheet-head">
        <h2>Agreed</h2>
        <NativeSelect
          size="xs"
          aria-label="How they said so"
          data={[...CONSENT_WAYS]}
          value={way}
          onChange={(event) => setWay(event.currentTarget.value as ConsentWay)}
        />
      </div>
      <ul className="rows small consents">
        {CONSENTS.map((about) => {
          const last = shown.consents.find((each) => each.about === about);
          const stands = last && !last.withdrawnOn;
          return (
            <li key={about}>
              <span>
                {CONSENT_WORDS[about]}
                <span className="soft facts-line">
                  {!last && 'Not asked yet'}
                  {last && stands && `Agreed ${last.way}, ${dayWords(last.givenOn)}`}
                  {last?.withdrawnOn && `Taken back ${dayWords(last.withdrawnOn)}`}
                </span>
              </span>
              {!stands && (
                <Button
                  size="compact-xs"
                  variant="default"
                  disabled={busy}
                  onClick={() =>
                    void work(
                      () => call('save-consent', { clientId: view.id, about, way, givenOn: view.today }),
                      `Noted: agreed ${way}.`,
                    )
                  }
                >
                  They agreed
                </Button>
              )}
              {stands && ending !== about && (
                <Button
                  size="compact-xs"
                  variant="default"
                  disabled={busy}
                  onClick={() => (about === 'messages' ? void withdraw(about, false) : setEnding(about))}
                >
                  Take back{about === 'messages' ? '' : '…'}
                </Button>
              )}
              {ending === about && (
                <span className="rhythm-keys">
                  <Button
                    size="compact-xs"
                    color="madder"
                    disabled={busy}
                    onClick={() => void withdraw(about, true)}
                  >
                    Take back and erase the {about}
                  </Button>
                  <Button
                    size="compact-xs"
                    variant="default"
                    disabled={busy}
                    onClick={() => void withdraw(about, false)}
                  >
                    Take back only
                  </Button>
                  <Button size="compact-xs" variant="default" onClick={() => setEnding(undefined)}>
                    Cancel
                  </Button>
                </span>
              )}
            </li>
          );
        })}
      </ul>
      <p className="small soft">
        {until.length === 0
          ? 'Kept as long as they are a client, or until they are erased.'
          : `${until.map((thing) => `${KEPT_WORDS[thing]} until ${dayWords(shown.keptUntil[thing] ?? '')}`).join('; ')}, unless another box comes first.`}
      </p>
    </section>
  );
}
