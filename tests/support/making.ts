import type { Input } from '@contracts/calls';
import type { DressedBox, TalliedBox } from '@contracts/box/box-view';
import { type Caller, whole } from './server';
import { sure } from './sure';

type Garment = Partial<Input<'save-garment'>> & Pick<Input<'save-garment'>, 'title' | 'category'>;

let made = 0;

/** A garment of one size with some units on the shelf, entered as the Stockroom enters it; the id of the size. */
export async function makeGarment(stylist: Caller, given: Garment, qty = 3): Promise<string> {
  const { answer, status, problem } = await stylist.call('save-garment', {
    colours: [{ hex: '#1f2a44', share: 1 }],
    priceMinor: 5000,
    ...given,
    title: `${given.title} ${++made}`,
    sizes: [{ size: 'M', sku: `MADE-${process.pid}-${made}`, qty }],
  });
  if (status !== 200) throw new Error(`${problem.title} ${JSON.stringify(problem.faults)}`);
  const sheet = await stylist.call('garment-sheet', { id: answer.id });
  return sure(sheet.answer.sizes[0]).id;
}

/** A client of this profile. */
export async function makeClient(
  stylist: Caller,
  profile: Input<'save-client'>['profile'] = {},
  name = `Client ${++made}`,
): Promise<string> {
  const { answer, status, problem } = await stylist.call('save-client', { name, measures: {}, profile });
  if (status !== 200) throw new Error(`${problem.title} ${JSON.stringify(problem.faults)}`);
  return answer.id;
}

/** A box of a client with these sizes held, and its letter written. */
export async function makeBox(
  stylist: Caller,
  clientId: string,
  variantIds: readonly string[],
): Promise<DressedBox> {
  const { id: boxId } = (await stylist.call('start-box', { clientId })).answer;
  let view: DressedBox | undefined;
  for (const variantId of variantIds) {
    const held = await stylist.call('hold-line', { boxId, variantId });
    if (held.status !== 200) throw new Error(held.problem.title);
    view = held.answer;
  }
  const { letter } = (await stylist.call('draft-letter', { boxId })).answer;
  const version = view?.version ?? 1;
  const written = await stylist.call('save-letter', { boxId, version, letter });
  if (written.status !== 200) throw new Error(written.problem.title);
  return written.answer;
}

/** Moves a box on; throws with the refusal. */
export async function moved(
  stylist: Caller,
  view: TalliedBox,
  to: 'packed' | 'out' | 'written',
): Promise<DressedBox> {
  const said = await stylist.call('move-box', { boxId: view.id, version: view.version, to });
  if (said.status !== 200) throw new Error(`${said.problem.title} ${JSON.stringify(said.problem.faults)}`);
  return whole(said.answer);
}

export const withFibres = (...fibres: readonly [name: string, pct: number][]) => ({
  fabric: { fibres: fibres.map(([name, pct]) => ({ name, pct })) },
});
