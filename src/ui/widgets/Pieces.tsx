import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { pieceWays, type Piece, type PieceOutcome, type PieceWay } from '../../core/state';
import { openPieces, outcomesOf, pieceWords, sparesOf } from '../../core/strip';
import { Card } from '../controls/Card';
import { Choice } from '../controls/Choice';
import { Field } from '../controls/Field';
import { SelectField } from '../controls/SelectField';
import { dayTime } from '../controls/times';
import { useJob } from '../job/useJob';
import { SignButton } from './SignButton';

/**
 * Pieces that broke off, dropped, are missing or left over: each is open until it is found, proved not to be inside, or spare, by somebody.
 * What is spare stands below.
 */
export function Pieces() {
  const { rows } = useJob();
  const pieces = rows('piece');
  const open = openPieces(pieces);
  const spares = sparesOf(pieces, rows('part'));
  const [adding, setAdding] = useState<PieceWay | null>(null);
  return (
    <Card title="Pieces to account for" over={open.length > 0 ? `${open.length} open` : undefined} data-testid="pieces">
      {pieces.length === 0 && (
        <Typography>
          Broke off, dropped, missing, left over: log it here. Nothing is turned, closed or started until each piece is found, proved not to
          be inside, or known to have no place.
        </Typography>
      )}
      {open.map((p) => (
        <OpenPiece key={p.id} piece={p} />
      ))}
      {pieces
        .filter((p) => p.outcome && p.outcome !== 'spare')
        .map((p) => (
          <Typography key={p.id} variant="body2" color="text.secondary" sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
            {p.name}: {p.outcome}, {p.proof} ({p.settledBy}, {dayTime(p.settledAt!)})
          </Typography>
        ))}
      {spares.length > 0 && (
        <Box sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }} data-testid="spares">
          <Typography sx={{ fontWeight: 600 }}>Spare: goes with the bike, or back</Typography>
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {spares.map((s) => (
              <Typography component="li" key={s.id}>
                {s.what}: {s.why}
              </Typography>
            ))}
          </Box>
        </Box>
      )}
      {adding ? (
        <PieceForm way={adding} onClose={() => setAdding(null)} />
      ) : (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button variant="outlined" onClick={() => setAdding('dropped')}>
            Log a lost piece
          </Button>
          <Button variant="text" onClick={() => setAdding('left over')}>
            Log what is left over
          </Button>
        </Box>
      )}
    </Card>
  );
}

interface Ask {
  does: string;
  label: string;
  error: string;
}
const asks: Record<PieceOutcome, Ask> = {
  found: { does: 'Found', label: 'Where it was', error: 'Enter where it was found.' },
  'not inside': { does: 'Not inside', label: 'How that is proved', error: 'Enter how that is proved: a lamp, a magnet, the sump off.' },
  spare: { does: 'Spare', label: 'Why it has no place', error: 'Enter why it has no place: the set had one too many, a new one is in.' },
};
/** What was in the hand went to its place. */
const placed: Ask = { does: 'Its place found', label: 'Where it belongs', error: 'Enter where it belongs.' };
const askOf = (went: PieceWay, outcome: PieceOutcome): Ask => (went === 'left over' && outcome === 'found' ? placed : asks[outcome]);

function OpenPiece({ piece }: { piece: Piece }) {
  const { store, rows, jobId } = useJob();
  const [outcome, setOutcome] = useState<PieceOutcome | null>(null);
  const [proof, setProof] = useState('');
  const [tried, setTried] = useState(false);
  const step = rows('step').find((s) => s.id === piece.stepId);
  const settle = (settledBy: string) => {
    setTried(true);
    if (outcome && proof.trim()) store.act('piece.settle', piece.id, { jobId, outcome, proof: proof.trim(), settledBy });
  };
  return (
    <Box sx={{ borderLeft: '6px solid', borderColor: 'bench.red', pl: 1.5, py: 1, display: 'grid', gap: 1 }}>
      <Typography sx={{ fontWeight: 600 }}>{pieceWords(piece)}.</Typography>
      {(step ?? piece.note) && (
        <Typography variant="body2" color="text.secondary">
          {[step && `at: ${step.title}`, piece.note].filter(Boolean).join(' · ')}
        </Typography>
      )}
      <Choice<PieceOutcome>
        label={`${piece.name} is`}
        hideLabel
        value={outcome}
        options={outcomesOf(piece.went).map((o) => ({ value: o, label: askOf(piece.went, o).does }))}
        onChange={setOutcome}
      />
      {outcome && (
        <>
          <Field
            label={askOf(piece.went, outcome).label}
            value={proof}
            onChange={(e) => setProof(e.target.value)}
            error={tried && !proof.trim() ? askOf(piece.went, outcome).error : null}
            inputProps={{ maxLength: 500 }}
          />
          <Box>
            <SignButton variant="contained" onSign={settle}>
              {(name) => `Account for it as ${name}`}
            </SignButton>
          </Box>
        </>
      )}
    </Box>
  );
}

const wayLabels: Record<PieceWay, string> = { 'broke off': 'Broke off', dropped: 'Dropped', missing: 'Missing', 'left over': 'Left over' };

function PieceForm({ way, onClose }: { way: PieceWay; onClose(): void }) {
  const { store, rows, jobId } = useJob();
  // What is left over may belong to a step that is back already.
  const steps = [...rows('step')].filter((s) => way === 'left over' || !s.refittedAt).reverse();
  const [name, setName] = useState('');
  const [went, setWent] = useState(way);
  const [stepId, setStepId] = useState((way !== 'left over' && steps[0]?.id) || '');
  const [note, setNote] = useState('');
  const [tried, setTried] = useState(false);
  const add = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!name.trim()) return;
    const payload = { jobId, stepId: stepId || null, name: name.trim(), went, note: note.trim() || null };
    if (store.act('piece.add', store.newId(), payload).ok) onClose();
  };
  return (
    <Box component="form" noValidate onSubmit={add} sx={{ display: 'grid', gap: 1.25, borderTop: 1, borderColor: 'divider', pt: 1 }}>
      <Field
        label="Piece"
        value={name}
        onChange={(e) => setName(e.target.value)}
        error={tried && !name.trim() ? 'Enter the piece: dowel, circlip, roller.' : null}
        inputProps={{ maxLength: 120 }}
      />
      <Choice
        label="What happened to it"
        clearable={false}
        value={went}
        options={pieceWays.map((w) => ({ value: w, label: wayLabels[w] }))}
        onChange={(w) => w && setWent(w)}
      />
      {steps.length > 0 && (
        <SelectField
          label={went === 'left over' ? 'Nearest to' : 'While this was off'}
          value={stepId}
          options={[{ id: '', label: 'not sure' }, ...steps.map((s) => ({ id: s.id, label: s.title }))]}
          onChange={setStepId}
        />
      )}
      <Field
        label={went === 'left over' ? 'Where it may belong' : 'Where it may be'}
        value={note}
        onChange={(e) => setNote(e.target.value)}
        inputProps={{ maxLength: 500 }}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          Log piece
        </Button>
        <Button onClick={onClose}>Back</Button>
      </Box>
    </Box>
  );
}
