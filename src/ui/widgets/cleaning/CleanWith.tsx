import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { hazardsOfDoings, type Cleaner } from '../../../core/knowledge';
import { parseQuantity } from '../../../core/quantity';
import type { TreatedPart } from '../../../core/state';
import { cleanersFor, doseFor, touch, type OfferedCleaner } from '../../../core/strip';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { SelectField } from '../../controls/SelectField';
import { useJob } from '../../job/useJob';
import { Hazards } from '../Hazards';
import { Materials } from './Materials';

const kinds: Record<Cleaner['kind'], string> = {
  mild: '',
  solvent: 'a solvent',
  alkali: 'an alkali',
  acid: 'an acid',
  abrasive: 'abrasive',
};
const dirts = ['rust', 'aluminium smear', 'gum', 'grease', 'carbon', 'paint'];
const hourMs = 3_600_000;

/** What a part may be cleaned with. What it is made of decides it, so that is asked first. */
export function CleanWith({ part, onClose }: { part: TreatedPart; onClose(): void }) {
  const { store } = useJob();
  const [picked, setPicked] = useState<string[]>([]);
  const [tried, setTried] = useState(false);
  if (part.materials.length > 0) return <Offered part={part} onClose={onClose} />;
  const keep = () => {
    setTried(true);
    if (picked.length > 0) store.set('treated.set', part.id, { materials: picked });
  };
  return (
    <Box sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5, display: 'grid', gap: 1 }}>
      <Materials value={picked} onChange={setPicked} error={tried && picked.length === 0 ? 'Tap all that is on it.' : null} />
      <Box>
        <Button variant="outlined" onClick={keep}>
          That is all
        </Button>
      </Box>
    </Box>
  );
}

