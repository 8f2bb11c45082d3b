import { useCallback, useEffect, useRef, useState } from 'react';
import type { Case, Instead, Ranking, Reason, SchoolView, TheoryView } from '../../core/trace';
import { knowledge } from 'virtual:knowledge';
import type { Own } from '../../core/record';
import type { RankReply, RankRequest } from '../../workers/rank';

export interface Explanation {
  start: string;
  now: string;
  reasons: Reason[];
  theory: TheoryView | null;
}

/** The ranking of a case, computed in a worker; the one from the server, if any, stands until the first change. */
export function useRanking<F extends Ranking | null>(first: F, traced: Case, own: readonly Own[], agreedLeft: number | null) {
  const [ranking, setRanking] = useState<F | Ranking>(first);
  const [schools, setSchools] = useState<SchoolView[] | null>(null);
  const [instead, setInstead] = useState<Instead | null>(null);
  const [busy, setBusy] = useState(false);
  const [reasons, setReasons] = useState<Record<string, Explanation>>({});
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const askedInstead = useRef(0);

  useEffect(() => {
    const w = new Worker(new URL('../../workers/rank.ts', import.meta.url), { type: 'module' });
    worker.current = w;
    w.postMessage({ kind: 'knowledge', knowledge } satisfies RankRequest);
    w.onmessage = ({ data }: MessageEvent<RankReply>) => {
      // Only the newest question counts.
      if (data.id !== asked.current) return;
      if (data.kind === 'reasons') {
        setReasons((r) => ({ ...r, [data.key]: { start: data.start, now: data.now, reasons: data.reasons, theory: data.theory } }));
        return;
      }
      if (data.kind === 'ranking') {
        setRanking(data.ranking);
        setBusy(false);
      } else if (data.kind === 'odds') {
        // What is advised stands until the new advice is there, so that nothing is put forward that is taken back at once.
        setRanking((r) => (r ? { ...r, ...data.odds } : r));
      } else if (data.kind === 'instead') setInstead(data.instead);
      else setSchools(data.schools);
    };
    return () => w.terminate();
  }, []);

  useEffect(() => {
    asked.current++;
    setBusy(true);
    setReasons({});
    setInstead(null);
    worker.current?.postMessage({ id: asked.current, kind: 'rank', traced, own, agreedLeft } satisfies RankRequest);
  }, [traced, own, agreedLeft]);

  const explainKey = useCallback(
    (key: string) => worker.current?.postMessage({ id: asked.current, kind: 'explain', traced, own, key } satisfies RankRequest),
    [traced, own],
  );
  /** What doing something else would cost: worked out once for a case, when that is looked at. */
  const askInstead = useCallback(() => {
    if (askedInstead.current === asked.current) return;
    askedInstead.current = asked.current;
    worker.current?.postMessage({ id: asked.current, kind: 'instead' } satisfies RankRequest);
  }, []);
  return { ranking, instead, askInstead, schools, busy, reasons, explainKey };
}
