import type { HouseRulesView } from '@contracts/shop/house-rules-view';
import { type Schools } from '@core/client';
import { judge, SCHOOLS_WHY, SCORED } from '@core/look';
import { BOX_RULES } from '@core/box-rules';
import { ELSEWHERE_RULES, type Facet, FACETS, RULES, type Settings, type Tuning } from '@core/rules';
import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { Providers } from '@ui/Providers';
import { useMergedSave } from '@ui/useMergedSave';
import { spell } from '@ui/tongue';
import { type ReactNode, useMemo, useRef, useState } from 'react';
import { LanguagePanel } from './LanguagePanel';
import { PullingPanel } from './PullingPanel';
import { BoxRuleCard, RuleCard } from './RuleCard';
import './house-rules.css';

interface Props {
  readonly view: HouseRulesView;
  readonly mayTune: boolean;
}

/** What stands beside the facets. */
const EXTRAS = [
  ['pulling', 'Pulling'],
  ['language', 'Language'],
] as const;
type Extra = (typeof EXTRAS)[number][0];
const isExtra = (facet: Facet | Extra): facet is Extra => EXTRAS.some(([extra]) => extra === facet);

interface Tuned {
  readonly settings: Settings;
  readonly schools: Schools;
}

/** The shop's rules as they are being tuned, and as they were saved last. */
function useTuning(view: HouseRulesView) {
  const [settings, setSettings] = useState<Settings>(view.shop.settings);
  const [schools, setSchools] = useState<Schools>(view.shop.schools);
  const [version, setVersion] = useState(view.version);
  const {
    saved,
    busy,
    save: keep,
  } = useMergedSave<Tuned>(
    'save-rules',
    { settings: view.shop.settings, schools: view.shop.schools },
    {
      show: (theirs) => {
        setSettings(theirs.settings);
        setSchools(theirs.schools);
      },
    },
  );
  const dirty = JSON.stringify({ settings, schools }) !== JSON.stringify(saved);
  const save = async (): Promise<void> => {
    const kept = await keep(version, { settings, schools }, 'The house rules are saved.');
    if (kept) setVersion(kept.version);
  };
  const tune = (id: string, tuning: Tuning | undefined): void =>
    setSettings((now) => {
      const { [id]: _before, ...rest } = now;
      return tuning ? { ...rest, [id]: tuning } : rest;
    });
  return { settings, setSettings, schools, setSchools, version, setVersion, saved, busy, dirty, save, tune };
}

