export { missingLimits, withAsked } from './missingLimits';
export { circumstanceFields, withCircumstances } from './circumstances';
export {
  at,
  can,
  celsius,
  choice,
  cm3,
  degrees,
  engineField,
  figure,
  figureList,
  filledRows,
  metres,
  mm,
  perCylinder,
  rpm,
  yesNo,
} from './fields';
export { emptyDraft, fieldsOf, plausible, readField, readList, valuesOf, type PanelDraft, type ReadField } from './read';
export { rowsUpTo, shownRows } from './rows';
export {
  exact,
  isGrid,
  nothing,
  result,
  type Block,
  type ChoiceField,
  type Drawing,
  type Field,
  type FigureField,
  type Grid,
  type Handed,
  type Panel,
  type PanelGroup,
  type PanelLine,
  type PanelSubject,
  type Result,
  type Tone,
  type Values,
} from './types';
export { noteOf, panelNotes, type PanelNote } from './notes';
export { panelFile, panelRows, readPanelJson, readPanelRows } from './file';
