import type { BoxView, LookView } from '@contracts/box/box-view';
import { piecesOf, settingOf, speakerOf } from '@contracts/look-pieces';
import { judge, lookWords, sideBySide } from '@core/look';
import { type Finding, sentence } from '@core/rules';
import type { Speaker } from '@core/say';
import { Modal, NativeSelect } from '@mantine/core';
import { Figure } from '@ui/Figure';
import { spell } from '@ui/tongue';
import { useMemo, useState } from 'react';

interface Props {
  readonly view: BoxView;
  readonly currentId: string | undefined;
  readonly onClose: () => void;
}

/** Two saved looks beside each other: worn, in a sentence, and facet by facet. */
export function SideBySide({ view, currentId, onClose }: Props) {
  const { looks } = view;
  const first = looks.find(({ id }) => id === currentId) ?? looks[0];
  const [ids, setIds] = useState([first?.id, looks.find(({ id }) => id !== first?.id)?.id] as const);
  const by = useMemo(() => speakerOf(view), [view]);
  const pair = ids.map((id) => looks.find((each) => each.id === id));
  const judged = useMemo(() => ids.map((id) => judgedOf(view, id)), [view, ids]);
  const [a, b] = judged;
  const rows = a && b ? sideBySide(a.verdict, b.verdict) : [];
  const name = (look: LookView | undefined, i: number): string =>
    look?.title || (i === 0 ? 'The first' : 'The second');
  const choose = (place: number, id: string): void =>
    // The look that stands on the other side already goes to this one's place.
    setIds(([one, other]) =>
      place === 0 ? [id, other === id ? one : other] : [one === id ? other : one, id],
    );
  return (
    <Modal opened onClose={onClose} title="Two looks side by side" size="xl">
      <div className="side-by-side">
        {judged.map((each, i) => (
          <section key={i} aria-label={name(pair[i], i)}>
            <NativeSelect
              size="xs"
              aria-label={i === 0 ? 'The look on the left' : 'The look on the right'}
              value={ids[i] ?? ''}
              data={looks.map((look, n) => ({ value: look.id, label: look.title || `Look ${n + 1}` }))}
              onChange={(event) => choose(i, event.currentTarget.value)}
            />
            {each && (
              <>
                <Figure pieces={each.pieces} client={view.client.profile} height={300} title="" decorative />
                <p className="small soft">{each.occasion ?? 'no occasion'}</p>
                <p>{lookWords(each.verdict, by)}</p>
              </>
            )}
          </section>
        ))}
      </div>
      <div className="side-table">
        <table className="plain-table">
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Facet</span>
              </th>
              <th scope="col">{name(pair[0], 0)}</th>
              <th scope="col">{name(pair[1], 1)}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ facet, title, findings, better }) => (
              <tr key={facet}>
                <th scope="row">{spell(title)}</th>
                {findings.map((each, i) => (
                  <td key={i}>
                    {better === i && <span className="chip">better here</span>}
                    <Said findings={each} by={by} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Modal>
  );
}

function judgedOf(view: BoxView, id: string | undefined) {
  const look = view.looks.find((each) => each.id === id);
  if (!look) return undefined;
  const occasion = view.occasions.find((each) => each.id === look.occasionId)?.occasion;
  const pieces = piecesOf(view, look.pieces);
  const verdict = judge(pieces, settingOf(view, occasion), view.shop.settings, look.overrules);
  return { pieces, occasion: occasion?.title, verdict };
}

/** What is said of a facet, the gravest first. */
function Said({ findings, by }: { readonly findings: readonly Finding[]; readonly by: Speaker }) {
  if (findings.length === 0) return <span className="soft">nothing to say</span>;
  return (
    <ul className="side-said small">
      {findings.map((finding, i) => (
        <li key={i} className={`tone-${finding.tone}`}>
          {sentence(finding, by)}
        </li>
      ))}
    </ul>
  );
}
