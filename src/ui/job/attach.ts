import type { Heard } from '../../core/state';
import type { Device } from '../device/device';
import type { JobStore } from './store';
import { call } from '../device/client';
import { whenIdle } from './whenIdle';
import type { JournalPage } from '../../wire';

/** Reads the journal of a job after a number; null if the server cannot be reached. */
async function readPage(after: number, jobId: string): Promise<JournalPage | null> {
  const page = await call('GET /api/journal', { query: { after, job: jobId }, signal: AbortSignal.timeout(15_000) });
  return page.ok ? page.body : null;
}

/** Ties a job's screen to its device: unsent entries, news, what was missed, and the copy that is kept for later. */
export function attach(store: JobStore, device: Device): () => void {
  let open = true;
  let catching: Promise<void> | null = null;
  let fetching: Promise<void> | null = null;
  let saving: ReturnType<typeof setTimeout> | undefined;
  const { jobId } = store.snapshot;
  device.lastHeard = Math.max(device.lastHeard, store.heardUpTo);

  const catchUp = (): void => {
    catching ??= (async () => {
      for (let more = true; more && open;) {
        const page = await readPage(store.heardUpTo, jobId);
        if (!page || !open) return;
        store.caughtUp(page.entries, page.upTo);
        more = page.more;
      }
    })().finally(() => (catching = null));
  };
  /** The lines of a long journal that did not come with the page, all at once: half of an act is none. */
  const fetchEarlier = (): void => {
    fetching ??= (async () => {
      const entries: Heard[] = [];
      for (let after = 0; open && store.journalFrom !== null && after < store.journalFrom - 1;) {
        const page = await readPage(after, jobId);
        if (!page) return;
        entries.push(...page.entries);
        after = page.upTo;
      }
      if (open && store.journalFrom !== null) store.takeEarlier(entries.filter((e) => e.seq < store.journalFrom!));
    })().finally(() => (fetching = null));
  };
  const save = () => {
    clearTimeout(saving);
    saving = setTimeout(() => void device.saveSnapshot(store.toSnapshot()).catch(() => undefined), 600);
  };
  const refresh = async () => {
    const items = await device.items(jobId);
    if (open) store.takeUp(items);
  };
  store.onGap = catchUp;
  store.onSaid = save;
  // Asked once more, the server says that it has it, and what was held behind it goes on.
  store.onLate = (item) => void device.again(item);
  const leave = device.use();
  const deaf = device.subscribe((news) => {
    store.applyNews(news);
    if (news.kind === 'catchUp') catchUp();
    if (news.kind === 'catchUp' && store.journalFrom !== null) fetchEarlier();
    if ((news.kind === 'refused' || news.kind === 'outbox') && (news.jobId === jobId || news.jobId === null)) void refresh();
  });
  void refresh().then(catchUp);
  const callOff = store.journalFrom === null ? () => undefined : whenIdle(fetchEarlier);
  const picked = device.pickedHere(store.get().actor);
  if (picked) store.setActor(picked.person);
  save();
  return () => {
    open = false;
    callOff();
    clearTimeout(saving);
    void device.saveSnapshot(store.toSnapshot()).catch(() => undefined);
    deaf();
    leave();
  };
}
