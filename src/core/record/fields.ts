import type { TableName, Tables } from './rows';

type FieldsOf<T extends TableName> = readonly Exclude<keyof Tables[T], 'id' | 'versions'>[];

/** The fields of each table, in the order in which the record lists them. The database columns are these in snake case. */
export const fields: { readonly [T in TableName]: FieldsOf<T> } = {
  person: ['name'],
  owner: ['personalId'],
  bike: [
    'ownerId',
    'name',
    'year',
    'frameNo',
    'engineNo',
    'mileageKm',
    'strokes',
    'cylinders',
    'cooling',
    'ignition',
    'fuelling',
    'decompressor',
    'voltage',
    'starting',
    'clutch',
    'boreMm',
    'strokeMm',
    'compressionRatio',
    'archetype',
    'traits',
  ],
  spec: ['bikeId', 'quantity', 'low', 'high', 'serviceLow', 'serviceHigh', 'unit', 'entered', 'source', 'origin'],
  job: [
    'bikeId',
    'openedAt',
    'standingMonths',
    'storage',
    'fuelLeft',
    'crash',
    'ranWhenParked',
    'lastTouched',
    'lastTouchedBy',
    'lastTouchedWhen',
    'notes',
    'pinned',
    'pairings',
    'counts',
    'school',
    'rate',
    'handedOverAt',
  ],
  complaint: ['jobId', 'words', 'symptoms', 'state', 'explained', 'linkedTo', 'afterRepairId'],
  prediction: ['jobId', 'testId', 'position', 'words', 'expected', 'madeAt'],
  reading: ['jobId', 'bikeId', 'quantity', 'position', 'value', 'unit', 'entered', 'instrument', 'conditions', 'takenAt'],
  evidence: [
    'jobId',
    'testId',
    'position',
    'outcome',
    'readingId',
    'predictionId',
    'held',
    'conditions',
    'note',
    'takenAt',
    'afterRepairId',
    'knowledgeHash',
    'shown',
    'withdrawn',
  ],
  cause: ['jobId', 'complaintId', 'faultId', 'position', 'words', 'madeAt'],
  repair: ['jobId', 'causeId', 'faultId', 'position', 'words', 'minutes', 'cost', 'afterRepairId', 'madeAt'],
  retest: ['jobId', 'complaintId', 'repairId', 'result', 'conditions', 'note', 'newComplaintId', 'takenAt'],
  step: ['jobId', 'title', 'access', 'bag', 'note', 'madeAt', 'refittedAt'],
  fastener: ['jobId', 'stepId', 'size', 'count', 'place', 'refitted'],
  finding: ['jobId', 'stepId', 'item', 'position', 'seen', 'readingId', 'verdict', 'faultId', 'afterRepairId', 'takenAt'],
  part: ['jobId', 'findingId', 'name', 'number', 'source', 'quantity', 'price', 'status', 'dueOn'],
  torque: ['jobId', 'name', 'thread', 'count', 'figureNm', 'unit', 'entered', 'source'],
  torqueStage: ['jobId', 'torqueId', 'n', 'kind', 'value', 'doneAt'],
  signature: ['jobId', 'kind', 'subjectId', 'signedBy', 'signedAt', 'supersedes'],
  checkmark: ['jobId', 'list', 'item', 'state', 'note'],
  wait: ['jobId', 'kind', 'what', 'until', 'lookAgain', 'endedAt'],
  provisional: ['jobId', 'what', 'why', 'until', 'untilOn', 'mayRun', 'mayRide', 'mayLeave', 'endedAt'],
  overrule: ['jobId', 'act', 'reason', 'codes', 'saidBy', 'madeAt', 'endedAt'],
  startAttempt: ['jobId', 'choke', 'throttle', 'kicks', 'seconds', 'volts', 'did', 'afterRepairId', 'madeAt'],
  watch: ['jobId', 'what', 'due'],
  consent: ['jobId', 'words', 'upTo', 'givenAt', 'supersedes'],
  hazardAck: ['jobId', 'hazard', 'place', 'acknowledgedAt'],
  photo: ['jobId', 'subject', 'subjectId', 'bag', 'sha256', 'width', 'height', 'bytes', 'caption', 'takenAt'],
  pin: ['jobId', 'photoId', 'x', 'y', 'note'],
  erratum: ['bikeId', 'book', 'page', 'quantity', 'says', 'right', 'source'],
  own: ['what', 'body', 'retired'],
};

export const tableNames = Object.keys(fields) as TableName[];

/** The tables whose rows belong to one job. */
export const jobTables = tableNames.filter((t) => (fields[t] as readonly string[]).includes('jobId'));

/** True if `field` is a field of `table` that a command may set. */
export function hasField(table: TableName, field: string): boolean {
  return (fields[table] as readonly string[]).includes(field);
}
