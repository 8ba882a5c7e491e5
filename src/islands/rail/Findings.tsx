import { beneathOf } from '@core/letter';
import {
  aboutOf,
  findingKey,
  type LookMend,
  lookWords,
  type Mend,
  mayOverrule,
  mendKey,
  mendWords,
  type Overrule,
  type Verdict,
} from '@core/look';
import { type Finding, measuredWords, ruleOf, sentence } from '@core/rules';
import type { Speaker } from '@core/say';
import { type Piece, wear } from '@core/piece';
import { listed } from '@core/words';
import { Autocomplete, Button } from '@mantine/core';
import IconAlertTriangle from '@tabler/icons-react/icons/IconAlertTriangle';
import IconBan from '@tabler/icons-react/icons/IconBan';
import IconCheck from '@tabler/icons-react/icons/IconCheck';
import IconEye from '@tabler/icons-react/icons/IconEye';
import { spell } from '@ui/tongue';
import { memo, type ReactNode, useMemo, useState } from 'react';

const GROUPS = [
  { tone: 'blocks', title: 'Ruled out', Sign: IconBan },
  { tone: 'fights', title: 'Put right', Sign: IconAlertTriangle },
  { tone: 'note', title: 'Look again', Sign: IconEye },
  { tone: 'works', title: 'Works', Sign: IconCheck },
] as const;

const MENDS_SHOWN = 3;
const WORKS_SHOWN = 3;
/** Why a finding is left as it is, in a word; own words do as well. */
const REASONS = [
  'the client asked for it',
  'it works on this client',
  'seen on, it looks right',
  'the occasion allows it',
  'the rule does not fit here',
];

interface FindingsProps {
  readonly pieces: readonly Piece[];
  readonly verdict: Verdict;
  /** What helps, over the whole look, best first. */
  readonly mends: readonly LookMend[];
  /** Ways of wearing that would lift the look (M3). */
  readonly ways: readonly Mend[];
  /** Leaving this off lifts the look. */
  readonly less: Mend | undefined;
  /** Asks for ways to finish a look that is not whole yet. */
  readonly onFinish: () => void;
  readonly busy: boolean;
  /** Puts findings and mends into words for this shop and client. */
  readonly by: Speaker;
  /** Titles of worn pieces that nobody has confirmed. */
  readonly assumed: readonly string[];
  /** The look judged by another school, beside this one. */
  readonly schools?: ReactNode;
  readonly overrules: readonly Overrule[];
  readonly onLight: (pieces: readonly string[]) => void;
  readonly onTry: (mend: Mend | undefined) => void;
  readonly onKeep: (mend: Mend) => void | Promise<void>;
  readonly onOverrule: (over: Overrule) => void;
  readonly onRestore: (over: Overrule) => void;
}

