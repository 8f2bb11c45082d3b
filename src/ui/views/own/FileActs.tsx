import Button from '@mui/material/Button';
import { useRef } from 'react';
import type { Own } from '../../../core/record';

interface Brought {
  ok: boolean;
  added: number;
  changed: number;
  same: number;
  rows?: Own[];
  problems?: string[];
}

/** The way out and the way in: one YAML file. */
export function FileActs({ onDone }: { onDone: (done: { says: string; problems: string[] }, rows?: readonly Own[]) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const bring = async (file: File | undefined) => {
    if (input.current) input.current.value = '';
    if (!file) return;
    try {
      const response = await fetch('/api/own', { method: 'POST', headers: { 'content-type': 'application/yaml' }, body: file });
      const told = (await response.json()) as Brought;
      if (told.ok)
        onDone({ says: `${file.name}: ${told.added} new, ${told.changed} changed, ${told.same} as they were.`, problems: [] }, told.rows);
      else onDone({ says: `${file.name}: nothing was changed.`, problems: told.problems ?? ['The server did not take it.'] });
    } catch {
      onDone({ says: `${file.name}: nothing was changed.`, problems: ['The server cannot be reached just now.'] });
    }
  };
  return (
    <>
      <Button href="/api/own" download="own-knowledge.yaml">
        Take along as YAML
      </Button>
      <Button onClick={() => input.current?.click()}>Bring in YAML</Button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".yaml,.yml,application/yaml,text/yaml"
        aria-label="A file of own knowledge"
        onChange={(e) => void bring(e.target.files?.[0])}
      />
    </>
  );
}
