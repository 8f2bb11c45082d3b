import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { hazardsOfUsual, type UsualJob, type UsualStep } from '../../../core/knowledge';
import { useJob } from '../../job/useJob';
import { Field } from '../../controls/Field';
import { Hazards } from '../../widgets/Hazards';

const look = { borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', pl: 1.5, pr: 1, py: 1 };

interface HeadProps {
  job: UsualJob;
  step: UsualStep;
  /** How many steps of it are off or passed over. */
  done: number;
}

/** The next step of a usual job: how it is done, and what goes wrong there. */
export function UsualStepHead({ job, step, done }: HeadProps) {
  const { knowledge } = useJob();
  return (
    <Box sx={{ ...look, display: 'grid', gap: 0.5 }} data-testid="usual-step">
      <Typography sx={{ fontWeight: 600 }}>
        {job.name}, step {done + 1} of {job.steps.length}: {step.part}
      </Typography>
      <Typography>{step.how}</Typography>
      {step.trap && (
        <Typography>
          <b>Trap:</b> {step.trap}
        </Typography>
      )}
      <Hazards ids={hazardsOfUsual(knowledge, step)} place="strip" />
    </Box>
  );
}

interface NotesProps {
  step: UsualStep;
  notes: Readonly<Record<string, string>>;
  /** How it stood the last time, where that is known. */
  stood?: Readonly<Record<string, string>>;
  onNote: (about: string, says: string) => void;
  onSkip: () => void;
  /** How many steps of the job were left out, and how they come back. */
  leftOut: number;
  onBringBack: () => void;
  /** Another job is picked, or none. */
  onOther: () => void;
}

/** What is noted of that step while it can be seen, under the button: what is left empty can be filled in at the step later. */
export function UsualStepNotes({ step, notes, stood = {}, onNote, onSkip, leftOut, onBringBack, onOther }: NotesProps) {
  const [from, to] = step.minutes;
  return (
    <Box sx={{ ...look, display: 'grid', gap: 1 }} role="group" aria-label={`To note: ${step.part}`}>
      {step.note && (
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fit, minmax(min(12rem, 100%), 1fr))' }}>
          {step.note.map((about) => (
            <Field
              key={about}
              label={about}
              value={notes[about] ?? ''}
              onChange={(e) => onNote(about, e.target.value)}
              inputProps={{ maxLength: 500 }}
              hint={stood[about] ? `last time: ${stood[about]}` : undefined}
            />
          ))}
        </Box>
      )}
      <Typography variant="body2">
        {[step.tools && `Tools: ${step.tools.join(', ')}.`, to > 0 && `${from} to ${to} minutes off and on.`].filter(Boolean).join(' ')}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="text" onClick={onSkip} aria-label={`Leave out: ${step.part}`}>
          Leave out
        </Button>
        {leftOut > 0 && (
          <Button variant="text" onClick={onBringBack}>
            Bring back {leftOut} left out
          </Button>
        )}
        <Button variant="text" onClick={onOther}>
          Another job
        </Button>
      </Box>
    </Box>
  );
}
