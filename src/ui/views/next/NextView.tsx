import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Block from '@mui/icons-material/Block';
import HourglassEmpty from '@mui/icons-material/HourglassEmpty';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { WorkshopContext } from '../../../core/state';
import type { Board } from '../../../core/stage';
import { useDevice } from '../../device/useDevice';
import { Empty } from '../../controls/Empty';
import { doWords } from '../../widgets/fitness/words';
import { ConnectionStatus } from '../../frame/ConnectionStatus';
import { Page } from '../../frame/Page';
import { Card } from '../../controls/Card';
import { day, dayTime, fromNow } from '../../controls/times';
import { BenchLine } from '../../frame/line/BenchLine';
import { whoActs, WhoWorks } from '../../frame/WhoWorks';
import { workshopActs, WorkshopMenu } from './WorkshopMenu';
import WorkshopPanel, { WorkshopBikes } from './WorkshopPanel';
import { fonts } from '../../theme/tokens';
import { saveBikes } from './saveBikes';
import { call } from '../../device/client';

export interface NextProps {
  workshop: WorkshopContext;
  board: Board;
  /** Worked out on the device: there is no server to ask. */
  offline?: boolean;
}

const stageNames: Record<string, string> = {
  look: 'First look',
  trace: 'Trace',
  decide: 'Decide',
  parts: 'Parts',
  rebuild: 'Rebuild',
  start: 'First start',
  tune: 'Tune',
  handover: 'Hand over',
};

