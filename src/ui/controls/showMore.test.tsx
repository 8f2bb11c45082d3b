import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { ShowMore } from './ShowMore';

it('shows the beginning of a long list and the rest when asked; a short one has nothing to ask for', () => {
  const list = Array.from({ length: 12 }, (_, i) => ({ id: String(i) }));
  const { rerender } = render(
    <ShowMore ordered list={list} most={2}>
      {(x) => <li>row {x.id}</li>}
    </ShowMore>,
  );
  expect(screen.getAllByRole('listitem')).toHaveLength(2);
  fireEvent.click(screen.getByRole('button', { name: '10 more' }));
  expect(screen.getAllByRole('listitem')).toHaveLength(10);
  fireEvent.click(screen.getByRole('button', { name: '2 more' }));
  expect(screen.getAllByRole('listitem')).toHaveLength(12);
  rerender(
    <ShowMore ordered list={list.slice(0, 2)} most={2}>
      {(x) => <li>row {x.id}</li>}
    </ShowMore>,
  );
  expect(screen.queryByRole('button')).toBeNull();
});
