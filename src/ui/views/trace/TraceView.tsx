import { findingById, testById } from '../../../core/knowledge';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, useState, type ReactNode } from 'react';
import {
  insteadWords,
  riskWords,
  savesWords,
  separatesWords,
  type Instead,
  type Ranking,
  type SuspectView,
  type TestView,
} from '../../../core/trace';
import { openComplaints, untested } from '../../../core/stage';
import { useJob } from '../../job/useJob';
import { useThought } from '../../job/useThought';
import { Column, Columns } from '../../controls/Columns';
import { Empty } from '../../controls/Empty';
import { FitnessBar } from '../../widgets/fitness/FitnessBar';
import { Card } from '../../controls/Card';
import { TestBody, testTitle } from '../../widgets/test/TestCard';
import { AskBody } from './AskBody';
import { AskSymptoms } from './AskSymptoms';
import { Complaints } from '../../widgets/Complaints';
import { Disagree } from './Disagree';
import { FoundLine } from './FoundLine';
import { Ledger } from './Ledger';
import { OtherTests } from './OtherTests';
import { RetestCard } from './RetestCard';
import { Schools } from './Schools';
import { StartLog } from './StartLog';
import { Suspects } from './Suspects';
import { Ties } from './Ties';
import { Together } from './Together';
import { Trail } from './Trail';
import { WordsOnly } from './WordsOnly';
import { lazyPart } from '../../controls/lazyPart';

const Course = lazyPart(() => import('./OddsChart'), <Typography color="text.secondary">Drawing…</Typography>);
const RepairDialog = lazyPart(() => import('./RepairDialog'));

/** Families of complaints that starting it belongs to. */
const startTrouble = new Set(['turn', 'no-start', 'running']);

export default function TraceView() {
  const { knowledge, traced } = useJob();
  const { ranking, instead, askInstead, schools, busy, reasons, explain } = useThought();
  const [chosen, setChosen] = useState<string | null>(null);
  const [repairing, setRepairing] = useState<{ suspect: SuspectView | null } | null>(null);
  const [course, setCourse] = useState(false);
  const repair = untested(traced);
  const open = openComplaints(traced);
  const dead = open.some((c) =>
    Object.keys(c.symptoms).some(
      (id) => c.symptoms[id] === 'present' && startTrouble.has(findingById(knowledge, id)?.symptom?.family ?? ''),
    ),
  );
  const wordsOnly = open.find((c) => !Object.values(c.symptoms).includes('present'));
  if (!ranking)
    return (
      <Box role="status">
        <Typography sx={{ mb: 1 }}>Working out the odds on this device.</Typography>
        <LinearProgress aria-label="Working out the odds" />
      </Box>
    );
  return (
    <Columns share={[1, '372px']}>
      <Column>
        <FitnessBar />
        <Complaints />
        <Ties ranking={ranking} />
        <FoundLine />
        <Disagree />
        {repair && open.length > 0 ? (
          <RetestCard key={repair.id} open={open} repair={repair} />
        ) : wordsOnly ? (
          <WordsOnly key={wordsOnly.id} complaint={wordsOnly} />
        ) : (
          <NextCard
            ranking={ranking}
            instead={instead}
            askInstead={askInstead}
            busy={busy}
            chosen={chosen}
            onChoose={setChosen}
            onRepair={(s) => setRepairing({ suspect: s })}
          />
        )}
        {!wordsOnly && <AskSymptoms asks={ranking.asks} />}
        <Together ranking={ranking} onChoose={setChosen} />
        <Ledger />
      </Column>
      <Column>
        <Suspects
          ranking={ranking}
          reasons={reasons}
          busy={busy}
          onExplain={explain}
          onRepair={(s) => setRepairing({ suspect: s })}
          onChoose={setChosen}
        />
        {dead && <StartLog />}
        <Schools schools={schools} />
        <Card title="How the odds moved" level="h3">
          {course ? (
            <Course ranking={ranking} />
          ) : (
            <Button variant="outlined" onClick={() => setCourse(true)}>
              Show chart
            </Button>
          )}
          <Trail />
        </Card>
      </Column>
      {repairing && (
        <RepairDialog
          suspect={repairing.suspect}
          onOpen={askInstead}
          more={repairing.suspect ? instead?.repairs[repairing.suspect.key] : undefined}
          onClose={() => setRepairing(null)}
        />
      )}
    </Columns>
  );
}

