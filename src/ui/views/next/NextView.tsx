import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import type { WorkshopContext } from '../../../core/state';
import type { Board } from '../../../core/stage';
import { ConnectionStatus } from '../../frame/ConnectionStatus';
import { Page } from '../../frame/Page';
import { BenchLine } from '../../frame/line/BenchLine';
import { whoActs, WhoWorks } from '../../frame/WhoWorks';
import { ReadyList } from './ReadyList';
import { useBoard } from './useBoard';
import { WaitingColumn } from './WaitingColumn';
import { workshopActs, WorkshopMenu } from './WorkshopMenu';
import WorkshopPanel, { WorkshopBikes } from './WorkshopPanel';

export interface NextProps {
  workshop: WorkshopContext;
  board: Board;
  /** Worked out on the device: there is no server to ask. */
  offline?: boolean;
}

/** Home: what can be done now, on which bike, and what is still waiting and until when. */
export default function NextView({ workshop, board: first, offline = false }: NextProps) {
  const { board, device, line, items, room } = useBoard(workshop, first, offline);
  const { lines } = board;
  const [actor, setActor] = useState(workshop.actor);
  useEffect(() => {
    const picked = device.pickedHere(workshop.actor);
    if (picked) setActor(picked.person);
  }, [device, workshop]);
  const pick = (p: { id: string; name: string }) => (setActor(p), device.pickPerson(p));
  const needs = items.filter((i) => i.state === 'refused');
  return (
    <Page
      title="Next"
      find
      under={workshop.shop.name}
      people={whoActs(workshop.people, actor, pick)}
      acts={workshopActs(workshop.home)}
      line={
        <WorkshopBikes.Provider value={lines}>
          <BenchLine panel={WorkshopPanel} placeholder={exampleFor(lines)} />
        </WorkshopBikes.Provider>
      }
      bar={
        <>
          <Button
            href="/book-in"
            variant="contained"
            sx={{
              bgcolor: '#e0b35c',
              color: '#1b1508',
              '&:hover': { bgcolor: '#edc67a' },
              whiteSpace: 'nowrap',
              px: { xs: 1.25, sm: 2.25 },
            }}
          >
            Book in
          </Button>
          <WhoWorks people={workshop.people} actor={actor} onPick={pick} />
          <WorkshopMenu home={workshop.home} />
        </>
      }
    >
      <ConnectionStatus line={offline && line === 'up' ? 'cut' : line} waiting={items.length} room={room} />
      {needs.length > 0 && (
        <Alert severity="warning" role="alert" sx={{ mb: 1.5 }}>
          {needs.length === 1 ? 'One of your entries needs a decision' : `${needs.length} of your entries need a decision`}:{' '}
          {[...new Set(needs.flatMap((i) => (i.jobId ? [i.jobId] : [])))].map((id) => (
            <a key={id} href={`/job/${id}/trace`} style={{ marginRight: 12 }}>
              {lines.find((l) => l.jobId === id)?.bike ?? 'open the bike'}
            </a>
          ))}
        </Alert>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1.7fr) minmax(0,1fr)' },
          alignItems: 'start',
        }}
      >
        <ReadyList lines={lines} />
        <WaitingColumn board={board} />
      </Box>
    </Page>
  );
}

/** How a line begins here: with one of this workshop's own bikes. */
const exampleFor = (lines: Board['lines']) =>
  lines.length > 0 ? `Begin with the bike: ${lines[0].bike.split(' ')[0].toLowerCase()} comp 2 118 psi` : 'Begin with the bike';
