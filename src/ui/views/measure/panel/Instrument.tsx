import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Sensors from '@mui/icons-material/SensorsOutlined';
import { memo, useState } from 'react';
import { figureOf, readRecording, type Control, type Hello, type InstrumentKind, type LiveChannel } from '../../../../core/instrument';
import { chosenOf, type LiveFigure } from './takeLive';
import { Choice } from '../../../controls/Choice';
import { Field } from '../../../controls/Field';
import { FileButton } from '../../../controls/FileButton';
import { saveFile } from '../../../job/saveFile';
import { fonts } from '../../../theme/tokens';
import type { InstrumentLink } from '../../../instrument/link';
import type { useLink } from '../../../instrument/useLink';

const names: Readonly<Record<InstrumentKind, string>> = {
  compression: 'Compression gauge',
  'leak-down': 'Leak-down tester',
  multimeter: 'Multimeter',
  timing: 'Dwell and timing meter',
  vacuum: 'Vacuum columns',
  bore: 'Bore gauge',
  dial: 'Dial indicator',
  torque: 'Torque wrench',
  thermometer: 'Exhaust thermometer',
};

interface InstrumentProps {
  kinds: readonly InstrumentKind[];
  used: ReturnType<typeof useLink>;
  simulate(kind: InstrumentKind): void;
  /** Takes what is shown now into the fields it belongs to. */
  onTake(): void;
  taken: readonly LiveFigure[];
}

/** The instrument on the bench: simulated, replayed from a file, or a real one behind its bridge. */
export function Instrument({ kinds, used, simulate, onTake, taken }: InstrumentProps) {
  const { link, state, open, close } = used;
  const [other, setOther] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const replay = async (f: File) => {
    const r = readRecording(await f.text());
    if (!r.ok) return setProblem(`${f.name}, line ${r.line}: ${r.problem}`);
    setProblem(null);
    open({ kind: 'recording', name: f.name, messages: r.messages });
  };
  const { hello, channels, ended } = state.live;
  return (
    <Box sx={{ border: 1, borderColor: 'divider', p: 1, my: 1, '@media print': { display: 'none' } }} data-testid="instrument">
      {!link && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
          <Sensors aria-hidden />
          {kinds.map((k) => (
            <Button key={k} variant="outlined" onClick={() => (setProblem(null), simulate(k))}>
              {names[k]}, simulated
            </Button>
          ))}
          <FileButton label="Replay a recording from a file" accept=".ndjson,.jsonl,.txt" onFile={replay}>
            Replay a recording
          </FileButton>
          <Button onClick={() => setOther(!other)} aria-expanded={other}>
            A real one
          </Button>
          {other && <BridgeForm onListen={(url) => open({ kind: 'socket', url })} />}
        </Box>
      )}
      {link && (
        <>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
            <Typography sx={{ fontWeight: 600 }}>
              {hello?.name ?? 'Waiting for an instrument'}
              {hello?.simulated ? ' (simulated)' : ''}
              {ended ? ', silent now' : ''}
            </Typography>
            <Box sx={{ flex: 1 }} />
            <Button variant="contained" onClick={onTake} disabled={taken.length === 0} aria-keyshortcuts="F2">
              Take reading (F2)
            </Button>
            <Button onClick={() => saveFile(`${hello?.id ?? 'instrument'}.ndjson`, 'application/x-ndjson', link.recording())}>
              Save recording
            </Button>
            <Button onClick={close}>Disconnect</Button>
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
            {hello?.channels.map((c) => (
              <ChannelNow key={c.id} hello={hello} channel={c} now={channels.get(c.id)} />
            ))}
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, rowGap: 0.5, mt: 0.5, alignItems: 'flex-end' }}>
            {hello?.controls.map((c) => (
              <ControlEntry key={c.id} control={c} value={chosenOf(c, state.controls)} link={link} />
            ))}
          </Box>
        </>
      )}
      {(state.problem ?? problem) && (
        <Typography role="alert" color="error">
          {state.problem ?? problem}
        </Typography>
      )}
    </Box>
  );
}

/** Where the bridge of a real instrument is. */
function BridgeForm({ onListen }: { onListen(url: string): void }) {
  const [url, setUrl] = useState('ws://127.0.0.1:4695');
  return (
    <Box
      component="form"
      sx={{ display: 'flex', gap: 1, alignItems: 'flex-end', flex: '1 1 300px' }}
      onSubmit={(e) => (e.preventDefault(), onListen(url))}
    >
      <Field
        label="Address of its bridge"
        value={url}
        onChange={(e) => setUrl(e.target.value)}
        inputProps={{ inputMode: 'url', autoComplete: 'off' }}
      />
      <Button type="submit" variant="outlined">
        Listen
      </Button>
    </Box>
  );
}

/** What one channel shows now. */
function ChannelNow({ hello, channel: c, now }: { hello: Hello; channel: Hello['channels'][number]; now: LiveChannel | undefined }) {
  const figure = now && figureOf(hello, now);
  return (
    <Box
      role="img"
      aria-label={`${c.name}: ${figure ? `${figure.value.toFixed(figure.decimals)} ${c.unit}` : (now?.last.over ?? 'nothing')}`}
    >
      <Box component="span" sx={{ color: 'text.secondary', mr: 0.5 }}>
        {c.name}
      </Box>
      <Box
        component="span"
        sx={{
          fontFamily: fonts.head,
          fontSize: '1.75rem',
          fontWeight: 600,
          fontVariantNumeric: 'tabular-nums',
          minWidth: 70,
          textAlign: 'right',
          display: 'inline-block',
        }}
      >
        {figure ? figure.value.toFixed(figure.decimals) : now?.last.over ? (now.last.over === 'high' ? 'over' : 'under') : '—'}
      </Box>{' '}
      {c.unit}
      {now?.last.settled ? ' · settled' : ''}
    </Box>
  );
}

/** An eighth of a turn at a time, as one does on the engine. */
const step = 1 / 8;

interface ControlProps {
  control: Control;
  value: string | null;
  link: InstrumentLink;
}

/** Drawn anew where it is turned, and not with every reading. */
const ControlEntry = memo(function ControlEntry({ control, value, link }: ControlProps) {
  const onTurn = (option: string | null, turns: number | null) => link.turn({ control: control.id, option, turns });
  switch (control.kind) {
    case 'choice':
      return (
        <Choice
          label={control.name}
          clearable={false}
          value={value}
          options={control.options.map((o) => ({ value: o, label: o }))}
          onChange={(o) => onTurn(o, null)}
        />
      );
    case 'press':
      return (
        <Button variant="outlined" sx={{ alignSelf: 'flex-end' }} onClick={() => onTurn(null, null)}>
          {control.name}
        </Button>
      );
    case 'turn':
      return (
        <Box role="group" aria-label={control.name} sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
          <Typography>{control.name}</Typography>
          <Button variant="outlined" aria-label={`${control.name}: an eighth out`} onClick={() => onTurn(null, -step)}>
            out
          </Button>
          <Button variant="outlined" aria-label={`${control.name}: an eighth in`} onClick={() => onTurn(null, step)}>
            in
          </Button>
        </Box>
      );
  }
});
