import { createContext, useContext, useEffect, useState, useSyncExternalStore, type ReactNode } from 'react';
import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn, type Knowledge } from '../../core/knowledge';
import type { Ranking } from '../../core/trace';
import { type JobSnapshot as Snapshot, type Own, type State, type TableName, type Tables } from '../../core/state';
import { deviceFor, type Device } from '../device/device';
import { askForPersistence } from '../device/storage';
import type { OutboxItem } from '../device/types';
import { attach } from './attach';
import { jobRows } from './jobRows';
import { derived, type Derived } from './derived';
import { JobStore, type JobView } from './store';
import { Thinker } from './thinker';

interface JobHandle {
  store: JobStore;
  device: Device;
  thinker: Thinker;
}

/** For what stands above every part of a screen; those use useJob. */
export const JobContext = createContext<JobHandle | null>(null);

interface Props {
  snapshot: Snapshot;
  /** What a screen without a server already knows of its own unsent entries. */
  pending?: readonly OutboxItem[];
  /** What is advised until something else is known. */
  ranking: Ranking | null;
  /** How many suspects are worth a look, where it is known and no ranking is. */
  standing: number | null;
  children: ReactNode;
}

/** Holds the job of a screen. */
export function JobProvider({ snapshot, pending, ranking, standing, children }: Props) {
  const [held] = useState(() => {
    const device = deviceFor(snapshot.shop.id);
    let asked = false;
    const keep = (items: readonly OutboxItem[]) => {
      if (!asked) void askForPersistence();
      asked = true;
      return device.save(items);
    };
    return { device, store: new JobStore(snapshot, keep, undefined, undefined, pending), thinker: new Thinker(ranking, standing) };
  });
  useEffect(() => attach(held.store, held.device), [held]);
  useEffect(() => () => held.thinker.end(), [held]);
  return <JobContext.Provider value={held}>{children}</JobContext.Provider>;
}

export interface UsedJob extends JobHandle, Derived {
  /** With everything that waits already applied. */
  state: State;
  jobId: string;
  /** Rows of one table that belong to this job, in the order they were made; the same array until one of them changes. */
  rows<T extends TableName>(table: T): Tables[T][];
}

function useHandle(): JobHandle {
  const held = useContext(JobContext);
  if (!held) throw new Error('useJob needs a JobProvider above it');
  return held;
}

/** The job of this screen; renders again whenever something in its tables or its journal changes. */
export function useJob(): UsedJob {
  const held = useHandle();
  const { store } = held;
  const state = useSyncExternalStore(
    store.subscribe,
    () => store.get().state,
    () => store.first.state,
  );
  const jobId = store.snapshot.jobId;
  return {
    ...held,
    ...derived(state, jobId),
    state,
    jobId,
    rows: (table) => jobRows(state, table, jobId),
  };
}

/** One thing about this job's screen beside its tables, such as who works or how the line is; renders again when that changes. */
export function useJobView<T>(pick: (view: JobView) => T): T {
  const { store } = useHandle();
  return useSyncExternalStore(
    store.subscribe,
    () => pick(store.get()),
    () => pick(store.first),
  );
}

/** What the shop knows itself, for screens that belong to no job. */
export const OwnContext = createContext<readonly Own[]>([]);
const nothing = new Map<string, Own>();
const still = () => () => undefined;

/** What ships and what the shop knows itself, on a job's screen or on any other. */
export function useKnowledge(): Knowledge {
  const store = useContext(JobContext)?.store;
  const around = useContext(OwnContext);
  const rows = useSyncExternalStore(
    store?.subscribe ?? still,
    () => store?.get().state.rows.own ?? nothing,
    () => store?.first.state.rows.own ?? nothing,
  );
  return withOwn(shipped, store ? [...rows.values()] : around);
}
