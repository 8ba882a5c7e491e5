import { textOf } from '@contracts/csv';
import { type ClosetItem, readCloset } from '@contracts/closet-file';
import type { OwnedView } from '@contracts/closet/owned-view';
import { type ImportFault, importFaultWords } from '@contracts/import-fault';
import { STAPLES, staplesOf } from '@core/closet';
import { countOfLine, lineWords, type ReadLine, readList } from '@core/reading';
import { toggled } from '@ui/choosing';
import { pageTongue, spell } from '@ui/tongue';
import { CATEGORIES, type Category, pieceFrom } from '@core/piece';
import { Button, Checkbox, FileButton, Modal, NativeSelect, Tabs, Textarea } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { GarmentSketch } from '@ui/GarmentSketch';
import { kindCalled } from '@ui/called';
import { counted } from '@core/words';
import { useMemo, useState } from 'react';

interface Props {
  readonly clientId: string;
  readonly owned: readonly OwnedView[];
  readonly onClose: () => void;
  readonly onTaken: () => void;
}

const FILE_MOST_BYTES = 5_000_000;

/** Many pieces at once: a list in words, a file, or the staples most people own. Nothing is taken unseen. */
export function ClosetIn({ clientId, owned, onClose, onTaken }: Props) {
  const [busy, setBusy] = useState(false);
  const take = async (items: readonly ClosetItem[]): Promise<void> => {
    setBusy(true);
    try {
      const { added, known } = await call('save-owned-many', {
        clientId,
        items: items.map((item) => ({ ...item, piece: item.piece as never })),
      });
      showDone(
        `${counted(added, 'piece')} added${known ? `; ${known} ${known === 1 ? 'was' : 'were'} there already` : ''}.`,
      );
      onTaken();
      onClose();
    } catch (error) {
      showProblem(error);
      setBusy(false);
    }
  };
  return (
    <Modal opened onClose={onClose} title="Fill the closet" size="xl">
      <Tabs defaultValue="list" keepMounted={false}>
        <Tabs.List>
          <Tabs.Tab value="list">Paste a list</Tabs.Tab>
          <Tabs.Tab value="file">From a file</Tabs.Tab>
          <Tabs.Tab value="staples">Assume staples</Tabs.Tab>
        </Tabs.List>
        <Tabs.Panel value="list" pt="sm">
          <PasteList busy={busy} onTake={take} />
        </Tabs.Panel>
        <Tabs.Panel value="file" pt="sm">
          <FromFile busy={busy} onTake={take} />
        </Tabs.Panel>
        <Tabs.Panel value="staples" pt="sm">
          <Staples busy={busy} owned={owned} onTake={take} />
        </Tabs.Panel>
      </Tabs>
    </Modal>
  );
}

interface TakeProps {
  readonly busy: boolean;
  readonly onTake: (items: readonly ClosetItem[]) => Promise<void>;
}

const plainItem = (piece: ClosetItem['piece']): ClosetItem => ({
  piece,
  assumed: false,
  loved: false,
  wornWeekly: false,
});

function PasteList({ busy, onTake }: TakeProps) {
  const [text, setText] = useState('');
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [kinds, setKinds] = useState<Readonly<Record<number, Category>>>({});
  const lines = useMemo(() => readList(text, pageTongue().english), [text]);
  // What is gone from the closet is not put into it, unless somebody ticks it.
  const isLeft = (i: number): boolean => left.has(i) !== (lines[i]?.reading.retired === true);
  const items = lines.flatMap((line, i) => {
    const piece = pieceOfLine(line, kinds[i]);
    const { loved, worn } = line.reading;
    return piece && !isLeft(i)
      ? Array.from({ length: countOfLine(line) }, (_, copy) => ({
          ...plainItem({ ...piece, id: `row-${i}-${copy}` }),
          loved: loved === true,
          wornWeekly: worn === 'often',
        }))
      : [];
  });
  return (
    <form
      className="closet-in"
      onSubmit={(event) => {
        event.preventDefault();
        if (items.length > 0) void onTake(items);
      }}
    >
      <Textarea
        label="One piece a line or between semicolons"
        placeholder="navy crew knit, wool; black slim jeans, high rise"
        autosize
        minRows={3}
        maxRows={8}
        data-autofocus
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      {lines.length > 0 && (
        <ul className="rows closet-in-rows" aria-label="What was understood">
          {lines.map((line, i) => {
            const piece = pieceOfLine(line, kinds[i]);
            return (
              <li key={i}>
                <Checkbox
                  aria-label={`Take ${line.text}`}
                  checked={piece !== undefined && !isLeft(i)}
                  disabled={!piece}
                  onChange={(event) => {
                    if (event.currentTarget.checked === isLeft(i)) setLeft(toggled(left, i));
                  }}
                />
                <span className="stage closet-in-sketch">
                  {piece && (
                    <GarmentSketch piece={pieceFrom({ ...piece, id: `row-${i}` })} fit={44} decorative />
                  )}
                </span>
                <NativeSelect
                  size="xs"
                  aria-label={`Kind of ${line.text}`}
                  value={kinds[i] ?? line.piece?.category ?? ''}
                  data={[
                    { value: '', label: 'kind?' },
                    ...CATEGORIES.map((value) => ({ value, label: kindCalled(value) })),
                  ]}
                  onChange={(event) => setKinds({ ...kinds, [i]: event.currentTarget.value as Category })}
                />
                <span>
                  {line.text}
                  <span className="ask-read small">
                    {lineWords(line.reading, pageTongue()).map((said) => (
                      <span key={said} className="chip">
                        {said}
                      </span>
                    ))}
                    {line.reading.unknown.length > 0 && (
                      <span className="soft">not understood: {line.reading.unknown.join(', ')}</span>
                    )}
                  </span>
                </span>
              </li>
            );
          })}
        </ul>
      )}
      <Button type="submit" loading={busy} disabled={items.length === 0}>
        {items.length === 0 ? 'Nothing to add yet' : `Add ${items.length} to the closet`}
      </Button>
    </form>
  );
}

