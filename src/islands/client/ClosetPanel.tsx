import { closetCsv, closetJson } from '@contracts/closet-file';
import type { OwnedView } from '@contracts/closet/owned-view';
import { cardOf, twinsIn } from '@core/closet';
import { CATEGORIES, CATEGORY } from '@core/piece';
import { Button, Menu, NativeSelect, Switch, TextInput } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { notifications } from '@mantine/notifications';
import IconHeart from '@tabler/icons-react/icons/IconHeart';
import IconX from '@tabler/icons-react/icons/IconX';
import { call, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Swatches } from '@ui/Swatches';
import { memo, useCallback, useMemo, useState } from 'react';
import { ClosetIn } from './ClosetIn';
import { draftOf, inputOf } from '../piece/draft';
import { PieceForm } from './PieceForm';
import { saveFile } from './save-file';
import { useFollowing } from '@ui/useFollowing';

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

const inGroup = (group: Group, { piece, loved, wornWeekly, assumed }: OwnedView): boolean =>
  group === 'all' ||
  group === 'retired' ||
  (group === 'clothes' && CATEGORY[piece.category].main) ||
  (group === 'loved' && loved) ||
  (group === 'worn weekly' && wornWeekly) ||
  (group === 'assumed' && assumed);

/** What the client owns, hung together at one scale. */
export function ClosetPanel({ clientId, clientName, initial, retired, onChanged }: Props) {
  const [owned, setOwned] = useFollowing(initial);
  const [out, setOut] = useFollowing(retired);
  const [group, setGroup] = useState<Group>('all');
  const [search, setSearch] = useState('');
  const [photos, setPhotos] = useState(true);
  const [editing, setEditing] = useState<OwnedView | 'new'>();
  const [filling, { open: fill, close: filled }] = useDisclosure(false);
  useKeys([
    ['a', () => setEditing('new')],
    ['l', fill],
  ]);
  const retire = useCallback(
    async (item: OwnedView): Promise<void> => {
      try {
        await call('retire-owned', { id: item.id, retired: true });
        setOwned((all) => all.filter((each) => each.id !== item.id));
        setOut((all) => [item, ...all]);
        const undo = async (): Promise<void> => {
          await call('retire-owned', { id: item.id, retired: false });
          setOwned((all) => [...all, item]);
          setOut((all) => all.filter((each) => each.id !== item.id));
          notifications.hide(item.id);
        };
        notifications.show({
          id: item.id,
          title: `${item.piece.title} is out of the closet.`,
          message: (
            <button className="plain-button" onClick={() => void undo().catch(showProblem)}>
              Put it back
            </button>
          ),
        });
      } catch (error) {
        showProblem(error);
      }
    },
    [setOut, setOwned],
  );
  const keep = useCallback(
    (item: OwnedView): void =>
      setOwned((all) =>
        all.some(({ id }) => id === item.id)
          ? all.map((each) => (each.id === item.id ? item : each))
          : [...all, item],
      ),
    [setOwned],
  );
  const confirmAll = async (): Promise<void> => {
    for (const item of owned.filter(({ assumed }) => assumed)) {
      try {
        const { version } = await callMerging(
          'save-owned',
          { clientId, version: item.version, ...inputOf({ ...draftOf(item), assumed: false }) },
          { clientId, ...inputOf(draftOf(item)) },
          onChanged,
        );
        keep({ ...item, version, assumed: false });
      } catch (error) {
        return showProblem(error);
      }
    }
  };
  const putBack = useCallback(
    async (item: OwnedView): Promise<void> => {
      try {
        const { version } = await call('retire-owned', { id: item.id, retired: false });
        setOut((all) => all.filter((each) => each.id !== item.id));
        setOwned((all) => [...all, { ...item, version }]);
      } catch (error) {
        showProblem(error);
      }
    },
    [setOut, setOwned],
  );
  const shown = (group === 'retired' ? out : owned)
    .filter((item) => inGroup(group, item) && item.piece.title.toLowerCase().includes(search.toLowerCase()))
    .sort((p, q) => CATEGORIES.indexOf(p.piece.category) - CATEGORIES.indexOf(q.piece.category));
  const twins = useMemo(() => twinsIn(owned.map(({ piece }) => piece)), [owned]);
  const card = useMemo(() => cardOf(owned.filter(({ loved }) => loved).map(({ piece }) => piece)), [owned]);
  const assumed = owned.filter((item) => item.assumed).length;
  const fileName = `closet-${clientName.toLowerCase().replace(/[^a-z]+/g, '-')}`;
  return (
    <section className="sheet" aria-label="Closet">
      <div className="sheet-head">
        <h2>Closet</h2>
        <span className="small soft">
          {shown.length === owned.length ? owned.length : `${shown.length} of ${owned.length}`} pieces
        </span>
        <TextInput
          size="xs"
          w={110}
          aria-label="Find in the closet"
          placeholder="Find"
          value={search}
          onChange={(event) => setSearch(event.currentTarget.value)}
        />
        <NativeSelect
          size="xs"
          aria-label="Show"
          data={[...GROUPS]}
          value={group}
          onChange={(event) => setGroup(event.currentTarget.value as Group)}
        />
        {owned.some(({ photo }) => photo) && (
          <Switch
            size="xs"
            label="photos"
            checked={photos}
            onChange={(event) => setPhotos(event.currentTarget.checked)}
          />
        )}
        <Menu position="bottom-end">
          <Menu.Target>
            <Button size="xs" variant="default" disabled={owned.length === 0}>
              Export
            </Button>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => saveFile(`${fileName}.csv`, 'text/csv', closetCsv(owned))}>
              CSV
            </Menu.Item>
            <Menu.Item onClick={() => saveFile(`${fileName}.json`, 'application/json', closetJson(owned))}>
              JSON
            </Menu.Item>
          </Menu.Dropdown>
        </Menu>
        <Button size="xs" variant="default" onClick={fill} title="Paste a list, a file, staples (l)">
          List or file
        </Button>
        <Button size="xs" onClick={() => setEditing('new')} title="Add a piece (a)">
          Add a piece
        </Button>
      </div>
      {owned.length === 0 && (
        <p className="empty">
          <strong>The closet is empty.</strong>
          Add what is worn most, or paste a list; ten pieces already open looks.
        </p>
      )}
      {owned.length > 0 && shown.length === 0 && <p className="soft">Nothing in the closet matches.</p>}
      {(card.length > 0 || twins.length > 0 || assumed > 0) && (
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
              <button className="plain-button" onClick={() => void confirmAll()}>
                Confirm all
              </button>
            </span>
          )}
        </div>
      )}
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

