import { NOBODY, type Profile } from '@core/look';
import { pieceFrom } from '@core/piece';
import type { Example, Rule, Tuning } from '@core/rules';
import { NumberInput, Switch } from '@mantine/core';
import { Figure } from '@ui/Figure';
import { memo, useMemo } from 'react';

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
  fights: 'fights',
  blocks: 'blocks',
  silent: 'silent',
} as const;

/** A rule: what it asks, two looks it tells apart, its thresholds, and how often it spoke. */
export function RuleCard({ rule, tuning, spoke, overruled, mayTune, onTune }: Props) {
  const [pair] = rule.examples;
  const thresholds = Object.entries(rule.thresholds);
  const change = (part: Tuning): void => {
    const next = { ...tuning, ...part };
    const plain = !next.off && Object.keys(next.thresholds ?? {}).length === 0 && !next.weight;
    onTune(plain ? undefined : next);
  };
  return (
    <article
      className={`sheet rule${tuning?.off ? ' rule-off' : ''}`}
      aria-label={`${rule.id} ${rule.title}`}
    >
      <div className="rule-words">
        <header>
          <span className="rule-id num">{rule.id}</span>
          <h3>{rule.title}</h3>
          {tuning && !tuning.off && <span className="chip">tuned</span>}
          <Switch
            size="xs"
            label={tuning?.off ? 'off' : 'on'}
            aria-label={`${rule.id} on`}
            checked={!tuning?.off}
            disabled={!mayTune}
            onChange={(event) => change({ off: !event.currentTarget.checked || undefined })}
          />
        </header>
        <p>{rule.question}</p>
        <p className="small soft">
          works {signed(rule.weight.works)}, look again {signed(rule.weight.note)}, fights{' '}
          {signed(rule.weight.fights)}
          {rule.mayOverrule ? '' : '; stands, whatever the stylist says'}. Spoke in {spoke}{' '}
          {spoke === 1 ? 'look' : 'looks'}
          {overruled > 0 && `, overruled ${overruled} times`}. {rule.source}
        </p>
        {thresholds.length > 0 && (
          <div className="rule-thresholds">
            {thresholds.map(([name, { value, unit, says, min, max }]) => (
              <NumberInput
                key={name}
                size="xs"
                label={says}
                suffix={unit ? ` ${unit}` : ''}
                min={min}
                max={max}
                step={(max - min) / 50}
                disabled={!mayTune || tuning?.off === true}
                value={tuning?.thresholds?.[name] ?? value}
                onChange={(next) => {
                  const { [name]: _before, ...rest } = tuning?.thresholds ?? {};
                  const own = typeof next === 'number' && next !== value ? { ...rest, [name]: next } : rest;
                  change({ thresholds: own });
                }}
              />
            ))}
          </div>
        )}
      </div>
      {pair && (
        <div className="rule-pair">
          {pair.map((example) => (
            <Shown key={example.title} example={example} />
          ))}
        </div>
      )}
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
        <Figure pieces={pieces} client={client} height={132} title={example.title} decorative />
      </span>
      <figcaption className="small">
        {example.title}: <b className={`tone tone-${example.expect}`}>{TONE_WORDS[example.expect]}</b>
      </figcaption>
    </figure>
  );
});
