export { inOrder, placesFor } from './order';
export { checkCode } from './facts';
export { labelsOf, type StripLabel } from './labels';
export { fastenerCode, owedAtClosing, type Owed, type OwedRows } from './owed';
export { ladderFor, troubleApproaches, type Rung, type TroubleApproach } from './trouble';
export {
  alike,
  astray,
  colourKey,
  connectionCode,
  crossedWords,
  endOf,
  isJoint,
  meanwhile,
  mostPairings,
  pairingsOf,
  pairingTest,
  toldByPairing,
  type Astray,
  type LooseWire,
  type Pairing,
  type Pairings,
} from './wires';
export { campaignOf, jointsToList, type JointLine } from './joints';
export { cleanersFor, doseFor, touch, treatedWords, type OfferedCleaner } from './cleaning';
export { fluidsOf, type FluidLine, type FluidRows } from './fluids';
export { opensBeside, waysIn, type WayIn } from './waysIn';
export { notedOf, stepOfNote } from './notes';
export { renewedWith, spokenBy, spokenOf, usualVerdict, wearsFor, wornPart, type AgainstLimit, type Spoken } from './wear';
export { openPieces, outcomesOf, pieceCode, pieceLift, piecesInTheWay, pieceWords, sparesOf } from './pieces';
export { accountOf, parseFasteners, type ParsedFastener } from './account';
export { linesOf, readStrip, stripFileOf, stripJson, stripTable, type StripFile, type StripRead } from './file';
export { holesAt, outlinePath, placedOf, proportions, screwLetter, screwsOf, type Alike, type Placed, type Point } from './outline';
export { graphOf, mostDrawn, type StepGraph } from './graph';
export { lastStripId, templateOf, usualKey, type LastStrip, type LastTime, type Template } from './template';
export { torquesOf } from './torques';
export { consumableOf, usedAgain } from './consumables';
export { runningBeside, worthWhileOpen } from './meanwhile';
export { planOf, usualOf, type RefitPlan, type RefitRows, type RefitStep, type WaitsFor } from './plan';
