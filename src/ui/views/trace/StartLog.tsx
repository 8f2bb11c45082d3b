import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { factsOf } from '../../../core/knowledge';
import { attemptResults, type AttemptResult, type StartAttempt } from '../../../core/state';
import { startAdvice } from '../../../core/start';
import { lastRepairId } from '../../../core/trace';
import { useJob } from '../../job/useJob';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { Card } from '../../controls/Card';
import { dayTime } from '../../controls/times';

const shownMost = 4;

export const attemptWords = (a: StartAttempt): string =>
  [
    a.choke && `choke ${a.choke}`,
    a.throttle && `throttle ${a.throttle}`,
    a.kicks && `${a.kicks} kicks`,
    a.seconds && `${a.seconds} s`,
    a.volts && `${a.volts} V`,
    a.did,
  ]
    .filter(Boolean)
    .join(', ');

/** Tries to start it, one line each, and what the row of them says. */
export function StartLog() {
  const { knowledge, traced, rows } = useJob();
  const [adding, setAdding] = useState(false);
  const attempts = rows('startAttempt');
  const electric = factsOf(traced.bike, traced.job, knowledge).starting !== 'kick';
  return (
    <Card title="Start attempts" level="h3" data-testid="start-log">
      {startAdvice(attempts, { electric }).map((a) => (
        <Typography
          key={a.kind}
          role="status"
          sx={{ fontWeight: 600, borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5, mb: 0.5 }}
        >
          {a.says}
        </Typography>
      ))}
      {attempts
        .slice(-shownMost)
        .reverse()
        .map((a) => (
          <Typography key={a.id} variant="body2" sx={{ borderTop: 1, borderColor: 'divider', py: 0.5 }}>
            {attemptWords(a)}{' '}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {dayTime(a.madeAt)}
            </Box>
          </Typography>
        ))}
      {adding ? (
        <AttemptForm electric={electric} onDone={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)}>Log a start attempt</Button>
      )}
    </Card>
  );
}

function AttemptForm({ electric, onDone }: { electric: boolean; onDone: () => void }) {
  const { store, jobId, traced } = useJob();
  const [choke, setChoke] = useState<'off' | 'half' | 'full' | null>(null);
  const [throttle, setThrottle] = useState<'shut' | 'some' | 'open' | null>(null);
  const [did, setDid] = useState<AttemptResult | null>(null);
  const [text, setText] = useState({ kicks: '', seconds: '', volts: '' });
  const [tried, setTried] = useState(false);
  const figure = (t: string) => (t.trim() === '' ? null : Number(t.trim().replace(',', '.')));
  const wrong = (t: string, most: number, whole: boolean) => {
    const x = figure(t);
    if (x === null) return null;
    return Number.isFinite(x) && x >= 0 && x <= most && (!whole || (Number.isInteger(x) && x > 0))
      ? null
      : `${whole ? 'A whole number' : 'A number'} up to ${most}.`;
  };
  const problems = { kicks: wrong(text.kicks, 200, true), seconds: wrong(text.seconds, 600, false), volts: wrong(text.volts, 40, false) };
  const save = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!did || Object.values(problems).some(Boolean)) return;
    const payload = {
      jobId,
      choke,
      throttle,
      kicks: figure(text.kicks),
      seconds: figure(text.seconds),
      volts: figure(text.volts),
      did,
      afterRepairId: lastRepairId(traced.repairs),
    };
    if (store.act('attempt.log', store.newId(), payload).ok) onDone();
  };
  const field = (name: keyof typeof text, label: string, unit?: string) => (
    <Field
      label={label}
      unit={unit}
      value={text[name]}
      onChange={(e) => setText({ ...text, [name]: e.target.value })}
      inputProps={{ inputMode: 'decimal' }}
      error={tried ? problems[name] : null}
    />
  );
  return (
    <Box component="form" noValidate onSubmit={save} sx={{ display: 'grid', gap: 1, mt: 1 }}>
      <Choice<'off' | 'half' | 'full'>
        label="Choke"
        value={choke}
        options={(['off', 'half', 'full'] as const).map((v) => ({ value: v, label: v }))}
        onChange={setChoke}
      />
      <Choice<'shut' | 'some' | 'open'>
        label="Throttle"
        value={throttle}
        options={(['shut', 'some', 'open'] as const).map((v) => ({ value: v, label: v }))}
        onChange={setThrottle}
      />
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: electric ? '1fr 1fr 1fr' : '1fr 1fr' }}>
        {field('kicks', 'Kicks')}
        {electric && field('seconds', 'Cranked', 's')}
        {field('volts', 'Battery', 'V')}
      </Box>
      <Choice<AttemptResult>
        label="Result"
        value={did}
        clearable={false}
        options={attemptResults.map((v) => ({ value: v, label: v }))}
        onChange={setDid}
        hint={tried && !did ? 'Choose the result.' : undefined}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          Log attempt
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </Box>
    </Box>
  );
}
