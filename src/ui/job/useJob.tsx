import { createContext, useContext, useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import { knowledge } from 'virtual:knowledge';
import { caseOf, type Case } from '../../core/trace';
import { list, type JobSnapshot as Snapshot, type TableName, type Tables } from '../../core/record';
import { localShelf, postToServer } from './post';

import { JobStore, type JobView } from './store';

const JobContext = createContext<JobStore | null>(null);

export function JobProvider({ snapshot, children }: { snapshot: Snapshot; children: ReactNode }) {
  const [store] = useState(
    () =>
      new JobStore(
        snapshot,
        postToServer,
        typeof localStorage === 'undefined'
          ? { read: () => [], write: () => undefined }
          : localShelf(`ivrek-unsent-${snapshot.shop.id}-${snapshot.jobId}`),
      ),
  );
  useEffect(() => {
    store.resume();
    const again = () => void store.flush();
    const timer = setInterval(() => store.get().waiting > 0 && again(), 4000);
    addEventListener('online', again);
    return () => {
      clearInterval(timer);
      removeEventListener('online', again);
    };
  }, [store]);
  return <JobContext.Provider value={store}>{children}</JobContext.Provider>;
}

export interface UsedJob {
  store: JobStore;
  view: JobView;
  jobId: string;
  traced: Case;
  /** Rows of one table that belong to this job, in the order they were made. */
  rows<T extends TableName>(table: T): Tables[T][];
}

/** The job of this screen; renders again whenever anything in it changes. */
export function useJob(): UsedJob {
  const store = useContext(JobContext);
  if (!store) throw new Error('useJob needs a JobProvider above it');
  const view = useSyncExternalStore(store.subscribe, store.get, store.get);
  const jobId = store.snapshot.jobId;
  const traced = useMemo(() => caseOf(view.state, jobId), [view.state, jobId]);
  return { store, view, jobId, traced, rows: (table) => list(view.state, table).filter((r) => !('jobId' in r) || r.jobId === jobId) };
}

export { knowledge };
