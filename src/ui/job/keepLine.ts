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

function keepAct(used: UsedJob, act: LineAct, ranking: Ranking | null): boolean {
  const { store } = used;
  switch (act.do) {
    case 'result':
      return enterResult(used, { ...act.result }, ranking);
    case 'set':
      return store.set(act.type, act.table, act.id, act.set).ok;
    case 'undo':
      return store.undo(act.id).ok;
    case 'redo':
      return store.redo(act.id).ok;
    case 'act': {
      const id = act.id ?? store.newId();
      if (act.personal) {
        const personal = { ...act.personal, id: store.newId() };
        return store.set(act.type, act.kind, id, { personalId: personal.id }, [personal]).ok;
      }
      const { allDone, ...payload } = withIds(act.payload, act.needIds ?? [], store.newId);
      if (act.type === 'reading.add') (payload.reading as { id: string }).id = id;
      if (!store.act(act.type, act.kind, id, payload).ok) return false;
      if (!allDone) return true;
      const { jobId, stages } = payload as { jobId: string; stages: { id: string }[] };
      return stages.every((s) => store.act('torque.stage', 'torqueStage', s.id, { jobId, torqueId: id }).ok);
    }
  }
}

/** Does what a line means, in order; stops where one part is refused (the screen then says why). */
export function keepLine(used: UsedJob, meaning: Meaning, ranking: Ranking | null): boolean {
  return meaning.acts.every((act) => keepAct(used, act, ranking));
}