/** Every rule the shop judges by: its question, its thresholds, two looks that it tells apart; on, off, tuned. */
export function HouseRulesPage({ view, mayTune }: Props) {
  const { settings, setSettings, schools, setSchools, version, setVersion, saved, busy, dirty, save, tune } =
    useTuning(view);
  const [facet, setFacet] = useState<Facet | Extra>('C');
  const [search, setSearch] = useState('');
  const find = useRef<HTMLInputElement>(null);
  useKeys([
    ['/', () => find.current?.focus()],
    ['mod+S', () => mayTune && dirty && void save()],
  ]);
  const wanted = search.trim().toLowerCase();
  const isShown = (rule: {
    readonly id: string;
    readonly title: string;
    readonly question: string;
  }): boolean =>
    wanted
      ? `${rule.id} ${rule.title} ${rule.question}`.toLowerCase().includes(wanted)
      : rule.id.startsWith(facet);
  const shown = [...RULES, ...BOX_RULES]
    .filter(isShown)
    .sort((a, b) => a.id.localeCompare(b.id, 'en', { numeric: true }));
  const extra = !wanted && isExtra(facet) ? facet : undefined;
  const before = useMemo(() => scoresOf(view, saved.settings, saved.schools), [view, saved]);
  const after = useMemo(() => scoresOf(view, settings, schools), [view, settings, schools]);
  return (
    <Providers
      keys={[
        { keys: '/', does: 'Find a rule' },
        { keys: 'Ctrl S', does: 'Save the house rules' },
      ]}
    >
      <div className="place-head">
        <h1>House rules</h1>
        <span className="soft">
          {RULES.length + BOX_RULES.length} rules. You may leave any finding as is, except a client’s own
          limits and codes
        </span>
        <div className="end">
          <TextInput
            ref={find}
            aria-label="Find a rule"
            placeholder="Find a rule ( / )"
            value={search}
            onChange={(event) => setSearch(event.currentTarget.value)}
          />
          {mayTune && (
            <>
              <Button
                variant="default"
                disabled={Object.keys(settings).length === 0}
                onClick={() => setSettings({})}
              >
                Back to defaults
              </Button>
              <Button disabled={!dirty} loading={busy} onClick={() => void save()} title="Save (Ctrl S)">
                Save
              </Button>
            </>
          )}
        </div>
      </div>
      <div className="house">
        <FacetNav current={wanted ? undefined : facet} onGo={(to) => (setFacet(to), setSearch(''))}>
          <Effect before={before} after={after} looks={view.looks} />
        </FacetNav>
        <div className="house-rules">
          {extra === 'pulling' && (
            <PullingPanel shop={view.shop} version={version} mayTune={mayTune} onSaved={setVersion} />
          )}
          {extra === 'language' && (
            <LanguagePanel shop={view.shop} version={version} mayTune={mayTune} onSaved={setVersion} />
          )}
          {!extra && (
            <h2 className="visually-hidden">
              {wanted ? `Rules with “${search}”` : spell(FACETS[facet as Facet])}
            </h2>
          )}
          {!extra && shown.length === 0 && <p className="sheet empty">No rule says that.</p>}
          {!wanted && !isExtra(facet) && SCORED.includes(facet) && (
            <FacetShare
              title={spell(FACETS[facet])}
              share={settings[facet]?.share ?? 1}
              mayTune={mayTune}
              onShare={(share) => tune(facet, share === 1 ? undefined : { share })}
            />
          )}
          {shown.map((rule) =>
            'facet' in rule ? (
              <RuleCard
                key={rule.id}
                rule={rule}
                tuning={settings[rule.id]}
                spoke={view.spoke[rule.id] ?? 0}
                overruled={view.overruled[rule.id] ?? 0}
                mayTune={mayTune}
                onTune={(tuning) => tune(rule.id, tuning)}
              />
            ) : (
              <BoxRuleCard
                key={rule.id}
                rule={rule}
                tuning={settings[rule.id]}
                mayTune={mayTune}
                onTune={(tuning) => tune(rule.id, tuning)}
              />
            ),
          )}
          {!wanted && !isExtra(facet) && <Elsewhere facet={facet} />}
        </div>
        <SchoolsPanel
          view={view}
          schools={schools}
          settings={settings}
          mayTune={mayTune}
          onChange={setSchools}
        />
      </div>
    </Providers>
  );
}

/** A matter as the screen says it. */
const MATTER_WORDS: Readonly<Record<keyof Schools, string>> = {
  colour: 'Colour',
  metals: 'Metals',
  hides: 'Leather goods',
  shine: 'Shine',
  focus: 'Focus',
  shape: 'Shape',
  size: 'Size',
  pattern: 'Pattern',
};
const MATTERS = Object.keys(SCHOOLS_WHY) as (keyof Schools)[];

/** Score of one of the shown looks; `own` takes the place of the client's own schools. */
const scoreOfLook = (
  { pieces, client, occasion }: HouseRulesView['looks'][number],
  settings: Settings,
  shopSchools: Schools,
  own: Partial<Schools> = client.schools,
): number =>
  judge(pieces, { client: { ...client, schools: own }, occasion, shopSchools }, settings).score.score;

const scoresOf = ({ looks }: HouseRulesView, settings: Settings, schools: Schools): number[] =>
  looks.map((look) => scoreOfLook(look, settings, schools));

/** What the change does to three looks of the shop. */
function Effect({
  before,
  after,
  looks,
}: {
  readonly before: readonly number[];
  readonly after: readonly number[];
  readonly looks: HouseRulesView['looks'];
}) {
  if (looks.length === 0) return null;
  return (
    <section className="house-effect" aria-label="On three looks" aria-live="polite">
      <h2>On three looks</h2>
      {looks.map(({ title }, i) => (
        <div key={title} className="small">
          {title}{' '}
          <b className="num">
            {before[i]}
            {after[i] !== before[i] && ` → ${after[i]}`}
          </b>
        </div>
      ))}
    </section>
  );
}

