import type { UseCaseName } from '@contracts/api';
import { holdLine, releaseLine, renewHold } from './box/hold-line';
import { draftLetterCase, saveLetter } from './box/letter';
import { moveBox } from './box/move-box';
import { pullList } from './box/pull-list';
import { saveBrief } from './box/save-brief';
import { removeLook, saveLook } from './box/save-look';
import { startBox } from './box/start-box';
import { checkInLine, closeBox, decideLine } from './box/tally';
import { makeBriefLink, revokeBriefLink, settleBrief } from './client/brief-link';
import { retireOwned, saveOwned, saveOwnedMany } from './client/closet';
import { eraseClient, exportClient } from './client/person';
import { saveClient } from './client/save-client';
import { removeOccasion, saveOccasion } from './client/save-occasion';
import { removePhoto, savePhoto } from './photo/photos';
import { saveRules } from './rules/house-rules';
import { archiveGarments, exportStock, garmentSheet, priceGarments, saveGarment } from './stock/garment';
import { importStock } from './stock/import-stock';
import { stockList } from './stock/list';
import { countStock, moveByHand, stockLedger } from './stock/ledger';
import type { UseCase } from './use-case';

const ALL = [
  saveClient,
  saveRules,
  saveOwned,
  retireOwned,
  saveOwnedMany,
  saveOccasion,
  removeOccasion,
  makeBriefLink,
  revokeBriefLink,
  settleBrief,
  exportClient,
  eraseClient,
  savePhoto,
  removePhoto,
  importStock,
  stockList,
  garmentSheet,
  saveGarment,
  archiveGarments,
  priceGarments,
  exportStock,
  countStock,
  moveByHand,
  stockLedger,
  startBox,
  saveBrief,
  pullList,
  holdLine,
  releaseLine,
  renewHold,
  saveLook,
  removeLook,
  draftLetterCase,
  saveLetter,
  moveBox,
  decideLine,
  checkInLine,
  closeBox,
] as const;

/** Every use case the API answers, by name: `/api/<name>`. */
export const USE_CASES: ReadonlyMap<string, UseCase> = new Map(
  ALL.map((each) => [each.name, each as unknown as UseCase<UseCaseName>]),
);
