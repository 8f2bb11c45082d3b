import type { StageId } from '../stage';

/** Where each kind of line is looked at, and what it is called there. */
const kinds: Readonly<Record<string, [StageId, string]>> = {
  bike: ['book-in', 'Bike'],
  owner: ['book-in', 'Owner'],
  job: ['book-in', 'Notes'],
  consent: ['book-in', 'Agreed'],
  complaint: ['trace', 'Complaint'],
  prediction: ['trace', 'Prediction'],
  evidence: ['trace', 'Result'],
  cause: ['trace', 'Cause'],
  repair: ['trace', 'Repair'],
  retest: ['trace', 'Retest'],
  wait: ['trace', 'Wait'],
  step: ['strip', 'Step'],
  fastener: ['strip', 'Fasteners'],
  fastenerAttempt: ['strip', 'Tried on a fastener'],
  fact: ['strip', 'Note for the refit'],
  connection: ['strip', 'Connection'],
  treatedPart: ['strip', 'Part being cleaned'],
  cleaning: ['strip', 'Cleaning'],
  fluid: ['strip', 'Fluid'],
  wireTry: ['strip', 'Pairing tried'],
  piece: ['strip', 'Piece'],
  finding: ['strip', 'Finding'],
  photo: ['strip', 'Photo'],
  pin: ['strip', 'Pin'],
  reading: ['measure', 'Reading'],
  spec: ['measure', 'Limit'],
  erratum: ['measure', 'Manual correction'],
  substitute: ['parts', 'Not as the manual has it'],
  part: ['parts', 'Part'],
  torque: ['rebuild', 'Torque'],
  checkmark: ['start', 'Check'],
  provisional: ['handover', 'Temporary repair'],
  overrule: ['trace', 'Allowed anyway'],
  startAttempt: ['trace', 'Start attempt'],
  watch: ['handover', 'Watch list'],
};

/**
 * The stage and the name of a kind of line; the first stage for one that is not known.
 * @param kind a kind of line, as find_lines names it
 * @returns the stage to open and what the kind is called
 */
export const stageOfKind = (kind: string): { stage: StageId; name: string } => {
  const [stage, name] = kinds[kind] ?? ['book-in', kind];
  return { stage, name };
};
