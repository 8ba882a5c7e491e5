import type { LetterDraft } from '@core/letter';
import type { z } from 'zod';
import * as requests from './requests';
import type {
  BoxView,
  CodeAnswer,
  GarmentSheet,
  ImportAnswer,
  LedgerView,
  PackView,
  PullAnswer,
  ScanAnswer,
  StockPage,
  SwapsAnswer,
  WhyNotAnswer,
} from './views';

/** Every call an island may make: its input schema here, its answer below. The path is `/api/<name>`. */
export const inputs = {
  'save-client': requests.saveClientInput,
  'save-owned': requests.saveOwnedInput,
  'retire-owned': requests.retireOwnedInput,
  'save-owned-many': requests.saveOwnedManyInput,
  'remove-occasion': requests.removeOccasionInput,
  'make-brief-link': requests.makeBriefLinkInput,
  'revoke-brief-link': requests.revokeBriefLinkInput,
  'settle-brief': requests.settleBriefInput,
  'export-client': requests.exportClientInput,
  'erase-client': requests.eraseClientInput,
  'save-photo': requests.savePhotoInput,
  'remove-photo': requests.removePhotoInput,
  'save-occasion': requests.saveOccasionInput,
  'import-stock': requests.importStockInput,
  'stock-list': requests.stockListInput,
  'garment-sheet': requests.garmentSheetInput,
  'save-garment': requests.saveGarmentInput,
  'archive-garments': requests.archiveGarmentsInput,
  'price-garments': requests.priceGarmentsInput,
  'edit-garments': requests.editGarmentsInput,
  'find-code': requests.findCodeInput,
  'export-stock': requests.exportStockInput,
  'count-stock': requests.countStockInput,
  'move-stock': requests.moveStockInput,
  'settle-proposal': requests.settleProposalInput,
  'stock-ledger': requests.stockLedgerInput,
  'start-box': requests.startBoxInput,
  'save-brief': requests.saveBriefInput,
  'pull-list': requests.pullListInput,
  'hold-line': requests.holdLineInput,
  'release-line': requests.releaseLineInput,
  'renew-hold': requests.renewHoldInput,
  'swap-line': requests.swapLineInput,
  'line-swaps': requests.lineSwapsInput,
  'why-not': requests.whyNotInput,
  'save-alteration': requests.saveAlterationInput,
  'remove-alteration': requests.removeAlterationInput,
  'pass-limits': requests.passLimitsInput,
  'scan-line': requests.scanLineInput,
  'save-look': requests.saveLookInput,
  'remove-look': requests.removeLookInput,
  'draft-letter': requests.draftLetterInput,
  'save-letter': requests.saveLetterInput,
  'move-box': requests.moveBoxInput,
  'decide-line': requests.decideLineInput,
  'check-in-line': requests.checkInLineInput,
  'close-box': requests.closeBoxInput,
  'save-rules': requests.saveRulesInput,
  'save-pull-settings': requests.savePullSettingsInput,
  'save-tongue': requests.saveTongueInput,
  'first-owner': requests.firstOwnerInput,
} as const;

export type UseCaseName = keyof typeof inputs;
type DeepReadonly<T> = T extends (infer E)[]
  ? readonly DeepReadonly<E>[]
  : T extends object
    ? { readonly [K in keyof T]: DeepReadonly<T[K]> }
    : T;
/** What a caller sends; a use case gets `Parsed`, with defaults filled in. */
export type Input<N extends UseCaseName> = DeepReadonly<z.input<(typeof inputs)[N]>>;
export type Parsed<N extends UseCaseName> = z.output<(typeof inputs)[N]>;

export interface Answers {
  'save-client': { readonly id: string; readonly version: number };
  'save-owned': { readonly id: string; readonly version: number };
  'retire-owned': { readonly id: string; readonly version: number };
  'save-owned-many': { readonly added: number; readonly known: number };
  'remove-occasion': { readonly id: string };
  'make-brief-link': { readonly id: string; readonly path: string; readonly expiresOn: string };
  'revoke-brief-link': { readonly id: string };
  'settle-brief': { readonly id: string };
  'export-client': { readonly fileName: string; readonly json: string };
  'erase-client': { readonly kept: number };
  'save-photo': { readonly photoId: string };
  'remove-photo': { readonly id: string };
  'save-occasion': { readonly id: string; readonly version: number };
  'import-stock': ImportAnswer;
  'stock-list': StockPage;
  'garment-sheet': GarmentSheet;
  'save-garment': { readonly id: string; readonly version: number };
  'archive-garments': { readonly changed: number };
  'price-garments': { readonly changed: number };
  'edit-garments': { readonly changed: number };
  'find-code': CodeAnswer;
  'export-stock': { readonly fileName: string; readonly text: string };
  'count-stock': LedgerView;
  'move-stock': LedgerView;
  'settle-proposal': LedgerView;
  'stock-ledger': LedgerView;
  'start-box': { readonly id: string };
  'save-brief': BoxView;
  'pull-list': PullAnswer;
  'hold-line': BoxView;
  'release-line': BoxView;
  'renew-hold': BoxView;
  'swap-line': BoxView;
  'line-swaps': SwapsAnswer;
  'why-not': WhyNotAnswer;
  'save-alteration': BoxView;
  'remove-alteration': BoxView;
  'pass-limits': BoxView;
  'scan-line': ScanAnswer;
  'save-look': BoxView;
  'remove-look': BoxView;
  'draft-letter': { readonly letter: LetterDraft };
  'save-letter': BoxView;
  'move-box': BoxView | PackView;
  'decide-line': BoxView;
  'check-in-line': BoxView | PackView;
  'close-box': BoxView;
  'save-rules': { readonly version: number };
  'save-pull-settings': { readonly version: number };
  'save-tongue': { readonly version: number };
  'first-owner': { readonly email: string };
}
export type Answer<N extends UseCaseName> = Answers[N];
