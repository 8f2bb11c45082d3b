import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { knowledge as shipped } from 'virtual:knowledge';
import { draftOfTest, faultById, ownProblems, testById, withOwn, type Knowledge, type OwnProblem } from '../../../core/knowledge';
import type { Own, OwnKind, Yard } from '../../../core/record';
import { Empty } from '../../parts/Empty';
import { Page } from '../../parts/Page';
import { Tag } from '../../parts/Tag';
import { EntryForm, type Editing } from './EntryForm';
import { useOwn } from './useOwn';

const kinds: { what: OwnKind; title: string; add: string; teach: string }[] = [
  {
    what: 'fault',
    title: 'Faults',
    add: 'Add a fault',
    teach: 'A fault that the list does not know: what it brings, what cures it, how it is found. It then stands among the suspects.',
  },
  {
    what: 'test',
    title: 'Tests',
    add: 'Add a test',
    teach: 'A test you trust and the list does not have. It is offered when it parts the suspects for its minutes.',
  },
  {
    what: 'finding',
    title: 'Complaints and signs',
    add: 'Add a complaint or sign',
    teach: 'What an owner says, or what a test shows, where the list has no word for it.',
  },
  {
    what: 'figure',
    title: 'Figures',
    add: 'Add a figure',
    teach: 'How common a fault is with you, how long a job takes you, what the parts cost where you buy them.',
  },
];

/** What the shop knows itself, on top of what ships: added here, reckoned with everywhere, taken along as a file. */
export default function OwnView({ yard }: { yard: Yard }) {
  const own = useOwn(yard.own ?? []);
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
      setUndo({ says: `${titleOf(row, knowledge)}: ${retired ? 'taken out' : 'put back'}.`, back: () => own.retire([row.id], !retired) });
  };
  return (
    <Page
      title="Own knowledge"
      under={yard.shop.name}
      bar={
        <Button href="/" color="inherit">
          Next
        </Button>
      }
    >
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0,1fr)' }} data-testid="own">
        <Tag lead title="What this shop knows itself">
          <Typography sx={{ mb: 1.5, maxWidth: 760 }}>
            It is reckoned with on every bike from the next ranking on. Every figure is your judgement, as the ones that ship are ours.
            Nothing is lost by taking it out: what was found by it stays readable.
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
        </Tag>
        {own.problem && !editing && (
          <Alert severity="warning" role="alert">
            {own.problem}
          </Alert>
        )}
        {undo && (
          <Alert
            severity="info"
            role="status"
            action={
              <Button
                color="inherit"
                onClick={() => {
                  void undo.back();
                  setUndo(null);
                }}
              >
                Undo
              </Button>
            }
          >
            {undo.says}
          </Alert>
        )}
        {file && (
          <Alert
            severity={file.problems.length ? 'warning' : 'success'}
            role={file.problems.length ? 'alert' : 'status'}
            onClose={() => setFile(null)}
          >
            {file.says}
            {file.problems.length > 0 && (
              <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {file.problems.map((p) => (
                  <li key={p}>{p}</li>
                ))}
              </Box>
            )}
          </Alert>
        )}
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) minmax(0,1fr)' },
            alignItems: 'start',
          }}
        >
          {kinds.map((k) => (
            <Tag key={k.what} title={k.title}>
              {!rows.some((r) => r.what === k.what) && <Empty>{k.teach}</Empty>}
              {rows
                .filter((r) => r.what === k.what)
                .map((r) => (
                  <Entry
                    key={r.id}
                    row={r}
                    knowledge={knowledge}
                    problem={problems.get(r.id)}
                    onChange={() => setEditing({ what: r.what, row: r })}
                    onRetire={() => void retire(r)}
                  />
                ))}
            </Tag>
          ))}
        </Box>
      </Box>
      {editing && (
        <EntryForm
          key={`${editing.what} ${editing.row?.id ?? ''}`}
          editing={editing}
          own={own}
          knowledge={editing.what === 'figure' ? bare : knowledge}
          currency={yard.shop.currency}
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

export function titleOf(row: Own, knowledge: Knowledge): string {
  if (row.what !== 'figure') return row.body.name;
  const { fault, test } = row.body;
  return (fault ? faultById(knowledge, fault)?.name : testById(knowledge, test ?? '')?.name) ?? fault ?? test ?? '';
}

/** One entry in two lines: what it is, and what it says. */
function Entry({
  row,
  knowledge,
  problem,
  onChange,
  onRetire,
}: {
  row: Own;
  knowledge: Knowledge;
  problem?: OwnProblem;
  onChange: () => void;
  onRetire: () => void;
}) {
  const title = titleOf(row, knowledge);
  const fixed = row.what === 'test' && draftOfTest(knowledge, row.body) === null;
  return (
    <Box
      sx={{
        borderTop: 1,
        borderColor: 'divider',
        py: 1,
        display: 'grid',
        gap: 0.25,
        gridTemplateColumns: 'minmax(0,1fr) auto',
        alignItems: 'center',
      }}
      data-own={row.id}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600, overflowWrap: 'anywhere', textDecoration: row.retired ? 'line-through' : 'none' }}>
          {title}
        </Typography>
        <Typography variant="body2" color="text.secondary" sx={{ overflowWrap: 'anywhere' }}>
          {row.retired ? 'Taken out. ' : ''}
          {saysOf(row, knowledge)}
        </Typography>
        {problem && (
          <Typography variant="body2" color={problem.idle ? 'text.primary' : 'error'} role={problem.idle ? undefined : 'alert'}>
            {problem.idle ? 'Of no use yet' : 'Not reckoned with'}: {problem.says}.
          </Typography>
        )}
        {fixed && (
          <Typography variant="body2" color="text.secondary">
            It says more than this form can hold: change it in its file and bring that in.
          </Typography>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexDirection: 'column' }}>
        {!fixed && (
          <Button onClick={onChange} aria-label={`Change: ${title}`}>
            Change
          </Button>
        )}
        <Button onClick={onRetire} aria-label={`${row.retired ? 'Put back' : 'Take out'}: ${title}`}>
          {row.retired ? 'Put back' : 'Take out'}
        </Button>
      </Box>
    </Box>
  );
}

function saysOf(row: Own, k: Knowledge): string {
  const named = (id: string) => (k.findings.find((f) => f.id === id)?.name ?? id).toLowerCase();
  switch (row.what) {
    case 'fault': {
      const brings = Object.keys(row.body.causes).map(named);
      return `1 bike in ${Math.round(1 / row.body.prior)}. Brings ${brings.join(', ')}. ${row.body.remedy.do}`;
    }
    case 'test':
      return `${row.body.minutes} min. ${row.body.outcomes.map((o) => o.says).join(' / ')}`;
    case 'finding':
      return row.body.symptom ? `Owners say: ${row.body.symptom.words}` : 'Shown by a test';
    default: {
      const { prior, minutes, parts } = row.body;
      const said = [
        prior !== undefined && `1 bike in ${Math.round(1 / prior)}`,
        minutes !== undefined && `${minutes} min`,
        parts !== undefined && `parts ${parts}`,
      ];
      return said.filter(Boolean).join(', ');
    }
  }
}

interface Brought {
  ok: boolean;
  added: number;
  changed: number;
  same: number;
  rows?: Own[];
  problems?: string[];
}

/** The way out and the way in: one YAML file. */
function FileActs({ onDone }: { onDone: (done: { says: string; problems: string[] }, rows?: readonly Own[]) => void }) {
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
