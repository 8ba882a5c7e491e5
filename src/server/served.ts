/** The files that hold the work of calls; what else they export is not a call. */

export * from './box/alterations';
export * from './box/hold-line';
export * from './box/letter';
export * from './box/line-swaps';
export * from './box/move-box';
export * from './box/pass-limits';
export * from './box/pull-list';
export * from './box/save-brief';
export * from './box/save-look';
export * from './box/scan-line';
export * from './box/start-box';
export * from './box/tally';
export * from './client/brief-link';
export * from './client/closet';
export * from './client/person';
export * from './client/save-client';
export * from './client/save-occasion';
export * from './photo/photos';
export * from './rules/house-rules';
export * from './stock/find-code';
export * from './stock/garment';
export * from './stock/import-stock';
export * from './stock/ledger';
export * from './stock/list';
export * from './stock/many';
