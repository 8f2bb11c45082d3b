export { inOrder, placesFor } from './order';
export { openPieces, pieceCode, piecesInTheWay, pieceWords } from './pieces';
export { accountOf, parseFasteners, type ParsedFastener } from './account';
