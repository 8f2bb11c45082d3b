import { zone } from '../../controls/times';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import type { JobRecord } from '../../../core/handover';
import type { JobSnapshot, State, WorkshopContext } from '../../../core/state';
import type { Board } from '../../../core/stage';
import type { Ranking } from '../../../core/trace';
import { deviceFor } from '../../device/device';
import { placeOf, type Place } from '../../job/address';
import { openShelves } from '../../device/database';
import type { OutboxItem } from '../../device/types';
import { lazyPart } from '../../controls/lazyPart';
import { Page } from '../../frame/Page';

// Each screen is fetched when it is wanted; all of them lie on the device already.
const NextView = lazyPart(() => import('../next/NextView'));
const NewBikeView = lazyPart(() => import('../bookin/NewBikeView'));
const RecordView = lazyPart(() => import('../handover/RecordView'));
const JobApp = lazyPart(() => import('../job/JobApp'));

type Screen =
  | { kind: 'next'; workshop: WorkshopContext; board: Board }
  | { kind: 'bookIn'; workshop: WorkshopContext }
  | { kind: 'job'; place: Place; snapshot: JobSnapshot; ranking: Ranking; items: OutboxItem[] }
  | { kind: 'record'; jobId: string; record: JobRecord; notice: string }
  | { kind: 'none'; why: string };

/** What ships and what the shop knows itself. */
async function knowledgeOf(state: State) {
  const [{ withOwn }, { knowledge }] = await Promise.all([import('../../../core/knowledge'), import('virtual:knowledge')]);
  return withOwn(knowledge, [...state.rows.own.values()]);
}

/** Works out, from what lies on this device alone, the screen that an address stands for. */
async function screenFor(path: string): Promise<Screen> {
  const db = await openShelves().catch(() => null);
  const workshop = (await db?.get('note', 'yard')) as WorkshopContext | undefined;
  if (!db || !workshop) return { kind: 'none', why: 'No workshop was opened on this device yet.' };
  // What this page asks of the server, it asks in the name of the workshop that it draws.
  document.documentElement.dataset.shop = workshop.shop.id;
  const items = await deviceFor(workshop.shop.id).items();
  const { localBoard, localState } = await import('../next/localBoard');
  if (path === '/book-in') return { kind: 'bookIn', workshop };
  const m = /^\/job\/([\da-f-]{36})(?:\/([\w-]+))?\/?$/.exec(path);
  if (m) {
    const kept = await db.get('snapshot', [workshop.shop.id, m[1]]);
    const state = kept && localState(kept.snapshot, items);
    if (!kept || !state) return { kind: 'none', why: 'This bike was not opened on this device yet.' };
    if (m[2] === 'record') {
      const [{ headOf, recordNotice, recordOf }, knowledge] = await Promise.all([import('../../../core/handover'), knowledgeOf(state)]);
      const record = recordOf(state, knowledge, m[1], headOf({ ...kept.snapshot, shop: workshop.shop }, state, zone()));
      return { kind: 'record', jobId: m[1], record, notice: recordNotice };
    }
    const place = placeOf(m[1], location);
    if (!place) return { kind: 'none', why: 'There is no such page.' };
    await (await import('../job/stageViews')).fetchStage(place.stage).catch(() => undefined);
    const [{ buildModel, questionOf, rank }, knowledge] = await Promise.all([import('../../../core/trace'), knowledgeOf(state)]);
    const { traced, agreedLeft } = questionOf(state, m[1]);
    const ranking = rank(buildModel(knowledge, traced), { agreedLeft });
    const snapshot = { ...kept.snapshot, actor: workshop.actor };
    return { kind: 'job', place, snapshot, ranking, items: items.filter((i) => i.jobId === m[1]) };
  }
  if (path === '/') {
    const kept = (await db.getAll('snapshot')).filter((s) => s.shopId === workshop.shop.id);
    const board = localBoard(
      kept.map((k) => k.snapshot),
      items,
      new Date().toISOString(),
    );
    return { kind: 'next', workshop, board };
  }
  return { kind: 'none', why: 'This page needs the server.' };
}

/** Every screen without a server: what was opened before, from this device. */
export default function OfflineApp() {
  const [screen, setScreen] = useState<Screen | null>(null);
  useEffect(() => {
    let here = true;
    const show = (found: Screen) => here && setScreen(found);
    screenFor(location.pathname).then(show, () => show({ kind: 'none', why: 'What lies on this device cannot be read.' }));
    return () => {
      here = false;
    };
  }, []);
  if (!screen) return null;
  return draw(screen);
}

function draw(screen: Screen) {
  switch (screen.kind) {
    case 'next':
      return <NextView workshop={screen.workshop} board={screen.board} offline />;
    case 'bookIn':
      return <NewBikeView workshop={screen.workshop} offline />;
    case 'record':
      return <RecordView record={screen.record} notice={screen.notice} jobId={screen.jobId} />;
    case 'job':
      return <JobApp snapshot={screen.snapshot} {...screen.place} ranking={screen.ranking} pending={screen.items} />;
    default:
      return (
        <Page title="No server">
          <Box sx={{ display: 'grid', gap: 2, justifyItems: 'start', maxWidth: 640 }}>
            <Typography variant="h2" component="h2">
              The server cannot be reached
            </Typography>
            <Typography>{screen.why} Bikes that were opened here, and booking in, work without it.</Typography>
            <Button variant="contained" href="/">
              What can be done now
            </Button>
            <Button variant="outlined" onClick={() => location.reload()}>
              Try again
            </Button>
          </Box>
        </Page>
      );
  }
}
