import Button from '@mui/material/Button';
import type { Own } from '../../../core/record';
import { TakeFile } from '../../parts/TakeFile';
import { ask } from '../../device/ask';

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
  const bring = async (file: File) => {
    try {
      const response = await ask('/api/own', { method: 'POST', headers: { 'content-type': 'application/yaml' }, body: file });
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
      <TakeFile label="A file of own knowledge" accept=".yaml,.yml,application/yaml,text/yaml" onFile={bring}>
        Bring in YAML
      </TakeFile>
    </>
  );
}