interface NextCardProps {
  ranking: Ranking;
  instead: Instead | null;
  askInstead(): void;
  busy: boolean;
  chosen: string | null;
  onChoose(key: string | null): void;
  onRepair(s: SuspectView): void;
}

/** What stands on the card of what is next, and the name that tests know it by. */
interface Card {
  name?: 'test-card' | 'repair-card';
  over?: string;
  title: string;
  body: ReactNode;
}

/**
 * The one thing worth doing next; any other test can be taken instead. The frame stays whatever comes into it, since something may
 * be half typed beside the title.
 */
function NextCard({ ranking, instead, askInstead, busy, chosen, onChoose, onRepair }: NextCardProps) {
  const { knowledge, store, traced } = useJob();
  const { next } = ranking;
  useEffect(() => {
    if (chosen) askInstead();
  }, [chosen, ranking, askInstead]);
  const key = chosen ?? (next.kind === 'test' ? next.key : null);
  const view = key ? ranking.tests.find((t) => t.key === key) : undefined;

  const testCard = (v: TestView): Card | null => {
    const recommended = next.kind === 'test' && next.key === v.key;
    const more = instead ? (instead.tests[v.key] ?? null) : undefined;
    const { currency } = store.snapshot.shop;
    const told = recommended
      ? [next.why, savesWords(next.saves, currency)]
      : [separatesWords(v.separates), v.gate ? '' : insteadWords(more, currency)];
    const why = [...told, riskWords(v.risk, currency)].filter(Boolean).join(' ');
    const onDone = () => onChoose(null);
    if (v.testId.startsWith('ask:'))
      return {
        name: 'test-card',
        over: 'Worth looking up',
        title: v.name,
        body: <AskBody key={v.key} view={v} why={why} onDone={onDone} />,
      };
    const test = testById(knowledge, v.testId);
    // A ranking that is being made anew may still name what was just taken out.
    if (!test) return null;
    return {
      name: 'test-card',
      over: recommended ? 'Worth doing next' : 'Your choice',
      title: testTitle(test, v.position, traced.bike.cylinders),
      body: <TestBody key={v.key} test={test} position={v.position} view={v} ranking={ranking} why={why} onDone={onDone} />,
    };
  };
  const repairCard = (s: SuspectView): Card => ({
    name: 'repair-card',
    over: 'Worth doing next',
    title: `Repair: ${s.name}`,
    body: (
      <>
        <Typography sx={{ mb: 1 }}>{next.why}</Typography>
        <Typography sx={{ mb: 1.5, maxWidth: '70ch' }}>{s.remedy}</Typography>
        <Button variant="contained" data-main onClick={() => onRepair(s)}>
          Log the repair
        </Button>
      </>
    ),
  });
  const suspect = next.kind === 'repair' ? ranking.suspects.find((s) => s.key === next.key) : undefined;
  const card: Card | null = view
    ? testCard(view)
    : suspect
      ? repairCard(suspect)
      : { title: 'Nothing to trace', body: <Empty>{next.why} A new complaint, or one that came back, is added above.</Empty> };
  if (!card) return null;
  return (
    <>
      <Card
        lead
        over={card.over}
        title={card.title}
        aside={<OtherTests ranking={ranking} instead={instead} busy={busy} onOpen={askInstead} onChoose={onChoose} />}
        asideLast
        data-testid={card.name}
      >
        {card.body}
      </Card>
      {card.name && ranking.askOwner && <AskOwner ranking={ranking} />}
    </>
  );
}

function AskOwner({ ranking }: { ranking: Ranking }) {
  const { store } = useJob();
  const money = (x: number) => `${Math.max(0, Math.round(x))} ${store.snapshot.shop.currency}`;
  return (
    <Typography role="status" sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5, py: 1 }}>
      Ask the owner before the repair: {money(ranking.askOwner!.remaining)} of what was agreed is left, and from here it is expected to cost
      about {money(ranking.askOwner!.expected)}.
    </Typography>
  );
}
