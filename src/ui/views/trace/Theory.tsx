import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { cylindersOf } from '../../../core/knowledge';
import { chanceWords, placeName, positionsOf, type TheoryView } from '../../../core/trace';
import { useJob } from '../../job/useJob';

const seenWords = (seen: boolean | null) => (seen === null ? 'not looked for yet' : seen ? 'seen' : 'looked for, not there');

/** What a suspicion stands or falls with: what would have to be so, what could refute it, and the price of being wrong. */
export function Theory({ view, onChoose }: { view: TheoryView; onChoose: (testKey: string) => void }) {
  const { store, traced, knowledge } = useJob();
  const money = (x: number) => `${Math.round(x)} ${store.snapshot.shop.currency}`;
  const { wants, refute, mendNow, testFirst } = view;
  return (
    <Box data-testid="theory" sx={{ my: 1 }}>
      {wants.length > 0 && (
        <>
          <Typography variant="body2" sx={{ fontWeight: 600 }}>
            If it is this, then
          </Typography>
          <Box component="ul" sx={{ my: 0.25, pl: 2.5, fontSize: '1rem' }}>
            {wants.slice(0, 4).map((w) => (
              <li key={w.says}>
                {w.says}: {seenWords(w.seen)}
              </li>
            ))}
          </Box>
        </>
      )}
      <Typography variant="body2">
        Repairing now wastes, on average, {money(mendNow)}
        {refute && testFirst !== null ? `; testing first, ${money(testFirst)}.` : '. No test that can be done now could rule it out.'}
      </Typography>
      {refute && (
        <Button variant="outlined" sx={{ mt: 0.5, textAlign: 'left' }} onClick={() => onChoose(refute.key)}>
          Rule it out: {placeName(refute.name, refute.position, positionsOf(cylindersOf(traced.bike, knowledge)))}, {money(refute.cost)} (
          {chanceWords(refute.chance)})
        </Button>
      )}
    </Box>
  );
}
