import { render, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import NextView, { type NextProps } from './NextView';

const props = (patch: Partial<NextProps> = {}): NextProps => ({
  shop: { name: 'Lantern Yard', demo: true },
  actor: 'Ines Corrow',
  now: '2030-06-15T09:00:00.000Z',
  lines: [],
  gone: [],
  ...patch,
});
const line = (patch: Partial<NextProps['lines'][number]> = {}): NextProps['lines'][number] => ({
  jobId: 'j1',
  bike: 'Quillon 350',
  owner: 'Orla Fennimore',
  complaint: 'Will not start',
  act: { stage: 'trace', words: 'Look at the spark', why: 'It parts two suspects.' },
  waiting: [],
  ...patch,
});

describe('home', () => {
  it('an empty shop teaches how to begin', () => {
    render(<NextView {...props()} />);
    expect(screen.getByText(/No bike is in the shop\. Book one in/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Book in' })).toHaveAttribute('href', '/book-in');
  });

  it('tells what can be done, on which bike, and leads there', () => {
    render(<NextView {...props({ lines: [line()] })} />);
    const link = within(screen.getByRole('region', { name: 'Can be done now' })).getByRole('link');
    expect(link).toHaveAttribute('href', '/job/j1/trace');
    expect(link).toHaveTextContent(/Quillon 350.*Orla Fennimore.*Trace.*Look at the spark.*It parts two suspects/);
  });

  it('tells what waits, soonest first, and when to look again', () => {
    const waiting = [
      line({
        jobId: 'a',
        bike: 'Hollin 500',
        act: null,
        waiting: [{ kind: 'soaking', what: 'Penetrant', due: '2030-06-18T09:00:00.000Z' }],
      }),
      line({ jobId: 'b', bike: 'Marram 80', act: null, waiting: [{ kind: 'part', what: 'Gasket', due: '2030-06-15T12:00:00.000Z' }] }),
    ];
    render(<NextView {...props({ lines: waiting })} />);
    const region = screen.getByRole('region', { name: 'Waiting' });
    expect(
      within(region)
        .getAllByRole('link')
        .map((l) => l.textContent),
    ).toEqual([expect.stringContaining('Marram 80'), expect.stringContaining('Hollin 500')]);
    expect(region).toHaveTextContent('look again in 3 hours (15 Jun, 12:00)');
    expect(region).toHaveTextContent('look again in 3 days');
    expect(screen.getByText(/Everything waits/)).toBeInTheDocument();
  });

  it('keeps handed-over bikes in reach, and names those with nothing open', () => {
    render(
      <NextView
        {...props({
          lines: [line({ bike: 'Idle 125', act: null })],
          gone: [{ jobId: 'g', bike: 'Osprane 650', handedOverAt: '2030-06-01T09:00:00.000Z' }],
        })}
      />,
    );
    expect(screen.getByRole('link', { name: 'Osprane 650, 1 Jun 2030' })).toHaveAttribute('href', '/job/g/handover');
    expect(screen.getByText('Nothing open on: Idle 125.')).toBeInTheDocument();
  });
});
