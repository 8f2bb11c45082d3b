import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import HistoryIcon from '@mui/icons-material/ManageHistory';
import HourglassEmpty from '@mui/icons-material/HourglassEmpty';
import Keyboard from '@mui/icons-material/Keyboard';
import KeyboardHide from '@mui/icons-material/KeyboardHide';
import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { spineOf, stages, type StageId } from '../../../core/stage';
import { buildModel, standing } from '../../../core/trace';
import { list } from '../../../core/record';
import { useJob } from '../../job/useJob';
import { actName } from '../../job/actNames';
import { useRoom } from '../../device/useDevice';
import { Bench } from '../../parts/Bench';
import { BenchLine } from '../../parts/line/BenchLine';
import { LineStatus } from '../../parts/LineStatus';
import { Spine } from '../../parts/Spine';
import { TopBar } from '../../parts/TopBar';
import { Waits } from '../../parts/Waits';
import { whoActs, WhoWorks } from '../../parts/WhoWorks';
import { useSingleKeys } from '../../parts/useBareKeys';
import { later } from '../../parts/later';

// Opened now and then only, so they are fetched then.
const JobPanel = later(() => import('../../parts/line/LinePanel'));
const LogDrawer = later(() => import('../../parts/LogDrawer'));
const WaitDialog = later(() => import('../../parts/WaitDialog'));
const Tray = later(() => import('../../parts/Tray'));

/** Frame of every stage of a job: the bar, the spine, and what is unsent or refused. */
export function Frame({ stage, hrefOf, children }: { stage: StageId; hrefOf(stage: StageId): string; children: ReactNode }) {
  const { store, device, view, knowledge, jobId, traced } = useJob();
  const [keys, setKeys] = useSingleKeys();
  const [logOpen, setLogOpen] = useState(false);
  const [waiting, setWaiting] = useState(false);
  const [trayOpen, setTrayOpen] = useState(false);
  const needs = view.tray.filter((i) => i.state === 'refused').length;
  const room = useRoom(view.waiting);
  const lines = useMemo(
    () => spineOf(view.state, knowledge, jobId, standing(buildModel(knowledge, traced))),
    [view.state, knowledge, jobId, traced],
  );
  const { undo, redo } = store.targets();
  const { shop } = store.snapshot;
  useEffect(() => {
    const people = list(view.state, 'person').map(({ id, name }) => ({ id, name }));
    void device.saveYard({ shop: { demo: false, ...shop }, actor: view.actor, people, own: list(view.state, 'own'), home: true });
  }, [device, shop, view.actor, view.state]);
  const title = `${traced.bike.name}: ${stages.find((s) => s.id === stage)!.name} · Ivrek`;
  useEffect(() => {
    document.title = title;
  }, [title]);
  const people = list(view.state, 'person');
  const pick = (p: { id: string; name: string }) => (store.setActor(p), device.pickPerson(p));
  const bar = (
    <TopBar
      title={traced.bike.name}
      under={shop.name}
      find
      people={whoActs(people, view.actor, pick)}
      acts={[
        {
          label: undo ? `Undo: ${actName(undo)}` : 'Nothing to undo',
          icon: <Undo />,
          disabled: !undo,
          does: () => undo && store.undo(undo.id),
          always: true,
        },
        { label: redo ? 'Redo' : 'Nothing to redo', icon: <Redo />, disabled: !redo, does: () => redo && store.redo(redo.id) },
        { label: 'Let it wait', icon: <HourglassEmpty />, does: () => setWaiting(true) },
        { label: 'Log of this job', icon: <HistoryIcon />, does: () => setLogOpen(true) },
        {
          label: keys ? 'Single keys answer: switch off' : 'Single keys are off: switch on',
          icon: keys ? <Keyboard /> : <KeyboardHide />,
          does: () => setKeys(!keys),
        },
      ]}
    >
      <WhoWorks people={people} actor={view.actor} onPick={pick} />
    </TopBar>
  );
  return (
    <>
      <Bench bar={bar} side={<Spine lines={lines} current={stage} href={hrefOf} />} line={<BenchLine panel={JobPanel} />}>
        {view.refused && (
          <Alert
            severity="warning"
            role="alert"
            sx={{ mb: 1.5 }}
            action={
              <Button color="inherit" onClick={store.dismiss}>
                Close
              </Button>
            }
          >
            {view.refused.refusal.message}
            {view.refused.refusal.entries?.map((e) => (
              <Box key={e.id}>{actName(e)}</Box>
            ))}
          </Alert>
        )}
        <LineStatus line={view.line} waiting={view.waiting} room={room} unkept={view.unkept} photoPart={view.photoPart} />
        {needs > 0 && (
          <Alert
            severity="warning"
            role="alert"
            sx={{ mb: 1.5 }}
            action={
              <Button color="inherit" onClick={() => setTrayOpen(true)}>
                Look
              </Button>
            }
          >
            {needs === 1 ? 'One entry of yours needs you.' : `${needs} entries of yours need you.`}
          </Alert>
        )}
        <Waits />
        {children}
      </Bench>
      {trayOpen && <Tray onClose={() => setTrayOpen(false)} />}
      {waiting && <WaitDialog onClose={() => setWaiting(false)} />}
      {logOpen && <LogDrawer onClose={() => setLogOpen(false)} />}
    </>
  );
}
