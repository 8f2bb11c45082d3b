import { fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Board } from '../../../core/stage';
import NextView, { type NextProps } from './NextView';

type Lines = Board['lines'];
const props = (board: Partial<Board> = {}): NextProps => ({
  workshop: {
    shop: { id: 'shop', name: 'Lantern Yard', rate: '35.00', currency: '¤', seq: 1, demo: true },
    actor: { id: 'i', name: 'Ines Corrow' },
    people: [{ id: 'i', name: 'Ines Corrow' }],
    home: true,
  },
  board: { now: '2030-06-15T09:00:00.000Z', lines: [], gone: [], ...board },
});
const line = (patch: Partial<Lines[number]> = {}): Lines[number] => ({
  jobId: 'j1',
  bike: 'Quillon 350',
  owner: 'Orla Fennimore',
  complaint: 'Will not start',
  act: { stage: 'trace', words: 'Look at the spark', why: 'It parts two suspects.' },
  against: null,
  waiting: [],
  provisional: [],
  last: 1,
  ...patch,
});

describe('home', () => {
  it('an empty shop teaches how to begin', () => {
    render(<NextView {...props()} />);
    expect(screen.getByText(/No bikes in the workshop\. Book one in/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Book in' })).toHaveAttribute('href', '/book-in');
  });

  it('tells what can be done, on which bike, and leads there', () => {
    render(<NextView {...props({ lines: [line()] })} />);
    const link = within(screen.getByRole('region', { name: 'Can be done now' })).getByRole('link');
    expect(link).toHaveAttribute('href', '/job/j1/trace');
    expect(link).toHaveTextContent(/Quillon 350.*Orla Fennimore.*Trace.*Look at the spark.*It parts two suspects/);
  });

  it('tells what may not be done with a bike, and why', () => {
    render(<NextView {...props({ lines: [line({ against: { act: 'run', because: 'Metal in the oil' } })] })} />);
    expect(within(screen.getByRole('region', { name: 'Can be done now' })).getByRole('link')).toHaveTextContent(
      'Don’t run: Metal in the oil',
    );
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
    expect(region).toHaveTextContent('check again in 3 hours (15 Jun 2030, 12:00)');
    expect(region).toHaveTextContent('check again in 3 days');
    expect(screen.getByText(/Everything is on hold/)).toBeInTheDocument();
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
    expect(screen.getByText('Nothing to do on: Idle 125.')).toBeInTheDocument();
  });

  it('lists what is provisional, overdue where its day has passed', () => {
    const provisional = [{ what: 'Tape on the hose', until: null, untilOn: '2030-06-01', mayRide: false, mayLeave: false }];
    render(<NextView {...props({ lines: [line({ provisional })] })} />);
    const link = screen.getByRole('link', { name: /Quillon 350: Tape on the hose/ });
    expect(link).toHaveAttribute('href', '/job/j1/handover');
    expect(link).toHaveTextContent('by 1 Jun 2030, overdue · may not be ridden · may not leave');
  });

  it('says plainly that there is no server, and still shows the board', () => {
    render(<NextView {...props({ lines: [line()] })} offline />);
    expect(screen.getByText(/The server cannot be reached\. What you enter is kept on this device/)).toBeInTheDocument();
    expect(screen.getByText('Look at the spark')).toBeInTheDocument();
  });
});

describe('the bench line of home', () => {
  const bikes = [line(), line({ jobId: 'j2', bike: 'Quillon 500' }), line({ jobId: 'j3', bike: 'Marram 80' })];
  const open = (text: string) => {
    render(<NextView {...props({ lines: bikes })} />);
    const field = screen.getByLabelText('Type a line. ? lists what you can type.');
    fireEvent.focus(field);
    fireEvent.change(field, { target: { value: text } });
    return { field, panel: within(screen.getByTestId('line-panel')) };
  };
  const buttons = (panel: Pick<typeof screen, 'queryAllByRole'>) => panel.queryAllByRole('button').map((b) => b.textContent);

  it('asks for the bike first, and for help says so', () => {
    expect(buttons(open('?').panel)).toEqual(['Quillon 350', 'Quillon 500', 'Marram 80']);
    expect(screen.getByText(/Begin with the bike: its name/)).toBeInTheDocument();
  });

  it('shows which bike is meant and what goes on to it', () => {
    expect(buttons(open('marr comp 1 118 psi').panel)).toEqual(['Marram 80: comp 1 118 psi']);
  });

  it('asks which, where two begin alike', () => {
    const { panel } = open('quillon spark look nothing');
    expect(panel.getByText('Which of these?')).toBeInTheDocument();
    expect(buttons(panel)).toEqual(['Quillon 350: spark look nothing', 'Quillon 500: spark look nothing']);
  });

  it('says when no bike is called that, and offers those there are; Tab takes one', () => {
    const { field, panel } = open('larkfen comp');
    expect(panel.getByText('No bike here is called that. The bikes here:')).toBeInTheDocument();
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(field).toHaveValue('Quillon 350 ');
  });
});
