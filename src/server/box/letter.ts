import { saveLetterCall } from '@contracts/letter/save-letter';
import { draftLetterCall } from '@contracts/letter/draft-letter';
import { broughtTo, isSettled } from '@core/box';
import { alterationWords, fitForClient } from '@core/fit';
import { draftLetter, type LetterDraft, possibleWays } from '@core/letter';
import { judge } from '@core/look';
import type { Piece } from '@core/piece';
import { piecesOf, settingOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { changeBox } from '@data/box/boxes';
import { note } from '../audit';
import { conflict, stale } from '../problem';
import { serve } from '../use-case';
import { boxView } from './box-view';
import { boxOf } from './lines';

/** The letter of a box drafted from its looks, findings and facts. */
export function draftFor(view: BoxView): LetterDraft {
  const chosen = view.occasions.filter((each) => view.occasionIds.includes(each.id));
  const looks = view.looks.map((saved) => {
    const occasion = chosen.find(({ id }) => id === saved.occasionId)?.occasion;
    return { saved, occasion, pieces: piecesOf(view, saved.pieces), setting: settingOf(view, occasion) };
  });
  const waysOf = (piece: Piece): readonly string[] | undefined => {
    const worn = looks.find(({ pieces }) => pieces.some(({ id }) => id === piece.id));
    return worn && possibleWays(piece, worn.pieces, worn.setting, view.shop.settings);
  };
  return draftLetter({
    clientName: view.client.name,
    shopName: view.shop.name,
    lines: view.lines.map((line) => ({
      ref: line.piece.id,
      piece: line.piece,
      fit: fitForClient(line.fit, line.size),
      ways: waysOf(line.piece),
      altered:
        line.alterations.length > 0
          ? { jobs: line.alterations.map(alterationWords), mayReturn: line.mayReturn }
          : undefined,
      ask: view.asks.find(({ id }) => id === line.askId)?.ask.text,
    })),
    looks: looks.map(({ saved, occasion, pieces, setting }) => ({
      id: saved.id,
      occasion: occasion?.title,
      pieces,
      verdict: judge(pieces, setting, view.shop.settings, saved.overrules),
    })),
    occasions: chosen.map(({ occasion }) => occasion.title),
    decideBy: view.due?.decideBy,
    tongue: view.shop.tongue,
  });
}

export const draftLetterCase = serve(draftLetterCall, {
  async run({ tx, actor, now }, { boxId }) {
    return { letter: draftFor(await boxView(tx, actor, boxId, now)) };
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
    return boxView(tx, actor, boxId, now);
  },
});
