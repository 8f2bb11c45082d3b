import { draftOfFault, draftOfFigure, draftOfSign, draftOfTest, faultChanged, signChanged, type Knowledge } from '../../../core/knowledge';
import type { Own, OwnKind } from '../../../core/state';
import { FaultForm } from './FaultForm';
import { FigureForm } from './FigureForm';
import { SignForm } from './SignForm';
import { TestForm } from './TestForm';
import { nothing, type useOwn } from '../../views/own/useOwn';

export interface Editing {
  what: OwnKind;
  /** Null for a new one. */
  row: Own | null;
}

interface EntryFormProps {
  editing: Editing;
  own: ReturnType<typeof useOwn>;
  knowledge: Knowledge;
  currency: string;
  /** It is kept: what was done, and how it is taken back. */
  onKept(says: string, back: () => Promise<boolean>): void;
  onClose(): void;
}

/** The form of one entry, for a new one or a change. */
export function EntryForm({ editing: { what, row }, own, knowledge, currency, onKept, onClose }: EntryFormProps) {
  const common = {
    knowledge,
    currency,
    problem: own.problem,
    busy: own.busy,
    draftKey: `ivrek-own-${row ? `${row.id}-${row.versions.body ?? 0}` : what}`,
    onClose,
  };
  const id = () => crypto.randomUUID();
  const added = async (name: string, payload: ReturnType<typeof nothing>) => {
    const ids = [...payload.faults, ...payload.findings, ...payload.tests, ...payload.figures].map((e) => e.id);
    const ok = await own.add(payload);
    if (ok) onKept(`Added: ${name}.`, () => own.retire(ids, true));
    return ok;
  };
  const changed = async (was: Own, name: string, body: Own['body']) => {
    const ok = await own.change(was, body);
    // The field has been set once more since, so taking it back is based on that.
    const now = { ...was, versions: { ...was.versions, body: (was.versions.body ?? 0) + 1 } };
    if (ok) onKept(`Changed: ${name}.`, () => own.change(now, was.body));
    return ok;
  };
  switch (what) {
    case 'fault': {
      const was = row?.what === 'fault' ? row : null;
      return (
        <FaultForm
          {...common}
          title={was ? 'Change a fault' : 'A fault of our own'}
          {...(was && { first: draftOfFault(knowledge, was.body), id: was.body.id })}
          onKeep={({ fault, finding, test }) =>
            was
              ? changed(was, fault.name, faultChanged(was.body, fault))
              : added(fault.name, {
                  ...nothing(),
                  faults: [{ id: id(), body: fault }],
                  findings: finding ? [{ id: id(), body: finding }] : [],
                  tests: test ? [{ id: id(), body: test }] : [],
                })
          }
        />
      );
    }
    case 'test': {
      const was = row?.what === 'test' ? row : null;
      return (
        <TestForm
          {...common}
          title={was ? 'Change a test' : 'A test of our own'}
          {...(was && { first: draftOfTest(knowledge, was.body) ?? undefined, id: was.body.id })}
          onKeep={(test) => (was ? changed(was, test.name, test) : added(test.name, { ...nothing(), tests: [{ id: id(), body: test }] }))}
        />
      );
    }
    case 'finding': {
      const was = row?.what === 'finding' ? row : null;
      return (
        <SignForm
          {...common}
          title={was ? 'Change a complaint or sign' : 'A complaint or sign of our own'}
          {...(was && { first: draftOfSign(was.body), id: was.body.id })}
          onKeep={(sign) =>
            was
              ? changed(was, sign.name, signChanged(was.body, sign))
              : added(sign.name, { ...nothing(), findings: [{ id: id(), body: sign }] })
          }
        />
      );
    }
    default: {
      const was = row?.what === 'figure' ? row : null;
      return (
        <FigureForm
          {...common}
          title={was ? 'Change a value' : 'Our own value'}
          {...(was && { first: draftOfFigure(was.body) })}
          onKeep={(figure) =>
            was ? changed(was, 'the value', figure) : added('the value', { ...nothing(), figures: [{ id: id(), body: figure }] })
          }
        />
      );
    }
  }
}
