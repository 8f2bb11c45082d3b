import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { knowledge as shipped } from 'virtual:knowledge';
import { ownProblems, withOwn, type Knowledge, type OwnProblem } from '../../../core/knowledge';
import type { Own, OwnKind, WorkshopContext } from '../../../core/state';
import { Empty } from '../../controls/Empty';
import { Page } from '../../frame/Page';
import { Card } from '../../controls/Card';
import { EntryLine, titleOf } from './EntryLine';
import { FileActs } from './FileActs';
import { EntryForm, type Editing } from '../../widgets/own/EntryForm';
import { useOwn } from './useOwn';

const kinds: { what: OwnKind; title: string; add: string; teach: string }[] = [
  {
    what: 'fault',
    title: 'Faults',
    add: 'Add a fault',
    teach: 'A fault the list doesn’t have: its signs, its repair, how to find it. It becomes a suspect.',
  },
  {
    what: 'test',
    title: 'Tests',
    add: 'Add a test',
    teach: 'A test you trust and the list doesn’t have. It is offered when it separates the suspects for its minutes.',
  },
  {
    what: 'finding',
    title: 'Complaints and signs',
    add: 'Add a complaint or sign',
    teach: 'A complaint, or what a test shows, that the list doesn’t have.',
  },
  {
    what: 'figure',
    title: 'Values',
    add: 'Add a value',
    teach: 'How common a fault is here, how long a job takes you, what the parts cost you.',
  },
];

/** What the shop knows itself, on top of what ships: added here, reckoned with everywhere, taken along as a file. */
// eslint-disable-next-line max-lines-per-function -- one screen whose parts are named below
export default function OwnView({ workshop }: { workshop: WorkshopContext }) {
  const own = useOwn(workshop.own ?? []);
  const { rows } = own;
  const [editing, setEditing] = useState<Editing | null>(null);
  const [undo, setUndo] = useState<{ says: string; back: () => Promise<boolean> } | null>(null);
  const [file, setFile] = useState<{ says: string; problems: string[] } | null>(null);
  const [awake, setAwake] = useState(false);
  useEffect(() => setAwake(true), []);
  const knowledge = withOwn(shipped, rows);
  const problems = new Map(ownProblems(shipped, rows).map((p) => [p.rowId, p]));
  const bare = withOwn(
    shipped,
    rows.filter((r) => r.what !== 'figure'),
  );

  const close = () => {
    setEditing(null);
    own.clear();
  };
  const retire = async (row: Own) => {
    const retired = !row.retired;
    if (await own.retire([row.id], retired))
      setUndo({ says: `${titleOf(row, knowledge)}: ${retired ? 'removed' : 'restored'}.`, back: () => own.retire([row.id], !retired) });
  };
  return (
    <Page
      title="Own knowledge"
      under={workshop.shop.name}
      bar={
        <Button href="/" color="inherit">
          Next
        </Button>
      }
    >
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0,1fr)' }} data-testid="own">
        <Card lead title="This workshop’s own knowledge">
          <Typography sx={{ mb: 1.5, maxWidth: 760 }}>
            Used on every bike from the next ranking. The values are your judgement, as the ones that ship are ours. Removing an entry loses
            nothing: its results stay readable.
          </Typography>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
            {kinds.map((k) => (
              <Button
                key={k.what}
                variant={k.what === 'fault' ? 'contained' : 'outlined'}
                disabled={!awake}
                onClick={() => setEditing({ what: k.what, row: null })}
              >
                {k.add}
              </Button>
            ))}
            <Box sx={{ flex: 1 }} />
            <FileActs
              onDone={(done, all) => {
                setFile(done);
                if (all) own.replace(all);
              }}
            />
          </Box>
        </Card>
        {own.problem && !editing && (
          <Alert severity="warning" role="alert">
            {own.problem}
          </Alert>
        )}
        {undo && (
          <UndoNotice
            says={undo.says}
            onUndo={() => {
              void undo.back();
              setUndo(null);
            }}
          />
        )}
        {file && <FileNotice {...file} onClose={() => setFile(null)} />}
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) minmax(0,1fr)' },
            alignItems: 'start',
          }}
        >
          {kinds.map((k) => (
            <EntryCard
              key={k.what}
              kind={k}
              rows={rows.filter((r) => r.what === k.what)}
              knowledge={knowledge}
              currency={workshop.shop.currency}
              problems={problems}
              onChange={(row) => setEditing({ what: row.what, row })}
              onRetire={(row) => void retire(row)}
            />
          ))}
        </Box>
      </Box>
      {editing && (
        <EntryForm
          key={`${editing.what} ${editing.row?.id ?? ''}`}
          editing={editing}
          own={own}
          knowledge={editing.what === 'figure' ? bare : knowledge}
          currency={workshop.shop.currency}
          onKept={(says, back) => {
            setUndo({ says, back });
            close();
          }}
          onClose={close}
        />
      )}
    </Page>
  );
}

/** What was just done, and the way back. */
function UndoNotice({ says, onUndo }: { says: string; onUndo(): void }) {
  return (
    <Alert
      severity="info"
      role="status"
      action={
        <Button color="inherit" onClick={onUndo}>
          Undo
        </Button>
      }
    >
      {says}
    </Alert>
  );
}

/** What a file brought, or everything that is wrong with it. */
function FileNotice({ says, problems, onClose }: { says: string; problems: readonly string[]; onClose(): void }) {
  return (
    <Alert severity={problems.length ? 'warning' : 'success'} role={problems.length ? 'alert' : 'status'} onClose={onClose}>
      {says}
      {problems.length > 0 && (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {problems.map((p) => (
            <li key={p}>{p}</li>
          ))}
        </Box>
      )}
    </Alert>
  );
}

interface EntryCardProps {
  kind: (typeof kinds)[number];
  rows: readonly Own[];
  knowledge: Knowledge;
  currency: string;
  problems: ReadonlyMap<string, OwnProblem>;
  onChange(row: Own): void;
  onRetire(row: Own): void;
}

/** The entries of one kind. */
function EntryCard({ kind, rows, knowledge, currency, problems, onChange, onRetire }: EntryCardProps) {
  return (
    <Card title={kind.title}>
      {rows.length === 0 && <Empty>{kind.teach}</Empty>}
      {rows.map((r) => (
        <EntryLine
          key={r.id}
          row={r}
          knowledge={knowledge}
          currency={currency}
          problem={problems.get(r.id)}
          onChange={() => onChange(r)}
          onRetire={() => onRetire(r)}
        />
      ))}
    </Card>
  );
}
