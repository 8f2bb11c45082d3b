import type { JournalEntry } from '../../core/record';

const names: Record<string, string> = {
  'person.add': 'Person added',
  'bike.bookIn': 'Booked in',
  'job.open': 'Came back',
  'bike.set': 'Bike changed',
  'job.set': 'Job changed',
  'owner.set': 'Owner changed',
  'complaint.add': 'Complaint added',
  'complaint.set': 'Complaint changed',
  'consent.give': 'Agreed with the owner',
  'evidence.add': 'Result entered',
  'evidence.withdraw': 'Result withdrawn',
  'prediction.write': 'Prediction written',
  'reading.add': 'Reading taken',
  'spec.add': 'Limit entered',
  'spec.set': 'Limit changed',
  'cause.name': 'Cause named',
  'repair.log': 'Repair logged',
  'retest.log': 'Complaint tried again',
  'step.add': 'Taken off',
  'step.refit': 'Put back',
  'finding.add': 'Finding written',
  'part.add': 'Part needed',
  'part.set': 'Part changed',
  'torque.plan': 'Torque planned',
  'torque.stage': 'Torque stage done',
  'signature.sign': 'Signed',
  'check.mark': 'Checked off',
  'wait.start': 'Wait begun',
  'wait.end': 'Wait ended',
  'wait.set': 'Wait changed',
  'overrule.say': 'Allowed all the same',
  'overrule.end': 'No longer allowed all the same',
  'attempt.log': 'Start attempt',
  'provisional.add': 'Provisional repair',
  'provisional.end': 'Provisional repair ended',
  'watch.add': 'To be watched',
  'hazard.acknowledge': 'Caution acknowledged',
  'job.handOver': 'Handed over',
  'photo.add': 'Photo taken',
  'photo.set': 'Photo changed',
  'photo.remove': 'Photo taken off',
  'pin.add': 'Pin set',
  'pin.set': 'Pin changed',
  'pin.remove': 'Pin taken off',
  'erratum.add': 'Erratum of the book',
  'erratum.set': 'Erratum changed',
  'own.add': 'Own knowledge',
  'own.change': 'Own knowledge changed',
  'own.retire': 'Own knowledge taken out or put back',
  'tray.decide': 'Decided between two values',
  undo: 'Undone',
  redo: 'Redone',
};

const told = ['title', 'words', 'name', 'item', 'what', 'testId', 'status', 'note', 'caption', 'says'];

/** What an entry of the log was, in few words. */
export function actName(entry: Pick<JournalEntry, 'type'> & Partial<JournalEntry>): string {
  const first = entry.changes?.[0];
  const row = (first ? (first.op === 'update' ? first.set : first.row) : {}) as unknown as Record<string, unknown>;
  const detail = entry.targetId ? undefined : told.map((k) => row[k]).find((v) => typeof v === 'string');
  const name = names[entry.type] ?? entry.type;
  return detail ? `${name}: ${String(detail).slice(0, 60)}` : name;
}
