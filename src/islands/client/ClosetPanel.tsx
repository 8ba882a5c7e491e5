import { closetCsv, closetJson } from '@contracts/closet-file';
import type { OwnedView } from '@contracts/closet/owned-view';
import { cardOf, twinsIn } from '@core/closet';
import { CATEGORIES, CATEGORY } from '@core/piece';
import { Button, Menu, NativeSelect, Switch, TextInput } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { Swatches } from '@ui/Swatches';
import { useMemo, useState } from 'react';
import { ClosetIn } from './ClosetIn';
import { OwnedCard } from './OwnedCard';
import { PieceForm } from './PieceForm';
import { saveFile } from './save-file';
import { useCloset } from './useCloset';

interface Props {
  readonly clientId: string;
  readonly clientName: string;
  readonly initial: readonly OwnedView[];
  readonly retired: readonly OwnedView[];
  /** Something of the page is another than it was. */
  readonly onChanged: () => void;
}

const GROUPS = ['all', 'clothes', 'loved', 'worn weekly', 'assumed', 'retired'] as const;
type Group = (typeof GROUPS)[number];

/** What of a closet is shown. */
interface Sight {
  readonly group: Group;
  readonly search: string;
  /** Photos in the place of sketches. */
  readonly photos: boolean;
}

const inGroup = (group: Group, { piece, loved, wornWeekly, assumed }: OwnedView): boolean =>
  group === 'all' ||
  group === 'retired' ||
  (group === 'clothes' && CATEGORY[piece.category].main) ||
  (group === 'loved' && loved) ||
  (group === 'worn weekly' && wornWeekly) ||
  (group === 'assumed' && assumed);

/** What the client owns, hung together at one scale. */
export function ClosetPanel({ clientId, clientName, initial, retired, onChanged }: Props) {
  const { owned, out, retire, keep, confirmAll, putBack } = useCloset({
    clientId,
    initial,
    retired,
    onChanged,
  });
  const [sight, setSight] = useState<Sight>({ group: 'all', search: '', photos: true });
  const { group, search, photos } = sight;
  const [editing, setEditing] = useState<OwnedView | 'new'>();
  const [filling, { open: fill, close: filled }] = useDisclosure(false);
  useKeys([
    ['a', () => setEditing('new')],
    ['l', fill],
  ]);
  const shown = (group === 'retired' ? out : owned)
    .filter((item) => inGroup(group, item) && item.piece.title.toLowerCase().includes(search.toLowerCase()))
    .sort((p, q) => CATEGORIES.indexOf(p.piece.category) - CATEGORIES.indexOf(q.piece.category));
  return (
    <section className="sheet" aria-label="Closet">
      <ClosetHead
        owned={owned}
        count={shown.length}
        clientName={clientName}
        sight={sight}
        onSight={setSight}
        onFill={fill}
        onAdd={() => setEditing('new')}
      />
      {owned.length === 0 && (
        <p className="empty">
          <strong>The closet is empty.</strong>
          Add what is worn most, or paste a list; ten pieces already open looks.
        </p>
      )}
      {owned.length > 0 && shown.length === 0 && <p className="soft">Nothing in the closet matches.</p>}
      <ClosetSays owned={owned} onConfirm={() => void confirmAll()} />
      <div className="piece-cards closet-many">
        {shown.map((item) => (
          <OwnedCard
            key={item.id}
            item={item}
            photo={photos}
            onOpen={group === 'retired' ? putBack : setEditing}
            onRetire={group === 'retired' ? undefined : retire}
          />
        ))}
      </div>
      {editing && (
        <PieceForm
          onMerged={onChanged}
          key={editing === 'new' ? 'new' : editing.id}
          clientId={clientId}
          item={editing === 'new' ? undefined : editing}
          onClose={() => setEditing(undefined)}
          onSaved={keep}
        />
      )}
      {filling && <ClosetIn clientId={clientId} owned={owned} onClose={filled} onTaken={onChanged} />}
    </section>
  );
}

interface SaysProps {
  readonly owned: readonly OwnedView[];
  readonly onConfirm: () => void;
}

/** What the closet says by itself: the colours of what is loved, twins, what was only assumed. */
function ClosetSays({ owned, onConfirm }: SaysProps) {
  const twins = useMemo(() => twinsIn(owned.map(({ piece }) => piece)), [owned]);
  const card = useMemo(() => cardOf(owned.filter(({ loved }) => loved).map(({ piece }) => piece)), [owned]);
  const assumed = owned.filter((item) => item.assumed).length;
  if (card.length === 0 && twins.length === 0 && assumed === 0) return null;
  return (
    <div className="closet-says small">
      {card.length > 0 && (
        <span>
          Loved pieces say: <Swatches hexes={card.map(({ hex }) => hex)} />
        </span>
      )}
      {twins.length > 0 && (
        <span>
          {twins.length === 1 ? 'Twins' : `${twins.length} pairs of twins`}:{' '}
          <span className="soft">
            {twins
              .slice(0, 2)
              .map(([a, b]) => `${a.title} and ${b.title}`)
              .join('; ')}
          </span>
        </span>
      )}
      {assumed > 0 && (
        <span>
          {assumed} assumed.{' '}
          <button className="plain-button" onClick={onConfirm}>
            Confirm all
          </button>
        </span>
      )}
    </div>
  );
}

interface HeadProps {
  readonly owned: readonly OwnedView[];
  /** How many of it are shown. */
  readonly count: number;
  readonly clientName: string;
  readonly sight: Sight;
  readonly onSight: (sight: Sight) => void;
  readonly onFill: () => void;
  readonly onAdd: () => void;
}

/** What of the closet is shown, and what may be added, or taken along as a file. */
function ClosetHead({ owned, count, clientName, sight, onSight, onFill, onAdd }: HeadProps) {
  const fileName = `closet-${clientName.toLowerCase().replace(/[^a-z]+/g, '-')}`;
  return (
    <div className="sheet-head">
      <h2>Closet</h2>
      <span className="small soft">
        {count === owned.length ? owned.length : `${count} of ${owned.length}`} pieces
      </span>
      <TextInput
        size="xs"
        w={110}
        aria-label="Find in the closet"
        placeholder="Find"
        value={sight.search}
        onChange={(event) => onSight({ ...sight, search: event.currentTarget.value })}
      />
      <NativeSelect
        size="xs"
        aria-label="Show"
        data={[...GROUPS]}
        value={sight.group}
        onChange={(event) => onSight({ ...sight, group: event.currentTarget.value as Group })}
      />
      {owned.some(({ photo }) => photo) && (
        <Switch
          size="xs"
          label="photos"
          checked={sight.photos}
          onChange={(event) => onSight({ ...sight, photos: event.currentTarget.checked })}
        />
      )}
      <Menu position="bottom-end">
        <Menu.Target>
          <Button size="xs" variant="default" disabled={owned.length === 0}>
            Export
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => saveFile(`${fileName}.csv`, 'text/csv', closetCsv(owned))}>CSV</Menu.Item>
          <Menu.Item onClick={() => saveFile(`${fileName}.json`, 'application/json', closetJson(owned))}>
            JSON
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <Button size="xs" variant="default" onClick={onFill} title="Paste a list, a file, staples (l)">
        List or file
      </Button>
      <Button size="xs" onClick={onAdd} title="Add a piece (a)">
        Add a piece
      </Button>
    </div>
  );
}
