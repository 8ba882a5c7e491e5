import type { DeskView } from '@contracts/box/desk-view';
import { clockWords, deedWords, deskWhatWords, stakeWords, type Urgency } from '@core/schedule';
import { uncapital } from '@core/words';
import IconAlertTriangle from '@tabler/icons-react/icons/IconAlertTriangle';
import IconClock from '@tabler/icons-react/icons/IconClock';
import IconSunHigh from '@tabler/icons-react/icons/IconSunHigh';
import { stepped, toggled } from '@ui/choosing';
import { dayWords } from '@ui/days';
import { Proposals } from '@ui/Proposals';
import { Providers } from '@ui/Providers';
import { Button, Checkbox, NativeSelect } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { spell } from '@ui/tongue';
import { useRef, useState } from 'react';
import './desk.css';
import { FirstSteps } from './FirstSteps';

const SIGN: Readonly<Record<Urgency, typeof IconClock>> = {
  late: IconAlertTriangle,
  today: IconSunHigh,
  soon: IconClock,
  later: IconClock,
};

/** What needs doing today, each a verb with a client and a clock, in the order of what is lost first. */
export function DeskPage({ view }: { readonly view: DeskView }) {
  const [proposals, setProposals] = useState(view.proposals);
  const names = [...new Set(view.actions.flatMap(({ stylist }) => stylist ?? []))].sort();
  const [of, setOf] = useState<string>();
  const shown = of === undefined ? view.actions : view.actions.filter(({ stylist }) => stylist === of);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const tick = (id: string): void => setTicked((now) => toggled(now, id));
  const plan = `/plan?${[...ticked].map((id) => `box=${id}`).join('&')}`;
  const list = useRef<HTMLOListElement>(null);
  const step = (by: number) => () => {
    const links = [...(list.current?.querySelectorAll<HTMLAnchorElement>('a') ?? [])];
    const at = links.indexOf(document.activeElement as HTMLAnchorElement);
    stepped(links, at, by)?.focus();
  };
  useKeys([
    ['ArrowDown', step(1)],
    ['ArrowUp', step(-1)],
  ]);
  return (
    <Providers keys={[{ keys: '↓ ↑', does: 'Go through what needs doing' }]}>
      <div className="place-head">
        <h1>Desk</h1>
        <span className="soft">
          {dayWords(view.today)}.{' '}
          {view.open === 0
            ? 'No box is open.'
            : `${view.open === 1 ? '1 box is open' : `${view.open} boxes are open`}${view.actions.length > 1 ? '; most urgent first' : ''}.`}
        </span>
        <div className="end">
          {ticked.size > 0 && (
            <Button component="a" href={plan} size="xs">
              {ticked.size === 1 ? 'Plan 1 box' : `Plan ${ticked.size} boxes together`}
            </Button>
          )}
          {names.length > 1 && (
            <NativeSelect
              size="xs"
              aria-label="Whose boxes"
              data={[
                { value: '', label: 'Everybody’s boxes' },
                ...names.map((name) => ({
                  value: name,
                  label: name === view.me ? 'My boxes' : `${name}’s boxes`,
                })),
              ]}
              value={of ?? ''}
              onChange={(event) => setOf(event.currentTarget.value || undefined)}
            />
          )}
        </div>
      </div>
      <Proposals
        proposals={proposals}
        onSettled={(_ledger, id) => setProposals((all) => all.filter((each) => each.id !== id))}
        mayConfirm
      />
      {view.practice && (
        <p className="sheet desk-practice">
          <a href="/practice">{spell(view.practice.done === 0 ? 'Practise first' : 'Go on practising')}</a>{' '}
          <span className="soft">
            {view.practice.done} of today’s {view.practice.of} exercises done. About ten minutes in all.
          </span>
        </p>
      )}
      {view.firstSteps.length > 0 && <FirstSteps steps={view.firstSteps} />}
      {view.actions.length === 0 ? (
        view.firstSteps.length === 0 && (
          <p className="sheet empty">
            <strong>Nothing to do.</strong>
            {view.me === undefined
              ? 'What is ready to be packed, sent or checked in will stand here.'
              : 'Open a client and start a box; what has to be done by when will stand here.'}
          </p>
        )
      ) : (
        <ol className="rows desk" ref={list}>
          {shown.map((action, i) => {
            const Sign = SIGN[action.urgency];
            return (
              <li key={`${action.boxId}${action.deed}`} className={`desk-${action.urgency}`}>
                {view.me !== undefined && (
                  <Checkbox
                    size="xs"
                    className="desk-tick"
                    aria-label={`Plan box ${action.number} together with others`}
                    checked={ticked.has(action.boxId)}
                    disabled={action.deed !== 'style'}
                    onChange={() => tick(action.boxId)}
                  />
                )}
                <a href={`/box/${action.boxId}/${action.step}`}>
                  <span className="desk-clock">
                    <Sign size={17} aria-hidden />
                    {clockWords(action)}
                  </span>
                  <span className="desk-verb serif">
                    {deedWords(action.deed)} <span className="soft">for</span> {action.client}
                  </span>
                  <span className="desk-what">{deskWhatWords(action.what)}</span>
                  <span className="desk-lost small">
                    {action.day && (
                      <>
                        <span className="num">{dayWords(action.day)}</span>
                        <br />
                      </>
                    )}
                    {i === 0 ? `At stake: ${uncapital(stakeWords(action.stake))}` : stakeWords(action.stake)}
                  </span>
                  <span className="desk-box num">
                    Box {action.number}
                    {names.length > 1 && <span className="small soft">{action.stylist}</span>}
                  </span>
                </a>
              </li>
            );
          })}
        </ol>
      )}
    </Providers>
  );
}
