import type { CommandName, Payloads } from '../../core/command';
import type { LineAct, Meaning } from '../../core/line';
import type { Ranking } from '../../core/trace';
import { enterResult } from './evidence';
import type { UsedJob } from './useJob';

/** Gives every new row in a payload its id: parts named in `needIds` are one row or a list of them. */
function withIds(payload: object, names: readonly string[], newId: () => string): Record<string, unknown> {
  const filled = { ...payload } as Record<string, unknown>;
  for (const name of names) {
    const part = filled[name];
    if (Array.isArray(part)) filled[name] = part.map((row: object) => ({ id: newId(), ...row }));
    else if (part) filled[name] = { id: newId(), ...(part as object) };
  }
  return filled;
}

function applyAct(used: UsedJob, act: LineAct, ranking: Ranking | null): boolean {
  const { store } = used;
  switch (act.do) {
    case 'result':
      return enterResult(used, { ...act.result }, ranking);
    case 'set':
      return store.set(act.type, act.id, act.set).ok;
    case 'owner': {
      const personal = { ...act.personal, id: store.newId() };
      return store.set('owner.set', act.id, { personalId: personal.id }, [personal]).ok;
    }
    case 'undo':
      return store.undo(act.id);
    case 'redo':
      return store.redo(act.id);
    case 'act': {
      const id = act.id ?? store.newId();
      const payload = withIds(act.payload, act.needIds ?? [], store.newId) as Payloads[CommandName];
      if (act.type === 'reading.add') (payload as Payloads['reading.add']).reading.id = id;
      if (!store.perform(act.type, id, payload).ok) return false;
      if (!act.allDone) return true;
      const { jobId, stages } = payload as Payloads['torque.plan'];
      return stages.every((s) => store.act('torque.stage', s.id, { jobId, torqueId: id }).ok);
    }
  }
}

/** Does what a line means, as one act: all of it, or nothing where one part is refused (the screen then says why). */
export function applyLine(used: UsedJob, meaning: Meaning, ranking: Ranking | null): boolean {
  return used.store.together(() => meaning.acts.every((act) => applyAct(used, act, ranking)));
}
