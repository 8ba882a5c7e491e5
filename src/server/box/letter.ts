import { saveLetterCall } from '@contracts/letter/save-letter';
import { draftLetterCall } from '@contracts/letter/draft-letter';
import { broughtTo, isSettled } from '@core/box';
import { alterationWords, fitForClient } from '@core/fit';
import { draftedWith, type LetterStyle, type LetterVoice, possibleWays, standInsOf } from '@core/letter';
import { judge } from '@core/look';
import type { Piece } from '@core/piece';
import { piecesOf, settingOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { changeBox } from '@data/box/boxes';
import { note } from '../audit';
import { conflict, stale } from '../problem';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { boxView, dressedBox } from './box-view';
import { boxOf } from './lines';

interface DraftWith {
  readonly voice: LetterVoice;
  readonly style?: LetterStyle | undefined;
  /** The shop's rule for silence; null: it is no answer. */
  readonly silentKeepDays: number | null;
}

/** The letter of a box drafted from its looks, findings and facts. */
function draftFor(
  view: BoxView,
  { voice, style, silentKeepDays }: DraftWith,
): ReturnType<typeof draftedWith> {
  const chosen = view.occasions.filter((each) => view.occasionIds.includes(each.id));
  const { settings } = view.shop;
  const looks = view.looks.map((saved) => {
    const occasion = chosen.find(({ id }) => id === saved.occasionId)?.occasion;
    const pieces = piecesOf(view, saved.pieces);
    const setting = settingOf(view, occasion);
    return { saved, occasion, pieces, setting, verdict: judge(pieces, setting, settings, saved.overrules) };
  });
  const waysOf = (piece: Piece): readonly string[] | undefined => {
    const worn = looks.find(({ pieces }) => pieces.some(({ id }) => id === piece.id));
    return worn && possibleWays(piece, worn.pieces, worn.setting, settings);
  };
  return draftedWith({
    clientName: view.client.name,
    shopName: view.shop.name,
    lines: view.lines.map((line) => ({
      ref: line.piece.id,
      piece: line.piece,
      fit: fitForClient(line.fit, line.size),
      ways: waysOf(line.piece),
      altered:
        line.alterations.length > 0
          ? {
              jobs: line.alterations.map((job) => alterationWords(job, view.shop.tongue)),
              mayReturn: line.mayReturn,
            }
          : undefined,
      ask: view.asks.find(({ id }) => id === line.askId)?.ask.text,
    })),
    looks: looks.map(({ saved, occasion, pieces, setting, verdict }) => ({
      id: saved.id,
      occasion: occasion?.title,
      pieces,
      verdict,
      standIns: standInsOf({ pieces, setting, settings, overrules: saved.overrules, verdict }),
    })),
    occasions: chosen.map(({ occasion }) => occasion.title),
    decideBy: view.due?.decideBy,
    silentKeepDays: silentKeepDays ?? undefined,
    tongue: view.shop.tongue,
    voice,
    style,
  });
}

export const draftLetterCase = serve(draftLetterCall, {
  async run({ tx, actor, now }, { boxId, style }) {
    const { letterVoice: voice, silentKeepDays } = await shopOf(tx, actor.shopId);
    const view = await boxView(tx, actor, boxId, now);
    return { ...draftFor(view, { voice, style, silentKeepDays }), phrases: voice.phrases };
  },
});

export const saveLetter = serve(saveLetterCall, {
  async run(context, { boxId, version, letter }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (isSettled(row.state)) throw conflict('The letter has gone out with the box.');
    if (row.version !== version)
      throw stale(
        [
          {
            path: 'letter',
            message: row.letter ? 'the letter was saved elsewhere' : `the box is ${row.state} now`,
          },
        ],
        { version: row.version, letter: row.letter ?? letter },
      );
    await changeBox(tx, boxId, { letter, state: broughtTo(row.state, 'written') });
    await note(context, 'letter', 'box', boxId);
    return dressedBox(tx, actor, boxId, now);
  },
});
