import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { FindButton } from './FindButton';
import FindDialog from './FindDialog';

let asked: string[];
let lines: object[];
let failing: 'no' | 'line' | 'server' = 'no';
const line = (id: string, words: string, near = false) => ({ kind: 'part', id, jobId: 'j1', bike: 'Quillon 350', words, near });
beforeEach(() => {
  asked = [];
  lines = [line('a', 'Condenser'), line('b', 'Contact set')];
  failing = 'no';
  vi.stubGlobal('fetch', (url: string) => {
    asked.push(decodeURIComponent(url));
    if (failing === 'line') return Promise.reject(new TypeError('cut'));
    return Promise.resolve(
      failing === 'server' ? Response.json({ message: 'At most 200 characters.' }, { status: 400 }) : Response.json({ lines }),
    );
  });
});
afterEach(() => vi.unstubAllGlobals());

const field = () => screen.findByRole('combobox', { name: 'What are you looking for?' });
const options = () => screen.getAllByRole('option').map((o) => [o.textContent, o.getAttribute('aria-selected')]);

describe('find', () => {
  it('opens with the letter F, but not out of a field, and takes what is typed before it is there', async () => {
    render(
      <>
        <input aria-label="Part" />
        <FindButton />
      </>,
    );
    fireEvent.keyDown(screen.getByLabelText('Part'), { key: 'f' });
    expect(screen.queryByRole('dialog')).toBeNull();
    fireEvent.keyDown(document.body, { key: 'f' });
    for (const k of 'bag') fireEvent.keyDown(document.body, { key: k });
    await waitFor(async () => expect(await field()).toHaveValue('bag'));
    await waitFor(() => expect(asked).toEqual(['/api/find?q=bag']));
  });

  it('arrows go round and name the one that Enter opens', async () => {
    render(<FindDialog taken={() => ''} onClose={() => undefined} />);
    fireEvent.change(await field(), { target: { value: 'con' } });
    await waitFor(() => expect(options()).toHaveLength(2));
    expect(options()[0]).toEqual(['Quillon 350PartCondenser', 'true']);
    fireEvent.keyDown(await field(), { key: 'ArrowDown' });
    expect(options()[1][1]).toBe('true');
    expect(await field()).toHaveAttribute('aria-activedescendant', screen.getAllByRole('option')[1].id);
    fireEvent.keyDown(await field(), { key: 'ArrowDown' });
    expect(options()[0][1]).toBe('true');
    fireEvent.keyDown(await field(), { key: 'ArrowUp' });
    expect(options()[1][1]).toBe('true');
  });

  it('says when only something close was found, when nothing was, and when it cannot look', async () => {
    lines = [line('a', 'Condenser', true)];
    render(<FindDialog taken={() => ''} onClose={() => undefined} />);
    fireEvent.change(await field(), { target: { value: 'condensor' } });
    expect(await screen.findByText('No exact match. Close:')).toBeInTheDocument();
    lines = [];
    fireEvent.change(await field(), { target: { value: 'zzz' } });
    expect(await screen.findByText('No matches.')).toBeInTheDocument();
    failing = 'line';
    fireEvent.change(await field(), { target: { value: 'zzzz' } });
    expect(await screen.findByText(/The search needs the server/)).toBeInTheDocument();
    failing = 'server';
    fireEvent.change(await field(), { target: { value: 'zzzzz' } });
    expect(await screen.findByText('At most 200 characters.')).toBeInTheDocument();
    fireEvent.change(await field(), { target: { value: '' } });
    expect(await screen.findByText(/The beginning of a word is enough/)).toBeInTheDocument();
  });

  it('asks once for what is typed in one go', async () => {
    render(<FindDialog taken={() => ''} onClose={() => undefined} />);
    // Typed without a pause, however slow the machine is.
    const typed = await field();
    for (const text of ['c', 'co', 'con', 'cond']) fireEvent.change(typed, { target: { value: text } });
    await waitFor(() => expect(asked).toEqual(['/api/find?q=cond']));
  });
});