interface FacetShareProps {
  readonly title: string;
  readonly share: number;
  readonly mayTune: boolean;
  readonly onShare: (share: number) => void;
}

/** What a facet counts in the score of a look; all the same unless the shop says otherwise. */
function FacetShare({ title, share, mayTune, onShare }: FacetShareProps) {
  return (
    <div className="facet-share small">
      <span>{title} counts</span>
      <NumberInput
        size="xs"
        w={76}
        aria-label={`What ${title} counts in a score`}
        min={0}
        max={5}
        step={0.5}
        disabled={!mayTune}
        value={share}
        onChange={(value) => typeof value === 'number' && onShare(value)}
      />
      <span className="soft">in the score of a look; 1 is as much as any other facet, 0 nothing.</span>
    </div>
  );
}

/** Rules of a facet that are no finding: where they speak. */
function Elsewhere({ facet }: { readonly facet: Facet }) {
  const own = ELSEWHERE_RULES.filter(({ id }) => id.startsWith(facet));
  return own.length === 0 ? null : (
    <section className="sheet" aria-label="Spoken elsewhere">
      <h3>Spoken elsewhere</h3>
      <ul className="rows small">
        {own.map(({ id, title, where }) => (
          <li key={id}>
            {id} {title}. <span className="soft">{where}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface SchoolsProps {
  readonly view: HouseRulesView;
  readonly schools: Schools;
  readonly settings: Settings;
  readonly mayTune: boolean;
  readonly onChange: (schools: Schools) => void;
}

/** The shop's own way of judging, matter by matter, why each exists, and one look judged by both. */
function SchoolsPanel({ view, schools, settings, mayTune, onChange }: SchoolsProps) {
  const [look] = view.looks;
  // One look by each school in turn: some twenty judgements, done again only when the rules or schools change.
  const scores = useMemo(
    () =>
      new Map(
        (look ? MATTERS : []).flatMap((matter) =>
          Object.keys(SCHOOLS_WHY[matter]).map((school) => [
            `${matter} ${school}`,
            look && scoreOfLook(look, settings, { ...schools, [matter]: school }, {}),
          ]),
        ),
      ),
    [look, schools, settings],
  );
  return (
    <section className="sheet house-schools" aria-label="Schools">
      <h2>Schools</h2>
      <p className="small soft">Respected ways to judge. A client’s own wish wins over the shop’s.</p>
      {MATTERS.map((matter) => (
        <div key={matter} className="house-school">
          <NativeSelect
            size="xs"
            label={spell(MATTER_WORDS[matter])}
            disabled={!mayTune}
            value={schools[matter]}
            data={Object.keys(SCHOOLS_WHY[matter])}
            onChange={(event) => onChange({ ...schools, [matter]: event.currentTarget.value })}
          />
          <ul className="small">
            {Object.entries(SCHOOLS_WHY[matter]).map(([school, why]) => (
              <li key={school} data-current={schools[matter] === school || undefined}>
                <b>{school}</b>
                {look && <span className="num"> {scores.get(`${matter} ${school}`)}</span>}: {spell(why)}
              </li>
            ))}
          </ul>
        </div>
      ))}
      {look && <p className="small soft">The numbers judge “{look.title}” by each.</p>}
    </section>
  );
}

interface NavProps {
  /** Undefined while something is looked for. */
  readonly current: Facet | Extra | undefined;
  readonly onGo: (to: Facet | Extra) => void;
  readonly children: ReactNode;
}

/** The facets with how many rules each has, and what stands beside them. */
function FacetNav({ current, onGo, children }: NavProps) {
  return (
    <nav className="parts-nav" aria-label="Facets">
      {(Object.keys(FACETS) as Facet[]).map((each) => (
        <button key={each} aria-pressed={each === current} onClick={() => onGo(each)}>
          {spell(FACETS[each])}{' '}
          <span className="soft">
            {[...RULES, ...BOX_RULES].filter(({ id }) => id.startsWith(each)).length}
          </span>
        </button>
      ))}
      {EXTRAS.map(([extra, words]) => (
        <button key={extra} aria-pressed={extra === current} onClick={() => onGo(extra)}>
          {words}
        </button>
      ))}
      {children}
    </nav>
  );
}