/** A line's piece, of the kind that was chosen by hand if one was. */
function pieceOfLine(line: ReadLine, kind: Category | undefined): ReadLine['piece'] {
  if (!kind) return line.piece;
  return {
    colours: [{ hex: '#84868a', share: 1 }],
    owned: true,
    title: line.text,
    ...line.piece,
    category: kind,
  };
}

function FromFile({ busy, onTake }: TakeProps) {
  const [read, setRead] = useState<{
    items: readonly ClosetItem[];
    faults: readonly ImportFault[];
    name: string;
  }>();
  const open = async (file: File | null): Promise<void> => {
    if (!file) return;
    if (file.size > FILE_MOST_BYTES)
      return showProblem(undefined, `${file.name} is larger than 5 MB: that is no closet.`);
    const text = textOf(new Uint8Array(await file.arrayBuffer()));
    if (text === undefined)
      return showProblem(undefined, `${file.name} is neither UTF-8 nor UTF-16. Save it as “CSV UTF-8”.`);
    setRead({ ...readCloset(text), name: file.name });
  };
  return (
    <div className="closet-in">
      <p className="small soft">
        {spell(
          'CSV with the columns title, category and colours (others as the export writes them), or JSON. A piece that is there already is not added twice.',
        )}
      </p>
      <FileButton accept=".csv,.json,text/csv,application/json" onChange={(file) => void open(file)}>
        {(props) => (
          <Button {...props} variant="default">
            Choose a file
          </Button>
        )}
      </FileButton>
      {read && (
        <>
          <p>
            <b>{read.name}</b>: {read.items.length} good, {counted(read.faults.length, 'fault')}.
          </p>
          {read.faults.length > 0 && (
            <ul className="small import-faults">
              {read.faults.slice(0, 40).map((fault, i) => (
                <li key={i}>
                  Row {fault.row}, {fault.path}: {importFaultWords(fault, pageTongue())}
                </li>
              ))}
              {read.faults.length > 40 && <li>and {read.faults.length - 40} more</li>}
            </ul>
          )}
          <Button loading={busy} disabled={read.items.length === 0} onClick={() => void onTake(read.items)}>
            {read.items.length === 1 ? 'Add the good one' : `Add the ${read.items.length} good ones`}
          </Button>
        </>
      )}
    </div>
  );
}

function Staples({ busy, owned, onTake }: TakeProps & Pick<Props, 'owned'>) {
  const [kind, setKind] = useState<keyof typeof STAPLES>('womenswear');
  const [off, setOff] = useState<ReadonlySet<string>>(new Set());
  const missing = staplesOf(kind, pageTongue()).filter(
    (staple) =>
      !owned.some(({ piece }) => piece.category === staple.category && piece.title === staple.title),
  );
  const chosen = missing.filter(({ title = '' }) => !off.has(title));
  return (
    <div className="closet-in">
      <NativeSelect
        label="Most people own these"
        description="They hang as assumed until the client confirms; looks that lean on them say so."
        value={kind}
        data={['womenswear', 'menswear']}
        onChange={(event) => setKind(event.currentTarget.value as keyof typeof STAPLES)}
      />
      <div className="piece-cards">
        {missing.map((staple) => {
          const { title = '' } = staple;
          const on = !off.has(title);
          return (
            <button
              key={title}
              type="button"
              className="piece-card"
              aria-pressed={on}
              style={{ opacity: on ? 1 : 0.4, minHeight: 112, width: 92 }}
              onClick={() => {
                const next = new Set(off);
                if (on) next.add(title);
                else next.delete(title);
                setOff(next);
              }}
            >
              <GarmentSketch piece={pieceFrom({ ...staple, id: title })} fit={64} decorative />
              <span className="garment-tag">{title}</span>
            </button>
          );
        })}
      </div>
      <Button
        loading={busy}
        disabled={chosen.length === 0}
        onClick={() =>
          void onTake(chosen.map((staple) => ({ ...plainItem({ ...staple, id: 'staple' }), assumed: true })))
        }
      >
        Assume {chosen.length}
      </Button>
    </div>
  );
}