/** What a part may be cleaned with, what must not touch it and why, and the chosen one with its dose, rounds and what follows. */
function Offered({ part, onClose }: { part: TreatedPart; onClose(): void }) {
  const { knowledge } = useJob();
  const [dirt, setDirt] = useState('');
  const offered = cleanersFor(knowledge.cleaners, dirt, part.materials);
  const may = offered.filter((o) => o.touch !== 'no');
  const not = offered.filter((o) => o.touch === 'no');
  const [chosen, setChosen] = useState<string | null>(null);
  const pick = may.find((o) => o.cleaner.id === chosen);
  const names = (o: OfferedCleaner) =>
    part.materials
      .filter((m) => touch(o.cleaner, m) === 'no')
      .map((m) => knowledge.materials.find((x) => x.id === m)?.name.toLowerCase() ?? m)
      .join(', ');
  return (
    <Box sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5, display: 'grid', gap: 1 }} data-testid="clean-with">
      <SelectField
        label="What comes off"
        value={dirt}
        options={[{ id: '', label: 'anything' }, ...dirts.map((d) => ({ id: d, label: d }))]}
        onChange={setDirt}
      />
      <Choice<string>
        label="With"
        value={chosen}
        options={may.map((o) => ({ value: o.cleaner.id, label: o.touch === 'careful' ? `${o.cleaner.name} (with care)` : o.cleaner.name }))}
        onChange={setChosen}
      />
      {may.length === 0 && <Typography role="status">Nothing here may touch it. Ask who knows this material.</Typography>}
      {pick && <Chosen key={pick.cleaner.id} part={part} {...pick} onClose={onClose} />}
      {not.length > 0 && (
        <Box component="ul" aria-label="Not on this part" sx={{ m: 0, pl: 2.5, color: 'bench.red' }}>
          {not.map((o) => (
            <Typography component="li" variant="body2" key={o.cleaner.id}>
              <strong>Not {o.cleaner.name.toLowerCase()}</strong>: {names(o)}
            </Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Chosen({ part, cleaner, touch: how, onClose }: OfferedCleaner & { part: TreatedPart; onClose(): void }) {
  const { store, jobId, knowledge } = useJob();
  const [litres, setLitres] = useState('');
  const [rounds, setRounds] = useState(String(cleaner.rounds));
  const [note, setNote] = useState('');
  const [tried, setTried] = useState(false);
  const read = litres.trim() ? parseQuantity(litres, 'l', { low: 0, high: 0.5 }) : null;
  const volume = read?.ok ? read.si * 1000 : null;
  const dose = volume ? doseFor(cleaner, volume) : null;
  const roundsBad = !/^[1-9]\d?$/.test(rounds.trim());
  const log = (soaks: boolean) => {
    setTried(true);
    if (roundsBad || (read && !read.ok)) return;
    const cleaned = () =>
      store.act('cleaning.log', store.newId(), {
        jobId,
        partId: part.id,
        cleaner: cleaner.id,
        litres: volume,
        rounds: Number(rounds),
        note: note.trim() || null,
      }).ok;
    const moved = () => store.act('treated.move', part.id, { jobId, state: soaks ? 'soaking' : 'washed', at: null }).ok;
    const lookAgain = new Date(Date.now() + (cleaner.soak ?? 0) * hourMs).toISOString();
    const waits = () =>
      !soaks ||
      store.act('wait.start', store.newId(), {
        jobId,
        kind: 'soaking',
        what: `${part.item}: ${cleaner.name.toLowerCase()}`,
        until: null,
        lookAgain,
      }).ok;
    if (store.together(() => cleaned() && moved() && waits())) onClose();
  };
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Hazards ids={hazardsOfDoings(knowledge, cleaner.does ?? [])} place="strip" />
      <Typography>
        {kinds[cleaner.kind] && (
          <strong>
            {cleaner.name} is {kinds[cleaner.kind]}.{' '}
          </strong>
        )}
        {cleaner.how}
      </Typography>
      {how === 'careful' && (
        <Typography sx={{ fontWeight: 600 }}>With care on this part: short, watched, tried on a hidden spot first.</Typography>
      )}
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr 2fr' } }}>
        {cleaner.dose && (
          <Field
            label="Water"
            unit="l"
            value={litres}
            onChange={(e) => setLitres(e.target.value)}
            error={read && !read.ok ? read.message : null}
            inputProps={{ inputMode: 'decimal' }}
          />
        )}
        <Field
          label="Rounds"
          value={rounds}
          onChange={(e) => setRounds(e.target.value)}
          error={tried && roundsBad ? 'A whole number.' : null}
          inputProps={{ inputMode: 'numeric' }}
        />
        <Field label="Note" value={note} onChange={(e) => setNote(e.target.value)} inputProps={{ maxLength: 500 }} />
      </Box>
      {cleaner.dose && (
        <Typography role="status" sx={{ fontWeight: 600 }}>
          {dose
            ? `${dose.amount} ${dose.unit} in ${litres.trim()} ${/[a-z]/i.test(litres) ? '' : 'l'} of water`
            : `${cleaner.dose.per} ${cleaner.dose.unit} a litre`}
        </Typography>
      )}
      <Afterwards cleaner={cleaner} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {cleaner.soak !== undefined && (
          <Button variant="contained" onClick={() => log(true)}>
            Start, check again in {cleaner.soak} {cleaner.soak === 1 ? 'hour' : 'hours'}
          </Button>
        )}
        <Button variant={cleaner.soak === undefined ? 'contained' : 'outlined'} onClick={() => log(false)}>
          Cleaned
        </Button>
      </Box>
    </Box>
  );
}

/** What follows a cleaning, in its order, and where its rests go. */
function Afterwards({ cleaner }: { cleaner: Cleaner }) {
  const { knowledge } = useJob();
  return (
    <>
      <Box component="ol" aria-label="After it" sx={{ m: 0, pl: 2.5 }}>
        {cleaner.after.map((a) => (
          <Typography component="li" key={a}>
            {knowledge.afterCleaning.find((x) => x.id === a)?.says ?? a}
          </Typography>
        ))}
      </Box>
      {cleaner.disposal && (
        <Typography variant="body2" color="text.secondary">
          Disposal: {cleaner.disposal}
        </Typography>
      )}
    </>
  );
}