/** What the rules say of the look, grouped; pointing at a finding lights the pieces it speaks of. */
export function Findings({
  pieces,
  verdict,
  mends,
  ways,
  less,
  onFinish,
  busy,
  by,
  assumed,
  schools,
  overrules,
  onLight,
  onTry,
  onKeep,
  onOverrule,
  onRestore,
}: FindingsProps) {
  const [open, setOpen] = useState(false);
  const [allWorks, setAllWorks] = useState(false);
  const { score } = verdict;
  const beneath = useMemo(() => beneathOf(pieces.map(wear), by.tongue), [pieces, by]);
  return (
    <section className="findings" aria-label="Findings" aria-live="polite">
      <div className="score">
        <p className="score-words serif">{lookWords(verdict, by)}</p>
        <button className="plain-button small" aria-expanded={open} onClick={() => setOpen(!open)}>
          why: <span className="score-number num">{score.score}</span>
        </button>
      </div>
      {open && <Breakdown verdict={verdict} />}
      {open && schools}
      {assumed.length > 0 && (
        <p className="small soft">Nobody has confirmed that these are in the closet: {listed(assumed)}.</p>
      )}
      {pieces.length > 0 && !verdict.complete && (
        <Button size="xs" variant="light" onClick={onFinish} title="Press w">
          Ways to finish it…
        </Button>
      )}
      {mends.length > 0 && (
        <div className="finding-group">
          <h3 className="tone soft">What would help</h3>
          {mends.slice(0, MENDS_SHOWN).map((mend) => (
            <MendButton key={mendKey(mend)} mend={mend} by={by} onTry={onTry} onKeep={onKeep} />
          ))}
        </div>
      )}
      {GROUPS.map(({ tone, title, Sign }) => {
        const all = verdict.findings.filter((finding) => finding.tone === tone);
        if (all.length === 0) return null;
        // What is right is told in short: the eye goes to what is not.
        const found = tone === 'works' && !allWorks ? all.slice(0, WORKS_SHOWN) : all;
        return (
          <div key={tone} className={`finding-group finding-${tone}`}>
            <h3 className={`tone tone-${tone}`}>
              <Sign size={15} aria-hidden /> {title}
            </h3>
            <ul>
              {numbered(found).map(([key, finding]) => (
                <FindingRow key={key} finding={finding} by={by} onLight={onLight} onOverrule={onOverrule} />
              ))}
            </ul>
            {tone === 'works' && all.length > WORKS_SHOWN && (
              <button
                className="plain-button small"
                aria-expanded={allWorks}
                onClick={() => setAllWorks(!allWorks)}
              >
                {allWorks ? 'fewer' : `and ${all.length - WORKS_SHOWN} more that work`}
              </button>
            )}
          </div>
        );
      })}
      {verdict.findings.length === 0 && <p className="soft">Nothing to say yet.</p>}
      {busy && verdict.findings.some(({ tone }) => tone !== 'works') && (
        <p className="small soft">looking for mends…</p>
      )}
      {less && !mends.slice(0, MENDS_SHOWN).some((mend) => mendKey(mend) === mendKey(less)) && (
        <div className="finding-group">
          <h3 className="tone soft">Take one off</h3>
          <MendButton mend={less} by={by} onTry={onTry} onKeep={onKeep} />
        </div>
      )}
      {ways.length > 0 && (
        <div className="finding-group">
          <h3 className="tone soft">Worn another way</h3>
          {ways.slice(0, 3).map((mend) => (
            <MendButton key={mend.piece} mend={mend} by={by} onTry={onTry} onKeep={onKeep} />
          ))}
        </div>
      )}
      {overrules.length > 0 && (
        <div className="finding-group">
          <h3 className="tone soft">Left as is</h3>
          <ul>
            {overrules.map((over) => (
              <li key={over.rule + over.about} className="small">
                {over.rule}: {over.reason}{' '}
                <button className="plain-button" onClick={() => onRestore(over)}>
                  bring back
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      {beneath.length > 0 && (
        <div className="finding-group">
          <h3 className="tone soft">Beneath, for the letter</h3>
          <ul>
            {beneath.map((line) => (
              <li key={line.piece + line.text} className="small">
                {line.text}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

/** A key that stays while a finding says the same with another measure: its row is written over, not made anew. */
function numbered(findings: readonly Finding[]): (readonly [string, Finding])[] {
  const seen = new Map<string, number>();
  return findings.map((finding) => {
    const key = findingKey(finding);
    const times = seen.get(key) ?? 0;
    seen.set(key, times + 1);
    return [`${key}#${times}`, finding] as const;
  });
}

type FindingRowProps = Pick<FindingsProps, 'by' | 'onLight' | 'onOverrule'> & {
  readonly finding: Finding;
};

/** A finding is made anew with every judgement: a row is drawn again only when it says something else. */
const FindingRow = memo(
  function FindingRow({ finding, by, onLight, onOverrule }: FindingRowProps) {
    const light = (on: boolean) => () => onLight(on ? finding.pieces : []);
    const [why, setWhy] = useState(false);
    return (
      <li onMouseEnter={light(true)} onMouseLeave={light(false)} onFocus={light(true)} onBlur={light(false)}>
        <button
          className="finding-says"
          title="Which rule, and its numbers"
          aria-expanded={why}
          onClick={() => setWhy(!why)}
        >
          {sentence(finding, by)}
        </button>
        {why && (
          <div className="small soft num">
            {finding.rule} {ruleOf(finding.rule)?.title}
            {finding.measured && `: ${measuredWords(finding.measured)}`}
          </div>
        )}
        {finding.tone !== 'works' && mayOverrule(finding) && (
          <LeaveAsIs finding={finding} by={by} onOverrule={onOverrule} />
        )}
      </li>
    );
  },
  (before, after) => before.by === after.by && isSame(before.finding, after.finding),
);

/** Two findings that say the same of the same pieces. */
const isSame = (a: Finding, b: Finding): boolean =>
  a.code === b.code &&
  a.measured?.value === b.measured?.value &&
  a.pieces.join() === b.pieces.join() &&
  JSON.stringify(a.params) === JSON.stringify(b.params);

type MendButtonProps = Pick<FindingsProps, 'by' | 'onTry' | 'onKeep'> & {
  readonly mend: Mend & Partial<Pick<LookMend, 'answers'>>;
};

/** A mend: pointing at it tries it on the figure, pressing keeps it. */
function MendButton({ mend, by, onTry, onKeep }: MendButtonProps) {
  const answers = mend.answers?.length ?? 0;
  return (
    <button
      className="mend"
      onMouseEnter={() => onTry(mend)}
      onMouseLeave={() => onTry(undefined)}
      onFocus={() => onTry(mend)}
      onBlur={() => onTry(undefined)}
      onClick={() => void onKeep(mend)}
      // The number sorts; it stands behind the words.
      title={`${mend.from === 'stock' ? 'From the shelf: keeping it holds it for this box. ' : ''}+${mend.gain.toFixed(1)} points`}
    >
      {mendWords(mend, by)}
      {answers > 1 && <span className="mend-answers"> answers {answers}</span>}
      {mend.from === 'stock' && <span className="mend-stock"> from the shelf</span>}
    </button>
  );
}

function LeaveAsIs({
  finding,
  by,
  onOverrule,
}: Pick<FindingsProps, 'by' | 'onOverrule'> & { readonly finding: Finding }) {
  const [opened, setOpened] = useState(false);
  const [reason, setReason] = useState('');
  if (!opened) {
    return (
      <button
        className="plain-button small"
        aria-label={`Leave as is: ${sentence(finding, by)}`}
        onClick={() => setOpened(true)}
      >
        leave as is
      </button>
    );
  }
  return (
    <form
      className="put-aside"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== '')
          onOverrule({ rule: finding.rule, about: aboutOf(finding), reason: reason.trim() });
      }}
      onKeyDown={(event) => event.key === 'Escape' && setOpened(false)}
    >
      <Autocomplete
        size="xs"
        data={REASONS}
        aria-label="Why it is right here"
        placeholder="Why it is right here"
        autoFocus
        value={reason}
        onChange={setReason}
      />
      <Button size="xs" type="submit" disabled={reason.trim() === ''}>
        Leave as is
      </Button>
    </form>
  );
}

function Breakdown({ verdict: { score } }: { readonly verdict: Verdict }) {
  return (
    <table className="breakdown small">
      <caption className="visually-hidden">How the score adds up</caption>
      <tbody>
        {score.facets.map((facet) => (
          <tr key={facet.facet}>
            <th scope="row">
              {spell(facet.title)}
              {facet.share !== 1 && <span className="soft"> × {facet.share}</span>}
            </th>
            <td className="soft">
              {facet.rows
                .map(
                  (row, i) =>
                    `${row.points < 0 ? (i === 0 ? '−' : ' − ') : i === 0 ? '+' : ' + '}${Math.abs(row.points)} ${row.label}`,
                )
                .join('')}
            </td>
            <td className="num">{facet.score > 0 ? `+${facet.score}` : facet.score}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">Sum</th>
          <td className="soft">
            {score.start}
            {score.facets.map(
              ({ score: points, share }) => ` ${points < 0 ? '−' : '+'} ${Math.abs(points * share)}`,
            )}
          </td>
          <td className="num">
            <b>{score.score}</b>
          </td>
        </tr>
      </tbody>
    </table>
  );
}