interface CardProps {
  readonly item: OwnedView;
  readonly photo: boolean;
  readonly onOpen: (item: OwnedView) => unknown;
  /** Absent for what is out already: pressing it puts it back. */
  readonly onRetire: ((item: OwnedView) => Promise<void>) | undefined;
}

/** One piece of the closet; five hundred of them stay smooth because each is drawn once. */
const OwnedCard = memo(function OwnedCard({ item, photo, onOpen, onRetire }: CardProps) {
  return (
    <span className="closet-card">
      <button
        className="piece-card"
        onClick={() => onOpen(item)}
        title={`${item.piece.title}: ${onRetire ? 'change' : 'put back'}`}
      >
        <GarmentSketch piece={item.piece} scale={0.088} photo={photo ? item.photo : undefined} decorative />
        <span className="garment-tag">
          {item.loved && <IconHeart size={11} aria-label="loved" style={{ verticalAlign: -1 }} />}{' '}
          {item.piece.title}
          {item.assumed && ' (assumed)'}
          {item.fromBox && ' (from a box)'}
        </span>
      </button>
      {onRetire && (
        <button
          className="closet-out"
          aria-label={`Take ${item.piece.title} out of the closet`}
          title="Take out of the closet"
          onClick={() => void onRetire(item)}
        >
          <IconX size={12} aria-hidden />
        </button>
      )}
    </span>
  );
});
