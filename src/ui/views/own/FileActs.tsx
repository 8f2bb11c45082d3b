import Button from '@mui/material/Button';
import type { Own } from '../../../core/state';
import { FileButton } from '../../controls/FileButton';
import { call } from '../../device/client';

/** The way out and the way in: one YAML file. */
export function FileActs({ onDone }: { onDone: (done: { says: string; problems: string[] }, rows?: readonly Own[]) => void }) {
  const bring = async (file: File) => {
    const answer = await call('POST /api/own', { body: file, headers: { 'content-type': 'application/yaml' } });
    if (!answer.ok) return onDone({ says: `${file.name}: nothing was changed.`, problems: answer.problems ?? [answer.message] });
    const { added, changed, same, rows } = answer.body;
    onDone({ says: `${file.name}: ${added} new, ${changed} changed, ${same} as they were.`, problems: [] }, rows);
  };
  return (
    <>
      <Button href="/api/own" download="own-knowledge.yaml">
        Export YAML
      </Button>
      <FileButton label="A file of own knowledge" accept=".yaml,.yml,application/yaml,text/yaml" onFile={bring}>
        Import YAML
      </FileButton>
    </>
  );
}
