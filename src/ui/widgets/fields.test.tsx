import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { limitFor, quantityInfo } from '../../core/measure';
import type { SymptomAnswer } from '../../core/state';
import { Root } from '../theme/Root';
import { Choice } from '../controls/Choice';
import { Field } from '../controls/Field';
import { AutosaveField } from '../controls/AutosaveField';
import { SymptomPicker } from './SymptomPicker';
import { ReadingField } from './test/ReadingField';

const inRoot = (node: React.ReactNode) => render(node, { wrapper: Root });

describe('a field', () => {
  it('has its label above and tells its fault as an alert that it is described by', () => {
    inRoot(<Field label="Price" error="An amount like 12." defaultValue="x" />);
    const input = screen.getByLabelText('Price');
    expect(screen.getByRole('alert')).toHaveTextContent('An amount like 12.');
    expect(input).toHaveAccessibleDescription('An amount like 12.');
    expect(input).toBeInvalid();
  });

  it('shows a hint only while nothing is wrong', () => {
    inRoot(<Field label="Fasteners" hint="4x M6x25" />);
    expect(screen.getByText('4x M6x25')).toBeInTheDocument();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('a field of something that exists', () => {
  it('is kept when it is left or Enter is pressed, not at every letter', () => {
    const onSet = vi.fn(() => null);
    inRoot(<AutosaveField label="Name" value="Quillon" onSet={onSet} />);
    const input = screen.getByLabelText('Name');
    fireEvent.change(input, { target: { value: 'Quillon 350' } });
    expect(onSet).not.toHaveBeenCalled();
    fireEvent.blur(input);
    expect(onSet).toHaveBeenCalledWith('Quillon 350');
    fireEvent.change(input, { target: { value: 'Q' } });
    fireEvent.keyDown(input, { key: 'Enter' });
    expect(onSet).toHaveBeenLastCalledWith('Q');
  });

  it('keeps what was typed beside the reason why it cannot be kept', () => {
    inRoot(<AutosaveField label="Year" value="1968" onSet={() => 'Between 1885 and 2100.'} />);
    const input = screen.getByLabelText('Year');
    fireEvent.change(input, { target: { value: '68' } });
    fireEvent.blur(input);
    expect(input).toHaveValue('68');
    expect(screen.getByRole('alert')).toHaveTextContent('Between 1885 and 2100.');
    fireEvent.change(input, { target: { value: '1968' } });
    fireEvent.blur(input);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('follows a value that changed elsewhere, as by undo', () => {
    const { rerender } = inRoot(<AutosaveField label="Year" value="1968" onSet={() => null} />);
    rerender(<AutosaveField label="Year" value="" onSet={() => null} />);
    expect(screen.getByLabelText('Year')).toHaveValue('');
  });
});

describe('a choice', () => {
  const options = [
    { value: 'dry', label: 'dry' },
    { value: 'damp', label: 'damp' },
  ];

  it('is a named group whose buttons tell which one is pressed', () => {
    inRoot(<Choice label="Where" value="damp" options={options} onChange={() => undefined} />);
    expect(screen.getByRole('group', { name: 'Where' })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'damp' })).toHaveAttribute('aria-pressed', 'true');
    expect(screen.getByRole('button', { name: 'dry' })).toHaveAttribute('aria-pressed', 'false');
  });

  it('is cleared by choosing the chosen one again, unless it must not be', () => {
    const onChange = vi.fn();
    const { rerender } = inRoot(<Choice label="Where" value="damp" options={options} onChange={onChange} />);
    fireEvent.click(screen.getByRole('button', { name: 'damp' }));
    expect(onChange).toHaveBeenCalledWith(null);
    onChange.mockClear();
    rerender(<Choice label="Where" clearable={false} value="damp" options={options} onChange={onChange} />);
    fireEvent.click(screen.getByRole('button', { name: 'damp' }));
    expect(onChange).not.toHaveBeenCalled();
  });
});

describe('symptoms', () => {
  function Picker({ seen }: { seen: (v: Record<string, SymptomAnswer>) => void }) {
    const [value, setValue] = useState<Record<string, SymptomAnswer>>({});
    return (
      <SymptomPicker
        value={value}
        onChange={(v) => {
          setValue(v);
          seen(v);
        }}
      />
    );
  }

  it('are picked, denied, or left as not asked', () => {
    const seen = vi.fn();
    inRoot(<Picker seen={seen} />);
    const within = (name: string, answer: string) => screen.getByRole('group', { name }).querySelector(`button[value="${answer}"]`)!;
    fireEvent.click(within('Turns over but will not start', 'present'));
    expect(seen).toHaveBeenLastCalledWith({ 'no-start': 'present' });
    fireEvent.click(within('Will not turn over', 'absent'));
    expect(seen).toHaveBeenLastCalledWith({ 'no-start': 'present', 'will-not-turn': 'absent' });
    fireEvent.click(within('Turns over but will not start', 'present'));
    expect(seen).toHaveBeenLastCalledWith({ 'will-not-turn': 'absent' });
  });
});

describe('a reading', () => {
  const info = quantityInfo(shipped, 'compression', {})!;

  function Reading({ start, unit: first = 'psi' }: { start: string; unit?: string }) {
    const [text, setText] = useState(start);
    const [unit, setUnit] = useState(first);
    return (
      <ReadingField
        label="Cylinder 1"
        info={info}
        limit={limitFor(info, [])}
        text={text}
        unit={unit}
        onText={setText}
        onUnit={setUnit}
        strict={false}
      />
    );
  }

  it('is judged as it is typed, against a figure that says it is general', () => {
    inRoot(<Reading start="" />);
    expect(screen.queryByRole('img')).toBeNull();
    fireEvent.change(screen.getByRole('textbox', { name: 'Cylinder 1' }), { target: { value: '60' } });
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(/60 psi, low\. Limit: 120 to 200 psi, general value/);
  });

  it.each([
    ['170', 'bar', '170 psi'],
    ['17O', 'psi', '170'],
    ['11,8', 'bar', '11.8'],
  ])('%s %s: offers %s, and takes it by one press', (text, unit, guess) => {
    inRoot(<Reading start={text} unit={unit} />);
    expect(screen.getByRole('alert')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: guess }));
    expect(screen.getByRole('textbox', { name: 'Cylinder 1' })).toHaveValue(guess);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
