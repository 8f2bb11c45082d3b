import HistoryIcon from '@mui/icons-material/ManageHistory';
import HourglassEmpty from '@mui/icons-material/HourglassEmpty';
import Keyboard from '@mui/icons-material/Keyboard';
import KeyboardHide from '@mui/icons-material/KeyboardHide';
import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import { memo, useState } from 'react';
import { list } from '../../../core/state';
import { useJob, useJobView } from '../../job/useJob';
import { actOf, isUndoable } from '../../../core/command';
import { actsName } from '../../job/actNames';
import { TopBar } from '../../frame/TopBar';
import { whoActs, WhoWorks } from '../../frame/WhoWorks';
import { useSingleKeys } from '../../controls/useBareKeys';
import { lazyPart } from '../../controls/lazyPart';

// Opened now and then only, so they are fetched then.
const LogDrawer = lazyPart(() => import('../../widgets/LogDrawer'));
const WaitDialog = lazyPart(() => import('../../widgets/WaitDialog'));

/** The bar over every stage of a job: which bike, who works, and what can be done with the job as a whole. */
export const JobBar = memo(function JobBar() {
  const { store, device, state, traced } = useJob();
  const actor = useJobView((v) => v.actor);
  const [keys, setKeys] = useSingleKeys();
  const [logOpen, setLogOpen] = useState(false);
  const [waiting, setWaiting] = useState(false);
  const { undo, redo } = store.targets();
  const { shop } = store.snapshot;
  const people = list(state, 'person');
  const pick = (p: { id: string; name: string }) => (store.setActor(p), device.pickPerson(p));
  return (
    <>
      <TopBar
        title={traced.bike.name}
        under={shop.name}
        find
        people={whoActs(people, actor, pick)}
        acts={[
          {
            label: undo ? `Undo: ${actsName(actOf(state.journal, undo.id).filter((e) => isUndoable(e.type)))}` : 'Nothing to undo',
            icon: <Undo />,
            disabled: !undo,
            does: () => undo && store.undo(undo.id),
            always: true,
          },
          { label: redo ? 'Redo' : 'Nothing to redo', icon: <Redo />, disabled: !redo, does: () => redo && store.redo(redo.id) },
          { label: 'Put on hold', icon: <HourglassEmpty />, does: () => setWaiting(true) },
          { label: 'Log of this job', icon: <HistoryIcon />, does: () => setLogOpen(true) },
          {
            label: keys ? 'Single keys answer: switch off' : 'Single keys are off: switch on',
            icon: keys ? <Keyboard /> : <KeyboardHide />,
            does: () => setKeys(!keys),
          },
        ]}
      >
        <WhoWorks people={people} actor={actor} onPick={pick} />
      </TopBar>
      {waiting && <WaitDialog onClose={() => setWaiting(false)} />}
      {logOpen && <LogDrawer onClose={() => setLogOpen(false)} />}
    </>
  );
});
