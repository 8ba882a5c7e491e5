export {
  type Cells,
  type Columns,
  guessColumns,
  headSign,
  type KeptColumns,
  type TillSheet,
} from './columns';
export { TILL_FIELD_WORDS, TILL_FIELDS, type TillField } from './fields';
export { readTill, type TillOptions, type TillRead, type TillSize } from './rows';
export { type TillFault, tillFaultWords, type TillNote, tillNoteWords } from './words';
