import type { BoxRule } from '@core/box-rules';
import { NOBODY, type Profile } from '@core/client';
import { pieceFrom } from '@core/piece';
import { type Example, ownTuning, type Rule, ruleOf, type Tuning, yieldsOf } from '@core/rules';
import { NumberInput, Switch } from '@mantine/core';
import { Figure } from '@ui/Figure';
import { spell } from '@ui/tongue';
import { memo, type ReactNode, useMemo } from 'react';
import { Thresholds } from './Thresholds';

interface Props {
  readonly rule: Rule;
  readonly tuning: Tuning | undefined;
  readonly spoke: number;
  readonly overruled: number;
  readonly mayTune: boolean;
  readonly onTune: (tuning: Tuning | undefined) => void;
}

const TONE_WORDS = {
  works: 'works',
  note: 'look again',
  fights: 'put right',
  blocks: 'ruled out',
  silent: 'silent',
} as const;

/** A rule: what it asks, two looks it tells apart, its thresholds, and how often it spoke. */
export function RuleCard({ rule, tuning, spoke, overruled, mayTune, onTune }: Props) {
  const [pair] = rule.examples;
  const change = changing(rule, tuning, onTune);
  const weights = { ...rule.weight, ...tuning?.weight };
  return (
    <RuleSheet
      rule={rule}
      tuning={tuning}
      mayTune={mayTune}
      onChange={change}
      beside={
        pair && (
          <div className="rule-pair">
            {pair.map((example) => (
              <Shown key={example.title} example={example} />
            ))}
          </div>
        )
      }
      says={
        <>
          works {signed(weights.works)}, look again {signed(weights.note)}, put right {signed(weights.fights)}
          {rule.mayOverrule ? '' : '; stands, whatever the stylist says'}. Spoke in {spoke}{' '}
          {spoke === 1 ? 'look' : 'looks'}
          {overruled > 0 && `, overruled ${overruled} times`}. {rule.source}
        </>
      }
    >
      {mayTune && (
        <details className="small">
          <summary>Points</summary>
          <div className="rule-weights">
            {(['works', 'note', 'fights'] as const).map((tone) => (
              <NumberInput
                key={tone}
                size="xs"
                w={104}
                label={TONE_WORDS[tone]}
                min={-60}
                max={60}
                allowDecimal={false}
                disabled={tuning?.off === true}
                value={weights[tone]}
                onChange={(next) => {
                  const { [tone]: _before, ...rest } = tuning?.weight ?? {};
                  const own =
                    typeof next === 'number' && next !== rule.weight[tone] ? { ...rest, [tone]: next } : rest;
                  change({ weight: Object.keys(own).length > 0 ? own : undefined });
                }}
              />
            ))}
          </div>
        </details>
      )}
    </RuleSheet>
  );
}

/** A part of a tuning laid over what was tuned before; back at the defaults nothing is left of it. */
const changing =
  (rule: Pick<Rule, 'thresholds'>, tuning: Tuning | undefined, onTune: Props['onTune']) =>
  (part: Tuning): void =>
    onTune(ownTuning(rule, { ...tuning, ...part }));

interface TuneProps {
  readonly tuning: Tuning | undefined;
  readonly mayTune: boolean;
  readonly onChange: (part: Tuning) => void;
}

function OnOff({ id, tuning, mayTune, onChange }: TuneProps & { readonly id: string }) {
  return (
    <>
      {tuning && !tuning.off && <span className="chip">tuned</span>}
      <Switch
        size="xs"
        label={tuning?.off ? 'off' : 'on'}
        aria-label={`${id} on`}
        checked={!tuning?.off}
        disabled={!mayTune}
        onChange={(event) => onChange({ off: !event.currentTarget.checked || undefined })}
      />
    </>
  );
}

interface BoxRuleProps {
  readonly rule: BoxRule;
  readonly tuning: Tuning | undefined;
  readonly mayTune: boolean;
  readonly onTune: (tuning: Tuning | undefined) => void;
}

/** A rule that speaks of a box as a whole: there is no single look to draw for it. */
export function BoxRuleCard({ rule, tuning, mayTune, onTune }: BoxRuleProps) {
  return (
    <RuleSheet
      rule={rule}
      tuning={tuning}
      mayTune={mayTune}
      onChange={changing(rule, tuning, onTune)}
      says={`${spell(rule.says)} Judged over the whole box, on its Pull page.`}
    />
  );
}

interface SheetProps extends TuneProps {
  readonly rule: Pick<Rule, 'id' | 'title' | 'question' | 'thresholds'>;
  readonly says: ReactNode;
  readonly beside?: ReactNode;
  readonly children?: ReactNode;
}

/** What every rule shows: what it asks, on or off, what it says, its thresholds. */
function RuleSheet({ rule, says, beside, children, ...tune }: SheetProps) {
  return (
    <article
      className={`sheet rule${tune.tuning?.off ? ' rule-off' : ''}`}
      aria-label={`${rule.id} ${rule.title}`}
    >
      <div className="rule-words">
        <header>
          <span className="rule-id num">{rule.id}</span>
          <h3>{spell(rule.title)}</h3>
          <OnOff id={rule.id} {...tune} />
        </header>
        <p>{spell(rule.question)}</p>
        <p className="small soft">{says}</p>
        {yieldsOf(rule.id).map(({ to, why }) => (
          <p key={to.rule} className="small soft">
            Gives way to “{spell(ruleOf(to.rule)?.title ?? '')}”. {spell(why)}
          </p>
        ))}
        <Thresholds of={rule} {...tune} />
        {children}
      </div>
      {beside}
    </article>
  );
}

const signed = (points: number): string => (points < 0 ? `−${-points}` : `+${points}`);

/** One of the two looks of an example, drawn. */
const Shown = memo(function Shown({ example }: { readonly example: Example }) {
  const pieces = useMemo(() => example.look.map(pieceFrom), [example]);
  const client = useMemo(() => ({ ...NOBODY, ...example.client }) as Profile, [example]);
  return (
    <figure>
      <span className="stage">
        <Figure pieces={pieces} client={client} height={132} title={spell(example.title)} decorative />
      </span>
      <figcaption className="small">
        {spell(example.title)}: <b className={`tone tone-${example.expect}`}>{TONE_WORDS[example.expect]}</b>
      </figcaption>
    </figure>
  );
});
