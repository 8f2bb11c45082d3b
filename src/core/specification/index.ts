export { crossing, enteredAs, readSpecJson, readSpecRows, specFile, specRows, type SpecEntry } from './file';
export { templateFor } from './template';
