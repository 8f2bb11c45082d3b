import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { hazardsOfUsual, type UsualJob, type UsualStep } from '../../../core/knowledge';
import { useJob } from '../../job/useJob';
import { Field } from '../../controls/Field';
import { Hazards } from '../../widgets/Hazards';

interface Props {
  job: UsualJob;
  step: UsualStep;
  /** How many steps of it are off or passed over. */
  done: number;
  notes: Readonly<Record<string, string>>;
  onNote: (about: string, says: string) => void;
  onSkip: () => void;
}

/** The next step of a usual job: how, what goes wrong there, and what is written down while it can still be seen. */
export function UsualStepCard({ job, step, done, notes, onNote, onSkip }: Props) {
  const { knowledge } = useJob();
  const [from, to] = step.minutes;
  return (
    <Box
      sx={{
        borderLeft: '6px solid',
        borderColor: 'bench.brass',
        bgcolor: 'bench.brassWash',
        pl: 1.5,
        pr: 1,
        py: 1,
        display: 'grid',
        gap: 0.75,
      }}
      data-testid="usual-step"
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Typography sx={{ flex: '1 1 200px', fontWeight: 600 }}>
          {job.name}, step {done + 1} of {job.steps.length}: {step.part}
        </Typography>
        <Button variant="text" onClick={onSkip} aria-label={`Leave out: ${step.part}`}>
          Leave out
        </Button>
      </Box>
      <Typography>{step.how}</Typography>
      {step.trap && (
        <Typography>
          <b>Trap:</b> {step.trap}
        </Typography>
      )}
      <Typography variant="body2">
        {[step.tools && `Tools: ${step.tools.join(', ')}.`, `${from} to ${to} minutes off and on.`].filter(Boolean).join(' ')}
      </Typography>
      <Hazards ids={hazardsOfUsual(knowledge, step)} place="strip" />
      {step.note && (
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fit, minmax(min(14rem, 100%), 1fr))' }}>
          {step.note.map((about) => (
            <Field
              key={about}
              label={about}
              value={notes[about] ?? ''}
              onChange={(e) => onNote(about, e.target.value)}
              inputProps={{ maxLength: 500 }}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}
