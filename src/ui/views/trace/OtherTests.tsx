import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { inSentence, separatesWords, type Instead, type Ranking } from '../../../core/trace';
import { useJob } from '../../job/useJob';
import { useBareKeys } from '../../controls/useBareKeys';

interface Choice {
  /** Null for the one that is worth doing next. */
  key: string | null;
  name: string;
  about: string | null;
}

interface OtherTestsProps {
  ranking: Ranking;
  instead: Instead | null;
  /** The ranking is being worked out, and may name a few tests only. */
  busy: boolean;
  onOpen(): void;
  onChoose(key: string | null): void;
}

/** Any other test, found among hundreds by a part of its name. */
export function OtherTests({ ranking, instead, busy, onOpen, onChoose }: OtherTestsProps) {
  const { store } = useJob();
  const { currency } = store.snapshot.shop;
  const [typed, setTyped] = useState('');
  const field = useRef<HTMLInputElement>(null);
  // Without the mouse: a for another test, a digit for the answer.
  useBareKeys((key) => {
    if (key !== 'a') return false;
    field.current?.focus();
    return true;
  });
  const choices: Choice[] = [
    { key: null, name: 'The one worth doing next', about: null },
    ...ranking.tests.map((t) => ({
      key: t.key,
      name: t.name,
      about: [
        `${t.minutes + t.accessMinutes} min${t.gate ? ', hidden now' : `, ${Math.round(t.cost)} ${currency}`}`,
        ...(Math.round(instead?.tests[t.key] ?? 0) > 0 ? [`${Math.round(instead!.tests[t.key])} more in all`] : []),
        ...(t.separates.length && !t.gate ? [inSentence(separatesWords(t.separates)).replace(/\.$/, '')] : []),
      ].join(' · '),
    })),
  ];
  return (
    <Autocomplete
      value={null}
      inputValue={typed}
      onInputChange={(_e, text, why) => setTyped(why === 'input' ? text : '')}
      options={choices}
      onOpen={onOpen}
      getOptionLabel={(c) => c.name}
      getOptionKey={(c) => c.key ?? ''}
      onChange={(_e, c) => c && onChoose(c.key)}
      autoHighlight
      // The digits are for the answers again.
      blurOnSelect
      // Not words that an answer may have: “Open”, “Clear”.
      openText="List the other tests"
      closeText="Put the list away"
      clearText="Take back what was typed"
      noOptionsText={busy ? 'The other tests are being worked out.' : 'No test of this name is open on this bike.'}
      renderInput={(params) => (
        <TextField
          {...params}
          inputRef={field}
          placeholder="Another test"
          slotProps={{
            ...params.slotProps,
            htmlInput: { ...params.slotProps.htmlInput, 'aria-label': 'Take another test', 'aria-keyshortcuts': 'a' },
          }}
        />
      )}
      renderOption={({ key, ...props }, c) => (
        <li key={key} {...props}>
          <Box>
            {c.name}
            {c.about && (
              <Typography variant="body2" color="text.secondary">
                {c.about}
              </Typography>
            )}
          </Box>
        </li>
      )}
      sx={{ width: 200 }}
      slotProps={{
        popper: { placement: 'bottom-end', sx: { minWidth: 'min(480px, calc(100vw - 24px))' } },
        listbox: { sx: { maxHeight: 460 } },
      }}
    />
  );
}