/** Home: what can be done now, on which bike, and what is still waiting and until when. */
export default function NextView({ workshop, board: first, offline = false }: NextProps) {
  const [board, setBoard] = useState(first);
  const { now, lines, gone } = board;
  const [actor, setActor] = useState(workshop.actor);
  const asked = useRef(0);
  const again = useCallback(() => {
    const mine = ++asked.current;
    setTimeout(() => {
      // Several entries in one moment are one look.
      if (mine !== asked.current) return;
      void call('GET /api/jobs').then((now) => {
        // What was asked later knows more.
        if (now.ok && mine === asked.current) setBoard(now.body);
      });
    }, 250);
  }, []);
  const { device, line, items, room } = useDevice(workshop.shop.id, again);
  useEffect(() => {
    device.lastHeard = Math.max(device.lastHeard, workshop.shop.seq);
    if (!offline) void device.saveWorkshop(workshop, true);
  }, [device, workshop, offline]);
  useEffect(() => {
    let going = true;
    const timer = setTimeout(() => void saveBikes(device, lines, () => going), 800);
    return () => {
      going = false;
      clearTimeout(timer);
    };
  }, [device, lines]);
  const pick = (p: { id: string; name: string }) => (setActor(p), device.pickPerson(p));
  const provisional = lines.flatMap((l) => l.provisional.map((p) => ({ ...p, jobId: l.jobId, bike: l.bike })));
  const needs = items.filter((i) => i.state === 'refused');
  const ready = lines.filter((l) => l.act);
  const idle = lines.filter((l) => !l.act && l.waiting.length === 0);
  const waiting = lines
    .flatMap((l) => l.waiting.map((w) => ({ ...w, jobId: l.jobId, bike: l.bike })))
    .sort((a, b) => (a.due < b.due ? -1 : 1));
  return (
    <Page
      title="Next"
      find
      under={workshop.shop.name}
      people={whoActs(workshop.people, actor, pick)}
      acts={workshopActs(workshop.home)}
      line={
        <WorkshopBikes.Provider value={lines}>
          <BenchLine panel={WorkshopPanel} placeholder="Begin with the bike: quillon comp 2 118 psi" />
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
          {needs.length === 1 ? 'One entry of yours needs you' : `${needs.length} entries of yours need you`}:{' '}
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
        <Box component="section" aria-label="Can be done now" sx={{ minWidth: 0 }}>
          <Typography variant="h1" component="h2" sx={{ mb: 1 }}>
            Can be done now
          </Typography>
          {ready.length === 0 && (
            <Empty>
              {lines.length === 0
                ? 'No bike is in the shop. Book one in: which bike, whose it is, and what is wrong. Three fields, two minutes.'
                : 'Everything waits. What is waited for stands beside this.'}
            </Empty>
          )}
          <Box
            component="ol"
            sx={{ listStyle: 'none', p: 0, m: 0, borderTop: ready.length ? '3px solid' : 0, borderColor: 'text.primary' }}
          >
            {ready.map((l) => (
              <Box component="li" key={l.jobId} sx={{ borderBottom: 1, borderColor: 'divider' }}>
                <Box
                  component="a"
                  href={`/job/${l.jobId}/${l.act!.stage}`}
                  sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: '1fr', sm: '190px minmax(0,1fr)' },
                    columnGap: 2,
                    py: 1.5,
                    color: 'inherit',
                    textDecoration: 'none',
                    minHeight: 72,
                    '&:hover': { bgcolor: 'background.paper' },
                  }}
                >
                  <Box>
                    <Box sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.5rem', lineHeight: 1.1 }}>{l.bike}</Box>
                    <Typography variant="body2" color="text.secondary">
                      {l.owner}
                    </Typography>
                  </Box>
                  <Box sx={{ minWidth: 0 }}>
                    <Box sx={{ color: 'bench.brass', fontWeight: 600, fontSize: '1rem' }}>{stageNames[l.act!.stage] ?? l.act!.stage}</Box>
                    <Typography sx={{ fontWeight: 600, fontSize: '1.2rem', lineHeight: 1.25 }}>{l.act!.words}</Typography>
                    <Typography variant="body2" color="text.secondary">
                      {l.act!.why}
                    </Typography>
                    {l.against && (
                      <Typography variant="body2" sx={{ display: 'flex', gap: 0.75, color: 'bench.red' }}>
                        <Block fontSize="small" />
                        <span>
                          Don’t {doWords[l.against.act].toLowerCase()}: {l.against.because}
                        </span>
                      </Typography>
                    )}
                  </Box>
                </Box>
              </Box>
            ))}
          </Box>
          {idle.length > 0 && <Typography sx={{ mt: 2 }}>Nothing open on: {idle.map((l) => l.bike).join(', ')}.</Typography>}
        </Box>
        <Box component="section" aria-label="Waiting" sx={{ minWidth: 0, display: 'grid', gap: 1.5 }}>
          <Typography variant="h1" component="h2">
            Waiting
          </Typography>
          {waiting.length === 0 && (
            <Empty>Nothing is waited for. Soaking, curing, cooling, a part, the owner’s yes: each wait has a time to look again.</Empty>
          )}
          {waiting.map((w) => (
            <Card key={w.jobId + w.what}>
              <Box
                component="a"
                href={`/job/${w.jobId}/trace`}
                sx={{ display: 'flex', gap: 1.5, color: 'inherit', textDecoration: 'none', minHeight: 48 }}
              >
                <HourglassEmpty sx={{ color: 'bench.brass', mt: 0.25 }} />
                <Box sx={{ minWidth: 0 }}>
                  <Box sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.25rem', lineHeight: 1.1 }}>{w.bike}</Box>
                  <Typography>{w.what}</Typography>
                  <Typography variant="body2" color="text.secondary">
                    {w.kind}, look again {fromNow(w.due, now)} ({dayTime(w.due)})
                  </Typography>
                </Box>
              </Box>
            </Card>
          ))}
          {provisional.length > 0 && (
            <>
              <Typography variant="h2">Provisional</Typography>
              {provisional.map((p) => (
                <Box
                  component="a"
                  key={p.jobId + p.what}
                  href={`/job/${p.jobId}/handover`}
                  sx={{
                    display: 'block',
                    minHeight: 48,
                    color: 'inherit',
                    textDecoration: 'none',
                    borderTop: 1,
                    borderColor: 'divider',
                    py: 0.75,
                  }}
                >
                  <Typography sx={{ fontWeight: 600 }}>
                    {p.bike}: {p.what}
                  </Typography>
                  <Typography variant="body2" color="text.secondary">
                    {[
                      p.until ? `until ${p.until}` : '',
                      p.untilOn ? `by ${day(p.untilOn)}${p.untilOn < now.slice(0, 10) ? ', overdue' : ''}` : '',
                      p.mayRide ? 'may be ridden' : 'may not be ridden',
                      p.mayLeave ? 'may leave' : 'may not leave',
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </Typography>
                </Box>
              ))}
            </>
          )}
          {gone.length > 0 && (
            <>
              <Typography variant="h2">Handed over</Typography>
              {gone.map((g) => (
                <Box
                  component="a"
                  key={g.jobId}
                  href={`/job/${g.jobId}/handover`}
                  sx={{ display: 'flex', alignItems: 'center', minHeight: 48, color: 'inherit' }}
                >
                  {g.bike}, {day(g.handedOverAt)}
                </Box>
              ))}
            </>
          )}
        </Box>
      </Box>
    </Page>
  );
}
