import { styleIdOf } from '@core/stock';
import { Button, FileButton, Tabs, TextInput } from '@mantine/core';
import { GarmentSketch } from '@ui/GarmentSketch';
import { spell } from '@ui/tongue';
import type { ReactNode } from 'react';
import { usualTitle } from '../piece/draft';
import { PieceColours } from '../piece/PieceColours';
import { PieceDetails } from '../piece/PieceDetails';
import { PieceLabel } from '../piece/PieceLabel';
import { SayPiece } from '../piece/SayPiece';
import { Silhouettes } from '../piece/Silhouettes';
import { ForWhom } from './ForWhom';
import { GarmentLedger } from './GarmentLedger';
import type { ShopDraft } from './garment-draft';
import { SizeRun } from './SizeRun';
import { type SheetProps, type SheetState, useGarmentSheet } from './useGarmentSheet';

/** A garment on its leaves, with the sketch and photo beside them. */
export function GarmentLeaves(props: SheetProps) {
  const { sheet, onBooked } = props;
  const state = useGarmentSheet(props);
  const { draft, shop, rows, faults, tab, save } = state;
  return (
    <div className="garment-sheet">
      <GarmentSide state={state} isNew={!sheet} />
      <Tabs value={tab} onChange={state.setTab} keepMounted={false}>
        <Tabs.List>
          <Tabs.Tab value="garment">Garment</Tabs.Tab>
          <Tabs.Tab value="sizes">Sizes ({rows.length})</Tabs.Tab>
          {sheet && <Tabs.Tab value="stock">Stock and ledger</Tabs.Tab>}
          {sheet?.priceMinor != null && <Tabs.Tab value="whom">For whom</Tabs.Tab>}
        </Tabs.List>
        <Tabs.Panel value="garment" pt="sm">
          <Leaf onEnter={save}>
            <GarmentFields state={state} isNew={!sheet} />
          </Leaf>
        </Tabs.Panel>
        <Tabs.Panel value="sizes" pt="sm">
          <Leaf onEnter={save}>
            <SizeRun
              category={draft.category}
              styleId={shop.styleId || styleIdOf(draft.title || usualTitle(draft))}
              rows={rows}
              faults={Object.fromEntries(Object.entries(faults).filter(([path]) => path.startsWith('sizes')))}
              numberEans={state.numberEans}
              onRows={state.changeRows}
              onNumberEans={state.changeNumbering}
            />
          </Leaf>
        </Tabs.Panel>
        {sheet && (
          <Tabs.Panel value="stock" pt="sm">
            <GarmentLedger sheet={sheet} onBooked={onBooked} />
          </Tabs.Panel>
        )}
        {sheet && (
          <Tabs.Panel value="whom" pt="sm">
            <ForWhom garmentId={sheet.id} />
          </Tabs.Panel>
        )}
      </Tabs>
    </div>
  );
}

interface PartProps {
  readonly state: SheetState;
  readonly isNew: boolean;
}

/** How it looks: sketch, photo and the colours of the photo; and the key that saves it. */
function GarmentSide({ state, isNew }: PartProps) {
  const { photo, preview, shown } = state;
  return (
    <div className="garment-side">
      <span className="stage garment-stage">
        <GarmentSketch piece={preview} fit={200} />
      </span>
      {shown ? (
        <img className="garment-shot" src={shown} alt={`Photo of ${preview.title}`} />
      ) : (
        <p className="small soft">No photo: the sketch is shown everywhere.</p>
      )}
      <div className="garment-photo-keys">
        <FileButton accept="image/jpeg,image/png,image/webp" onChange={(file) => void state.takePhoto(file)}>
          {(props) => (
            <Button {...props} size="xs" variant="default" loading={photo.reading}>
              {shown ? 'Another photo' : 'Add a photo'}
            </Button>
          )}
        </FileButton>
        {photo.palette && (
          <Button size="xs" variant="default" onClick={state.takeColours}>
            {spell('Take its colours')}
          </Button>
        )}
        {shown && (
          <Button size="xs" variant="default" onClick={() => void state.takeOff()}>
            Take it off
          </Button>
        )}
      </div>
      <Button loading={state.busy} fullWidth onClick={() => void state.save()}>
        {isNew ? 'Add to the stockroom' : 'Save'}
      </Button>
    </div>
  );
}

/** What it is, in words or field by field. */
function GarmentFields({ state, isNew }: PartProps) {
  const { draft, shop, faults, change } = state;
  const field = (key: keyof ShopDraft, label: string, placeholder = ''): ReactNode => {
    const isAmount = key === 'price' || key === 'cost';
    return (
      <TextInput
        label={label}
        placeholder={placeholder}
        value={shop[key]}
        error={faults[isAmount ? `${key}Minor` : key]}
        inputMode={isAmount ? 'decimal' : undefined}
        onChange={(event) => state.changeShop({ [key]: event.currentTarget.value })}
      />
    );
  };
  return (
    <>
      <SayPiece
        label={isNew ? 'Describe it' : 'Describe it again'}
        words={state.words}
        read={state.read}
        onSay={state.say}
      />
      <div className="garment-shop">
        <TextInput
          label="Name"
          placeholder={usualTitle(draft)}
          value={draft.title}
          error={faults.title}
          onChange={(event) => {
            const { value } = event.currentTarget;
            change(() => ({ title: value }));
          }}
        />
        {field('label', 'Label')}
        {field('price', 'Price', '129.00')}
        {field('cost', 'Cost price', 'if you like')}
        {field('styleId', 'Style code', styleIdOf(draft.title || usualTitle(draft)))}
        {field('setId', 'Set', 'matching set with')}
      </div>
      <PieceColours draft={draft} onChange={change} />
      <PieceDetails draft={draft} onChange={change} />
      <PieceLabel draft={draft} onChange={change} />
      <Silhouettes category={draft.category} onPick={(category) => change(() => ({ category }))} />
    </>
  );
}

/** A leaf on which Enter saves. The ledger has a form of its own, and forms do not go into one another. */
function Leaf({
  onEnter,
  children,
}: {
  readonly onEnter: () => Promise<void>;
  readonly children: ReactNode;
}) {
  return (
    <form
      className="add-piece"
      onSubmit={(event) => {
        event.preventDefault();
        void onEnter();
      }}
    >
      {children}
      <button type="submit" hidden />
    </form>
  );
}
