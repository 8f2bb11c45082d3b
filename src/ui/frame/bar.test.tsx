import { fireEvent, render, screen } from '@testing-library/react';
import { lazy, Suspense, type ReactNode } from 'react';
import { renderToReadableStream } from 'react-dom/server.browser';
import { describe, expect, it, vi } from 'vitest';
import { Root } from '../theme/Root';
import { BarActs, MoreActs, type BarAct } from './BarActs';
import { lazyPart } from '../controls/lazyPart';
import { ConnectionStatus } from './ConnectionStatus';
import { Page } from './Page';
import { Card } from '../controls/Card';
import { whoActs, WhoWorks } from './WhoWorks';

const icon = <svg />;
const acts = (does: () => void): BarAct[] => [
  { label: 'Undo: a part', icon, does, always: true },
  { label: 'Redo', icon, does, disabled: true },
  { label: 'Tablets', icon, does: '/devices' },
  { label: 'Only there', icon, does, menuOnly: true },
];

describe('the acts of the plank', () => {
  it('stand on it by name, lead or do, and what is only for the menu does not', () => {
    const does = vi.fn();
    render(<BarActs acts={acts(does)} />);
    fireEvent.click(screen.getByRole('button', { name: 'Undo: a part' }));
    expect(does).toHaveBeenCalledOnce();
    expect(screen.getByRole('button', { name: 'Redo' })).toBeDisabled();
    expect(screen.getByRole('link', { name: 'Tablets' })).toHaveAttribute('href', '/devices');
    expect(screen.queryByLabelText('Only there')).toBeNull();
  });

  it('keep the focus while what they would do changes', () => {
    const { rerender } = render(<BarActs acts={acts(() => undefined)} />);
    screen.getByRole('button', { name: 'Undo: a part' }).focus();
    rerender(<BarActs acts={acts(() => undefined).map((a, i) => (i ? a : { ...a, label: 'Undo: a step' }))} />);
    expect(screen.getByRole('button', { name: 'Undo: a step' })).toHaveFocus();
  });

  it('on a phone wait behind one button, but for what is always there; choosing one closes it', async () => {
    const does = vi.fn();
    render(<MoreActs acts={acts(does)} />);
    fireEvent.click(screen.getByLabelText('More'));
    // It is fetched when it is opened.
    const items = await screen.findAllByRole('menuitem', {}, { timeout: 30_000 });
    expect(items.map((m) => m.textContent)).toEqual(['Redo', 'Tablets', 'Only there']);
    expect(screen.getByRole('menuitem', { name: 'Tablets' })).toHaveAttribute('href', '/devices');
    fireEvent.click(screen.getByRole('menuitem', { name: 'Only there' }));
    expect(does).toHaveBeenCalledOnce();
    await vi.waitFor(() => expect(screen.queryByRole('menuitem')).toBeNull());
  });

  it('with nothing to put away there is no such button', () => {
    render(<MoreActs acts={acts(() => undefined).filter((a) => a.always)} />);
    expect(screen.queryByLabelText('More')).toBeNull();
  });
});

