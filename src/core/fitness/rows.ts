import { list } from '../state';
import type {
  Bike,
  Cause,
  Checkmark,
  Cleaning,
  Complaint,
  Connection,
  Evidence,
  Fastener,
  Finding,
  FluidRow,
  Job,
  Overrule,
  Part,
  Piece,
  Provisional,
  Repair,
  Retest,
  Signature,
  State,
  Step,
  Torque,
  TorqueStage,
  Wait,
} from '../state';

/** The rows of one job that say what may be done with it. Those that may be missing count as empty. */
export interface FitnessRows {
  bike: Bike;
  job: Job;
  complaints: Complaint[];
  evidence: Evidence[];
  repairs: Repair[];
  retests: Retest[];
  findings: Finding[];
  causes: Cause[];
  steps: Step[];
  fasteners?: Fastener[];
  torques?: Torque[];
  stages?: TorqueStage[];
  signatures?: Signature[];
  parts?: Part[];
  pieces?: Piece[];
  connections?: Connection[];
  fluids?: FluidRow[];
  cleanings?: Cleaning[];
  checks?: Checkmark[];
  provisionals?: Provisional[];
  waits?: Wait[];
  overrules?: Overrule[];
}

/**
 * The rows of one job out of a state. Throws if the job is not in it.
 * @param state what is known, left as it is
 * @param jobId the job
 * @returns the rows that `fitnessOf` reads
 */
export function fitnessRowsOf(state: State, jobId: string): FitnessRows {
  const job = state.rows.job.get(jobId);
  const bike = job && state.rows.bike.get(job.bikeId);
  if (!job || !bike) throw new Error(`job ${jobId} is not in this state`);
  const own = <T extends { jobId: string }>(rows: T[]) => rows.filter((r) => r.jobId === jobId);
  return {
    bike,
    job,
    complaints: own(list(state, 'complaint')),
    evidence: own(list(state, 'evidence')),
    repairs: own(list(state, 'repair')),
    retests: own(list(state, 'retest')),
    findings: own(list(state, 'finding')),
    causes: own(list(state, 'cause')),
    steps: own(list(state, 'step')),
    fasteners: own(list(state, 'fastener')),
    torques: own(list(state, 'torque')),
    stages: own(list(state, 'torqueStage')),
    signatures: own(list(state, 'signature')),
    parts: own(list(state, 'part')),
    pieces: own(list(state, 'piece')),
    connections: own(list(state, 'connection')),
    fluids: own(list(state, 'fluid')),
    cleanings: own(list(state, 'cleaning')),
    checks: own(list(state, 'checkmark')),
    provisionals: own(list(state, 'provisional')),
    waits: own(list(state, 'wait')),
    overrules: own(list(state, 'overrule')),
  };
}
