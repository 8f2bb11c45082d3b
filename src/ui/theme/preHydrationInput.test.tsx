import { act } from '@testing-library/react';
import { hydrateRoot } from 'react-dom/client';
import { renderToString } from 'react-dom/server';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { Field } from '../controls/Field';
import { allTaken, sendAgain } from './preHydrationInput';

/** A form that keeps all of its fields in one state. */
function Form({ onForm }: { onForm(form: object): void }) {
  const [form, setForm] = useState({ bike: '', owner: '' });
  const change = (next: typeof form) => (setForm(next), onForm(next));
  return (
    <>
      <Field label="Bike" value={form.bike} onChange={(e) => change({ ...form, bike: e.target.value })} />
      <Field label="Owner" value={form.owner} onChange={(e) => change({ ...form, owner: e.target.value })} />
    </>
  );
}

async function woken(typed: Record<'Bike' | 'Owner', string>, byHand: readonly ('Bike' | 'Owner')[]) {
  const root = document.createElement('div');
  document.body.append(root);
  let form: object = {};
  const page = <Form onForm={(f) => (form = f)} />;
  root.innerHTML = renderToString(page);
  window.ivrekTyped = new WeakSet();
  const [bike, owner] = root.querySelectorAll('input');
  for (const [name, field] of [['Bike', bike] as const, ['Owner', owner] as const]) {
    field.value = typed[name];
    if (byHand.includes(name)) window.ivrekTyped.add(field);
  }
  // Awake first: only then is it known what is to be taken.
  await act(async () => void hydrateRoot(root, page));
  await act(() => allTaken());
  return { form, values: [bike.value, owner.value] };
}

describe('what is typed before the page is awake', () => {
  it('goes to the form, every field of it', async () => {
    const { form, values } = await woken({ Bike: 'Quillon 350', Owner: 'Bren Aldous' }, ['Bike', 'Owner']);
    expect(form).toEqual({ bike: 'Quillon 350', owner: 'Bren Aldous' });
    expect(values).toEqual(['Quillon 350', 'Bren Aldous']);
  });

  it('is what a hand typed; what a browser put back is no entry', async () => {
    const { form } = await woken({ Bike: 'Quillon 350', Owner: 'from the last visit' }, ['Bike']);
    expect(form).toEqual({ bike: 'Quillon 350', owner: '' });
  });
});

describe('a form that was sent before anyone listened', () => {
  it('is sent once more, and once only', () => {
    const form = document.createElement('form');
    document.body.append(form);
    let sent = 0;
    form.addEventListener('submit', (e) => (e.preventDefault(), sent++));
    window.ivrekSent = form;
    sendAgain();
    sendAgain();
    expect(sent).toBe(1);
    window.ivrekSent = document.createElement('form');
    sendAgain();
    expect(sent).toBe(1);
  });
});