describe('who works', () => {
  const people = [
    { id: 'i', name: 'Ines Corrow' },
    { id: 't', name: 'Tam Veley' },
  ];

  it('is named, and another is picked with two taps', async () => {
    const pick = vi.fn();
    render(<WhoWorks people={people} actor={people[0]} onPick={pick} />);
    fireEvent.click(screen.getByRole('button', { name: 'Working: Ines Corrow' }));
    fireEvent.click(await screen.findByRole('menuitem', { name: 'Tam Veley' }, { timeout: 30_000 }));
    expect(pick).toHaveBeenCalledWith(people[1]);
  });

  it('is asked where nobody is picked; a shop without people asks nothing', () => {
    const { rerender } = render(<WhoWorks people={people} actor={null} onPick={() => undefined} />);
    expect(screen.getByRole('button', { name: 'Who is working?' })).toBeInTheDocument();
    rerender(<WhoWorks people={[]} actor={null} onPick={() => undefined} />);
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('is the same in the menu of a phone', () => {
    const pick = vi.fn();
    const list = whoActs(people, people[1], pick);
    expect(list.map((a) => [a.label, a.selected, a.menuOnly])).toEqual([
      ['Ines Corrow', false, true],
      ['Working: Tam Veley', true, true],
    ]);
    (list[0].does as () => void)();
    expect(pick).toHaveBeenCalledWith(people[0]);
  });
});

describe('how this device stands', () => {
  const shown = (props: Partial<Parameters<typeof ConnectionStatus>[0]>) => {
    const { container } = render(<ConnectionStatus line="up" waiting={0} room={null} {...props} />);
    return container.textContent;
  };

  it('says that this browser is in another workshop, and what becomes of what is entered here', () => {
    expect(shown({ line: 'elsewhere', waiting: 0 })).toMatch(
      /in another workshop now\. What you enter stays on this device and goes to the workshop of this page/,
    );
    expect(shown({ line: 'elsewhere', waiting: 2 })).toMatch(/2 entries wait on this device/);
  });

  it('says nothing while all is well', () => {
    expect(shown({ room: { short: false, freeMb: 900 } })).toBe('');
  });

  it.each([
    [{ line: 'cut' as const }, 'The server cannot be reached. What you enter is kept on this device and sent by itself.'],
    [{ line: 'cut' as const, waiting: 1 }, 'The server cannot be reached. One entry waits on this device and will be sent by itself.'],
    [{ line: 'cut' as const, waiting: 3 }, 'The server cannot be reached. 3 entries wait on this device and will be sent by itself.'],
    [
      { line: 'away' as const, waiting: 2 },
      'This device is not paired any more. 2 entries wait on it and will be sent once it is. Pair it again',
    ],
    [{ unkept: true }, 'This device cannot save anything'],
    [{ room: { short: true, freeMb: 80 } }, 'This device has only 80 MB left for Ivrek.'],
    [{ photoPart: 0.4 }, 'A photo is on its way'],
  ])('%j', (props, words) => {
    expect(shown(props)).toContain(words);
  });

  it('shows how far a photo has come', () => {
    shown({ photoPart: 0.4 });
    expect(screen.getByRole('progressbar', { name: 'Photo sent' })).toHaveAttribute('aria-valuenow', '40');
  });
});

describe('a part of the screen that is fetched later', () => {
  it('comes', async () => {
    const Part = lazyPart(() => Promise.resolve({ default: ({ words }: { words: string }) => <b>{words}</b> }));
    render(<Part words="here" />);
    expect(await screen.findByText('here')).toBeInTheDocument();
  });

  it('that does not come says so, and the rest of the screen stays; a plain lazy part would take it along', async () => {
    const gone = () => Promise.reject<{ default: () => null }>(new Error('no server'));
    const Part = lazyPart(gone);
    render(
      <>
        <p>The bike</p>
        <Part />
      </>,
    );
    expect(await screen.findByRole('alert')).toHaveTextContent('could not be fetched');
    expect(screen.getByText('The bike')).toBeInTheDocument();
    const Plain = lazy(gone);
    const error = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const swallow = (e: ErrorEvent) => e.preventDefault();
    addEventListener('error', swallow);
    const { container } = render(
      <>
        <p>The bike</p>
        <Suspense fallback={null}>
          <Plain />
        </Suspense>
      </>,
    );
    await vi.waitFor(() => expect(container).toBeEmptyDOMElement());
    removeEventListener('error', swallow);
    error.mockRestore();
  });

  it('is no part of the page that the server sends, where React would add it with a script; what stands meanwhile is', async () => {
    const page = () => ({ default: () => <b>{'a long part '.repeat(2000)}</b> });
    const Part = lazyPart(() => Promise.resolve(page()), <i>Coming</i>);
    const Plain = lazy(() => Promise.resolve(page()));
    const sent = async (part: ReactNode) => new Response(await renderToReadableStream(<main>{part}</main>)).text();
    expect(await sent(<Part />)).toBe('<main><i>Coming</i></main>');
    const plain = (
      <Suspense fallback={<i>Coming</i>}>
        <Plain />
      </Suspense>
    );
    expect(await sent(plain)).toContain('<script');
  });
});

describe('sheets and pages', () => {
  it('a big choice beside the title comes after what it is beside, for those who read in order', () => {
    render(
      <Card title="Drain the float bowl" aside={<button>Another test</button>} asideLast>
        <button>Full and clean</button>
      </Card>,
    );
    expect(screen.getAllByRole('button').map((b) => b.textContent)).toEqual(['Full and clean', 'Another test']);
  });

  it('a page with a line has its middle between plank and line, and the keys go to it; a field that wants them keeps them', () => {
    const { unmount } = render(
      <Page title="Next" line={<p>the line</p>}>
        <p>middle</p>
      </Page>,
    );
    expect(screen.getByRole('main')).toHaveFocus();
    expect(screen.getByRole('main')).toHaveTextContent('middle');
    expect(screen.getByRole('main')).not.toHaveTextContent('the line');
    unmount();
    render(
      <Page title="Next" line={<p>the line</p>}>
        <input aria-label="Bike" autoFocus />
      </Page>,
    );
    expect(screen.getByLabelText('Bike')).toHaveFocus();
  });

  it('with nothing else to put away the lamp stays on the plank', () => {
    render(
      <Root>
        <Page title="Import">x</Page>
      </Root>,
    );
    expect(screen.getAllByRole('button', { name: /Dark colours/ }).length).toBeGreaterThan(0);
    expect(screen.queryByLabelText('More')).toBeNull();
  });
});
