import type { UseCaseName } from '@contracts/api';
import { removeAlteration, saveAlteration } from './box/alterations';
import { holdLine, releaseLine, renewHold, swapLine } from './box/hold-line';
import { draftLetterCase, saveLetter } from './box/letter';
import { lineSwaps } from './box/line-swaps';
import { moveBox } from './box/move-box';
import { passLimits } from './box/pass-limits';
import { pullList, whyNot } from './box/pull-list';
import { saveBrief } from './box/save-brief';
import { removeLook, saveLook } from './box/save-look';
import { scanLine } from './box/scan-line';
import { startBox } from './box/start-box';
import { checkInLine, closeBox, decideLine } from './box/tally';
import { makeBriefLink, revokeBriefLink, settleBrief } from './client/brief-link';
import { retireOwned, saveOwned, saveOwnedMany } from './client/closet';
import { eraseClient, exportClient } from './client/person';
import { saveClient } from './client/save-client';
import { removeOccasion, saveOccasion } from './client/save-occasion';
import { removePhoto, savePhoto } from './photo/photos';
import { savePullSettings, saveRules, saveTongue } from './rules/house-rules';
import { findCode } from './stock/find-code';
import { garmentSheet, saveGarment } from './stock/garment';
import { importStock } from './stock/import-stock';
import { countStock, moveByHand, settleProposal, stockLedger } from './stock/ledger';
import { stockList } from './stock/list';
import { archiveGarments, editGarments, exportStock, priceGarments } from './stock/many';
import type { UseCase } from './use-case';

const ALL = [
  saveClient,
  saveRules,
  savePullSettings,
  saveTongue,
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
  editGarments,
  findCode,
  exportStock,
  countStock,
  moveByHand,
  settleProposal,
  stockLedger,
  startBox,
  saveBrief,
  pullList,
  holdLine,
  releaseLine,
  renewHold,
  swapLine,
  lineSwaps,
  whyNot,
  saveAlteration,
  removeAlteration,
  passLimits,
  scanLine,
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
