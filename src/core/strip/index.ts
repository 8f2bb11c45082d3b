export { inOrder, placesFor } from './order';
export { checkCode, checksInTheWay, openChecks } from './facts';
export { openPieces, pieceCode, piecesInTheWay, pieceWords } from './pieces';
export { accountOf, parseFasteners, type ParsedFastener } from './account';
export { planOf, usualOf, type RefitPlan, type RefitRows, type RefitStep, type WaitsFor } from './plan';
