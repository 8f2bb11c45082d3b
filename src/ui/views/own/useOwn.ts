import { useCallback, useRef, useState } from 'react';
import { command as commandOf, type OwnAdd, type OwnChange, type CommandName, type Payloads } from '../../../core/command';
import { applyChanges, emptyState, list, put, type Own, type State } from '../../../core/state';
import { call } from '../../device/client';

/** Nothing in any list, to be filled. */
export const nothing = (): OwnAdd => ({ faults: [], findings: [], tests: [], figures: [] });
const unchanged: OwnChange = { fault: null, finding: null, test: null, figure: null };

/** The shop's own entries on their page: every act is a command, and shows once the server has kept it. */
export function useOwn(first: readonly Own[]) {
  const [state, setState] = useState<State>(() => holding(first));
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  // The same act tried again after a cut is the same command: it is applied once.
  const tried = useRef<{ says: string; id: string } | null>(null);

  const send = useCallback(
    async <N extends CommandName>(type: N, entityId: string, payload: Payloads[N], base: Record<string, number> = {}) => {
      setBusy(true);
      setProblem(null);
      const says = JSON.stringify([type, payload, base]);
      if (tried.current?.says !== says) tried.current = { says, id: crypto.randomUUID() };
      const command = commandOf(type, entityId, payload, { id: tried.current.id, madeAt: new Date().toISOString(), base });
      const answer = await call('POST /api/commands', { body: command });
      setBusy(false);
      if (!answer.ok) {
        setProblem(answer.message);
        return false;
      }
      tried.current = null;
      const { changes } = answer.body;
      setState((s) => applyChanges(s, changes));
      return true;
    },
    [],
  );

  const rows = list(state, 'own');
  return {
    rows,
    problem,
    busy,
    clear: () => setProblem(null),
    /** What was brought in from a file: the rows as they stand now. */
    replace: (all: readonly Own[]) => setState(holding(all)),
    add: (payload: OwnAdd) => {
      const [one] = [...payload.faults, ...payload.findings, ...payload.tests, ...payload.figures];
      return send('own.add', one.id, payload);
    },
    change: (row: Own, body: Own['body']) =>
      send('own.change', row.id, { ...unchanged, [row.what]: body }, { body: row.versions.body ?? 0 }),
    retire: (ids: string[], retired: boolean) => send('own.retire', ids[0], { ids, retired }),
  };
}

function holding(rows: readonly Own[]): State {
  const state = emptyState();
  for (const row of rows) put(state, 'own', row);
  return state;
}
