import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { barStates } from '../views/gallery/GalleryView';
import { Root } from '../theme/Root';
import { LimitBar } from './LimitBar';

const bar = (label: string) => {
  const s = barStates.find((x) => x.label === label)!;
  render(<LimitBar label={s.label} value={s.value} unit="psi" limit={s.limit} error={{ relative: 0.02, absolute: 0 }} />, {
    wrapper: Root,
  });
  return screen.getByRole('img').getAttribute('aria-label')!;
};

describe('the limit bar says in words what it shows', () => {
  it.each([
    ['Low', '118 psi, low.'],
    ['In', '165 psi, within limits.'],
    ['High', '212 psi, high.'],
    ['Borderline', '144 psi, borderline: measure again.'],
    ['One-sided, at least', 'Limit: 142 psi or more'],
    ['One-sided, at most', 'Limit: 185 psi or less'],
    ['No limit', 'no limit yet. Limit: No limit entered.'],
    ['General value', 'general value'],
    ['Over the gauge', 'over 300 psi, high'],
    ['At the end of the gauge', 'over 150 psi, off the scale'],
    ['Interval inside', '150–170 psi, within limits'],
    ['Interval across', 'either side: narrow it down'],
    ['Standard and service limit, between', '128 psi, within service limit, watch'],
    ['Past the service limit', 'past service limit'],
    ['Superseded', 'superseded'],
    ['Not obtained', 'not obtained'],
  ])('%s', (label, words) => expect(bar(label)).toContain(words));
});
