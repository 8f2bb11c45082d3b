import Block from '@mui/icons-material/Block';
import Check from '@mui/icons-material/Check';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { FitnessAct } from '../../../core/state';
import { fonts } from '../../theme/tokens';
import { Reasons } from './Reasons';
import { useFitness } from './useFitness';
import { actWords, doWords } from './words';

/**
 * May it be turned, cranked, run, ridden: a yes or no each, at arm's length, and the first thing that stands against it. A tap
 * shows the rest, with the way to what lifts it.
 */
export function FitnessBar({ acts = ['turn', 'crank', 'run', 'ride'] }: { acts?: readonly FitnessAct[] }) {
  const fitness = useFitness();
  const [open, setOpen] = useState<FitnessAct | null>(null);
  const first = acts.map((a) => fitness[a]).find((v) => !v.may);
  const over = acts.flatMap((a) => fitness[a].overruled);
  return (
    <Box
      component="section"
      aria-label="May it be …"
      data-testid="fitness"
      sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: `repeat(${acts.length}, minmax(0, 1fr))` }}>
        {acts.map((a) => {
          const { may } = fitness[a];
          return (
            <ButtonBase
              key={a}
              aria-expanded={open === a}
              aria-label={`May it be ${actWords[a]}? ${may ? 'Yes' : 'No'}`}
              data-may={may ? 'yes' : 'no'}
              data-act={a}
              onClick={() => setOpen(open === a ? null : a)}
              sx={{
                minHeight: 48,
                gap: 0.5,
                px: 0.5,
                fontFamily: fonts.head,
                fontWeight: 600,
                fontSize: { xs: '1.05rem', sm: '1.2rem' },
                color: may ? 'bench.green' : 'bench.red',
                bgcolor: may ? 'transparent' : 'bench.redWash',
                borderBottom: open === a ? '3px solid' : '3px solid transparent',
                '&:focus-visible': { outline: '3px solid', outlineColor: 'text.primary', outlineOffset: -3 },
              }}
            >
              {may ? <Check fontSize="small" /> : <Block fontSize="small" />}
              {may ? doWords[a] : `Don’t ${doWords[a].toLowerCase()}`}
            </ButtonBase>
          );
        })}
      </Box>
      {/* What only shuts riding is told when it is asked for. */}
      {open === null && first && first.act !== 'ride' && (
        <Typography role="status" sx={{ px: 1.5, py: 0.75, borderTop: 1, borderColor: 'divider', overflowWrap: 'anywhere' }}>
          <b>{first.reasons[0].because}.</b> {first.reasons[0].lift}.{first.reasons.length > 1 && ` And ${first.reasons.length - 1} more.`}
        </Typography>
      )}
      {open === null && !first && over.length > 0 && (
        <Typography role="status" sx={{ px: 1.5, py: 0.75, borderTop: 1, borderColor: 'divider' }}>
          {over[0].by.saidBy} allows it anyway: “{over[0].by.reason}”
        </Typography>
      )}
      {fitness.advice.map((a) => (
        <Typography key={a} role="status" sx={{ px: 1.5, py: 0.75, borderTop: 1, borderColor: 'divider', bgcolor: 'bench.brassWash' }}>
          {a}
        </Typography>
      ))}
      {open !== null && (
        <Box sx={{ px: 1.5, py: 0.5, borderTop: 1, borderColor: 'divider' }}>
          {fitness[open].may && fitness[open].overruled.length === 0 ? (
            <Typography sx={{ py: 1 }}>Nothing on record stands against it. The maker’s manual and your own eyes come first.</Typography>
          ) : (
            <Reasons verdict={fitness[open]} />
          )}
        </Box>
      )}
    </Box>
  );
}
