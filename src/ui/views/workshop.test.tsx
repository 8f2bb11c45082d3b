import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import CalendarView from './calendar/CalendarView';
import WorkshopsView from './workshops/WorkshopsView';
import type { PairedDevice } from '../../wire';
import DevicesView from './devices/DevicesView';
import PairView from './devices/PairView';
import ImportView from './import/ImportView';

// Screens that belong to the workshop as a whole: what they ask the server, and what they make of its answers.

interface Asked {
  method: string;
  path: string;
  body: unknown;
  headers: Record<string, string>;
}
let asked: Asked[];
function server(answer: (a: Asked) => { status?: number; body: unknown } | 'cut' | 'never') {
  asked = [];
  vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => {
    const body = typeof init.body === 'string' ? (JSON.parse(init.body) as unknown) : (init.body ?? null);
    const a = { method: init.method ?? 'GET', path, body, headers: (init.headers ?? {}) as Record<string, string> };
    asked.push(a);
    const said = answer(a);
    if (said === 'cut') return Promise.reject(new TypeError('cut'));
    if (said === 'never')
      return new Promise((_done, fail) => init.signal?.addEventListener('abort', () => fail(new DOMException('stopped', 'AbortError'))));
    const status = said.status ?? 200;
    // Who follows an import hears its end as a line of its own.
    if (a.headers.accept === 'application/x-ndjson')
      return Promise.resolve(
        new Response(`${JSON.stringify({ status, body: said.body })}\n`, { headers: { 'content-type': a.headers.accept } }),
      );
    return Promise.resolve(Response.json(said.body, { status }));
  });
}
afterEach(() => vi.unstubAllGlobals());
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const write = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('bringing in a job', () => {
  const report = {
    jobId: 'j1',
    bike: 'Quillon 350',
    fresh: 3,
    known: 12,
    photos: 0,
    missingPhotos: 0,
    conflicts: [] as object[],
    done: false,
  };
  const year = { key: 'bike b year', table: 'bike', field: 'year', here: 1974, file: 1970, message: null };
  const choose = (name = 'quillon.zip') =>
    fireEvent.change(screen.getByLabelText('File of a job'), { target: { files: [new File(['x'], name)] } });

  it('is looked at first and only then brought in', async () => {
    server((a) => ({ body: a.path.includes('?check') ? report : { ...report, done: true } }));
    render(<ImportView />);
    choose();
    expect(await screen.findByText('It would add 3 new entries; 12 are here already.')).toBeInTheDocument();
    expect(asked.map((a) => a.path)).toEqual(['/api/import?check=true']);
    press('Import');
    expect(await screen.findByText('Imported: 3 new entries, 12 known before.')).toBeInTheDocument();
    expect(asked.at(-1)!.path).toBe('/api/import');
    expect(screen.getByRole('link', { name: 'Open it' })).toHaveAttribute('href', '/job/j1/book-in');
  });

  it('wants every choice before it is brought in, and sends them', async () => {
    const other = { key: 'c9', table: 'step', field: null, here: null, file: {}, message: 'This job is handed over.' };
    server((a) => ({ body: a.path.includes('?check') ? { ...report, conflicts: [year, other] } : { ...report, done: true } }));
    render(<ImportView />);
    choose();
    expect(await screen.findByText(/2 choices to make first\. Both values stay in the log\./)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Import' })).toBeDisabled();
    press('In the file: “1970”');
    expect(screen.getByText(/1 choice to make first/)).toBeInTheDocument();
    expect(screen.getByText('step: This job is handed over.')).toBeInTheDocument();
    press('Skip it');
    press('Import');
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(JSON.parse(decodeURIComponent(asked[1].headers['x-ivrek-choices']))).toEqual({ 'bike b year': 'file', c9: 'here' });
  });

  it('says what is missing, and what would not change at all', async () => {
    server(() => ({ body: { ...report, fresh: 0, photos: 2, missingPhotos: 1 } }));
    render(<ImportView />);
    choose();
    expect(await screen.findByText(/Everything in this file is here already\. 1 photo of it is not in the file\./)).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Import' })).toBeNull();
  });

  it('names the file that is refused, with the reason; another can be chosen', async () => {
    server(() => ({ status: 422, body: { message: 'This file is no job of Ivrek.' } }));
    render(<ImportView />);
    choose('letter.json');
    expect(await screen.findByRole('alert')).toHaveTextContent('letter.json: This file is no job of Ivrek.');
    server(() => ({ body: report }));
    choose();
    expect(await screen.findByTestId('import-report')).toBeInTheDocument();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('can be stopped, and says that nothing was changed; so it does without a server', async () => {
    server(() => 'never');
    render(<ImportView />);
    choose();
    fireEvent.click(await screen.findByRole('button', { name: 'Stop' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Stopped. Nothing was changed.');
    server(() => 'cut');
    choose();
    await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('The server cannot be reached just now. Nothing was changed.'));
  });
});

describe('tablets', () => {
  const lan = { urls: ['https://192.0.2.7:4681'], fingerprint: 'A5:A5', qr: '<svg></svg>' };
  const row: PairedDevice = {
    id: 'd1',
    name: 'Workshop tablet',
    pairedAt: '2030-06-15T09:00:00.000Z',
    seenAt: null,
    person: 'Ines Corrow',
  };
  const code = { code: '012345', expiresAt: new Date(Date.now() + 600_000).toISOString() };

  it('show how one gets in: address, code, fingerprint', async () => {
    server(() => ({ body: code }));
    render(<DevicesView lan={lan} devices={[]} refusals={[]} />);
    expect(screen.getByRole('img', { name: 'QR code of https://192.0.2.7:4681/pair' })).toBeInTheDocument();
    expect(screen.getByText('https://192.0.2.7:4681/pair')).toBeInTheDocument();
    expect(screen.getByText('A5:A5')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Download certificate' })).toHaveAttribute('href', '/ivrek-authority.crt');
    press('Show a code');
    expect(await screen.findByTestId('code')).toHaveTextContent('012 345');
  });

  it('say what to do where the network is not served', () => {
    render(<DevicesView lan={null} devices={[]} refusals={[]} />);
    expect(screen.getByTestId('let-in')).toHaveTextContent('./ivrek start --lan');
    expect(screen.queryByRole('button', { name: 'Show a code' })).toBeNull();
  });

  it('are named and sent away', async () => {
    server((a) => ({ body: { refusals: [], devices: a.method === 'DELETE' ? [] : [{ ...row, name: 'By the lift' }] } }));
    render(<DevicesView lan={lan} devices={[row]} refusals={[]} />);
    expect(screen.getByTestId('devices')).toHaveTextContent('Ines Corrow · paired 15 Jun');
    const name = screen.getByLabelText('Name');
    fireEvent.change(name, { target: { value: '  ' } });
    fireEvent.blur(name);
    expect(screen.getByText('Enter a name.')).toBeInTheDocument();
    fireEvent.change(name, { target: { value: 'By the lift' } });
    fireEvent.blur(name);
    fireEvent.click(await screen.findByRole('button', { name: 'Remove: By the lift' }));
    expect(await screen.findByText(/No tablets paired/)).toBeInTheDocument();
    expect(asked.map((a) => [a.method, a.body])).toEqual([
      ['PUT', { id: 'd1', name: 'By the lift' }],
      ['DELETE', { id: 'd1' }],
    ]);
  });

  it('name who was refused', () => {
    const refusals = [{ at: '2030-01-01T08:00:00.000Z', address: '192.168.1.20', name: 'Old phone', why: 'wrong code' }];
    render(<DevicesView lan={lan} devices={[]} refusals={refusals} />);
    expect(screen.getByTestId('refusals')).toHaveTextContent('Old phone from 192.168.1.20: wrong code');
  });

  it('say why something was not done, and keep the list', async () => {
    server(() => ({ status: 404, body: { message: 'There is no such device.' } }));
    render(<DevicesView lan={lan} devices={[row]} refusals={[]} />);
    press('Remove: Workshop tablet');
    expect(await screen.findByRole('alert')).toHaveTextContent('There is no such device.');
    expect(screen.getByRole('button', { name: 'Remove: Workshop tablet' })).toBeInTheDocument();
    server(() => 'cut');
    press('Show a code');
    await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('The server cannot be reached just now.'));
  });
});

describe('backups', () => {
  it('say when each was made and that it was restored, or why it does not count', () => {
    const made = { kind: 'daily', madeAt: '2030-06-15T08:00:00.000Z', bytes: 1_840_000 } as const;
    const good = { ...made, file: '/x/2030-06-15-daily.dump', provedAt: '2030-06-15T08:00:04.000Z', seconds: 3.94, entries: 412 };
    const bad = { ...made, file: '/x/all.tar', kind: 'backup' as const, problem: 'the journal of A is not whole' };
    render(<WorkshopsView shops={[]} demo="gone" backups={[good, bad]} />);
    expect(screen.getByTestId('backups')).toHaveTextContent(/Daily, 15 Jun 2030, .*1\.8 MB.*Restored to check it: 412 entries in 3\.9 s/);
    expect(screen.getByTestId('backups')).toHaveTextContent('all.tar');
    expect(screen.getByTestId('backups')).toHaveTextContent('Does not count: the journal of A is not whole');
  });

  it('teach what they are while there is none', () => {
    render(<WorkshopsView shops={[]} demo="gone" backups={[]} />);
    expect(screen.getByTestId('backups')).toHaveTextContent('./ivrek backup FILE');
  });
});

describe('pairing', () => {
  it('wants six digits, however they are grouped, and sends them with a name', async () => {
    server(() => ({ status: 403, body: { message: 'This is not the code on the computer.' } }));
    render(<PairView />);
    write('Code', '12 34');
    press('Pair');
    expect(screen.getByText('Six digits.')).toBeInTheDocument();
    expect(asked).toEqual([]);
    write('Code', '123-456');
    write('Device name', ' Workshop tablet ');
    press('Pair');
    expect(await screen.findByRole('alert')).toHaveTextContent('This is not the code on the computer.');
    expect(asked[0]).toMatchObject({ method: 'POST', path: '/api/pair', body: { code: '123456', name: 'Workshop tablet' } });
    expect(screen.getByLabelText('Code')).toHaveValue('123-456');
  });

  it('takes the code from an address, and says when the computer is away', async () => {
    history.replaceState(null, '', '/pair#654321');
    server(() => 'cut');
    render(<PairView />);
    await waitFor(() => expect(screen.getByLabelText('Code')).toHaveValue('654321'));
    press('Pair');
    expect(await screen.findByRole('alert')).toHaveTextContent('The computer cannot be reached just now.');
    history.replaceState(null, '', '/');
  });
});

describe('the calendar’s address', () => {
  const props = { shopId: 's1', token: 'old', bases: ['http://127.0.0.1:4680', 'https://192.0.2.7:4681'] };
  const addresses = () => screen.getAllByTestId('feed').map((f) => f.textContent);

  it('stands there for every way to this computer, and a new one takes its place', async () => {
    server(() => ({ body: { token: 'new' } }));
    render(<CalendarView {...props} />);
    expect(addresses()).toEqual(['http://127.0.0.1:4680/calendar/s1.old.ics', 'https://192.0.2.7:4681/calendar/s1.old.ics']);
    press(/Make a new address/);
    await waitFor(() => expect(addresses()[0]).toBe('http://127.0.0.1:4680/calendar/s1.new.ics'));
  });

  it('is copied with one tap, or the page says why not', async () => {
    const writeText = vi.fn(() => Promise.resolve());
    vi.stubGlobal('navigator', { clipboard: { writeText } });
    render(<CalendarView {...props} />);
    press('Copy the address at 192.0.2.7:4681');
    await waitFor(() => expect(writeText).toHaveBeenCalledWith('https://192.0.2.7:4681/calendar/s1.old.ics'));
    expect(await screen.findByText('Copied')).toBeInTheDocument();
    vi.stubGlobal('navigator', { clipboard: { writeText: () => Promise.reject(new Error('no')) } });
    press('Copy the address at 127.0.0.1:4680');
    expect(await screen.findByRole('alert')).toHaveTextContent('copy it by hand');
  });

  it('stays as it was where the server does not answer', async () => {
    server(() => 'cut');
    render(<CalendarView {...props} />);
    press(/Make a new address/);
    expect(await screen.findByRole('alert')).toHaveTextContent('cannot be reached');
    expect(within(screen.getByRole('main')).getAllByText(/s1\.old\.ics/)).toHaveLength(2);
  });
});
