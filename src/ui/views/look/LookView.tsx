import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { cylindersOf, testById } from '../../../core/knowledge';
import { firstLook } from '../../../core/stage';
import { placeName, positionsOf, resultWords } from '../../../core/trace';
import { enterResult } from '../../job/evidence';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { FitnessBar } from '../../widgets/fitness/FitnessBar';
import { Card } from '../../controls/Card';
import { TestCard } from '../../widgets/test/TestCard';
import { FoundParts } from './FoundParts';

type Item = ReturnType<typeof firstLook>[number];
const keyOf = (i: Item) => `${i.test.id}#${i.position ?? ''}`;

/**
 * The first look, before anything is turned or spun: everything that fits this bike and its story, in any order, one tap each where
 * it is fine. What is not fine opens with its answers.
 */
export default function LookView() {
  const used = useJob();
  const { knowledge, traced, jobId } = used;
  const items = firstLook(knowledge, traced);
  const [chosen, setChosen] = useState<string | null>(null);
  const current = items.find((i) => keyOf(i) === chosen);
  const positions = positionsOf(cylindersOf(traced.bike, knowledge));
  const card = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (chosen) card.current?.scrollIntoView?.({ block: 'nearest' });
  }, [chosen]);
  const left = items.filter((i) => !i.done).length;
  const fine = (i: Item) => {
    const normal = i.test.outcomes.find((o) => o.normal)!;
    enterResult(used, { testId: i.test.id, position: i.position, outcome: normal.id, conditions: {}, prediction: null }, null);
  };
  return (
    <Columns share={[1, '400px']}>
      <Column>
        <FitnessBar />
        <Card
          lead
          over="First look, before cranking. Any order."
          title={left ? `${left} of ${items.length} to look at` : 'The first look is done'}
          data-testid="look-list"
        >
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {items.map((i) => (
              <Box component="li" key={keyOf(i)}>
                {i === current ? (
                  <Box ref={card} sx={{ py: 1 }}>
                    <TestCard test={i.test} position={i.position} ranking={null} predict={false} onDone={() => setChosen(null)} />
                    <Button onClick={() => setChosen(null)}>Close</Button>
                  </Box>
                ) : (
                  <LookLine
                    item={i}
                    name={placeName(i.test.name, i.position, positions)}
                    onFine={() => fine(i)}
                    onOpen={() => setChosen(keyOf(i))}
                  />
                )}
              </Box>
            ))}
          </Box>
          {left === 0 && (
            <Button variant="contained" href={`/job/${jobId}/trace`} sx={{ mt: 1.5 }}>
              On to the trace
            </Button>
          )}
        </Card>
      </Column>
      <FoundParts />
    </Columns>
  );
}

function LookLine({ item: i, name, onFine, onOpen }: { item: Item; name: string; onFine: () => void; onOpen: () => void }) {
  const { knowledge, traced } = useJob();
  const last = traced.evidence.filter((e) => !e.withdrawn && e.testId === i.test.id && e.position === i.position).at(-1);
  const normal = i.test.measure ? undefined : i.test.outcomes.find((o) => o.normal);
  // A question is answered, not found fine.
  const asks = name.endsWith('?');
  const otherwise = asks ? 'Otherwise' : 'Not fine';
  const bad = last && !testById(knowledge, last.testId)?.outcomes.find((o) => o.id === last.outcome)?.normal;
  return (
    <Box
      sx={{ borderTop: 1, borderColor: 'divider', display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1, minHeight: 56 }}
    >
      <Box sx={{ flex: '1 1 180px', minWidth: 0, py: 0.5 }}>
        <Typography sx={{ fontWeight: last ? 400 : 600 }}>{name}</Typography>
        {last && (
          <Typography variant="body2" sx={{ color: bad ? 'bench.red' : 'text.secondary', fontWeight: bad ? 600 : 400 }}>
            {resultWords(knowledge, traced, last.id)?.said}
            {last.note ? ` · ${last.note}` : ''}
          </Typography>
        )}
      </Box>
      {!last && normal && (
        <Button variant="outlined" onClick={onFine} aria-label={`${normal.says}: ${name}`} title={normal.says} data-fine>
          {asks ? normal.says : 'Fine'}
        </Button>
      )}
      <Button variant="text" onClick={onOpen} aria-label={`${last ? 'Look again' : normal ? otherwise : 'Enter'}: ${name}`}>
        {last ? 'Again' : normal ? otherwise : 'Enter'}
      </Button>
    </Box>
  );
}
