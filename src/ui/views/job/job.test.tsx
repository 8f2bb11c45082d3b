import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { id } from '../../../../test/fixtures/commands';
import { FakeServer } from '../../../../test/fixtures/fakeServer';
import { HereWorker } from '../../../../test/fixtures/hereWorker';
import { drawJob, stagesReady } from '../../../../test/fixtures/jobScreen';
import { snapshotAfter } from '../../../../test/fixtures/snapshot';
import { after } from '../../../../test/fixtures/state';
import { deviceFor } from '../../device/device';
import { visit } from '../../job/address';
import type { StageId } from '../../../core/stage';

// The stages of a job as one application: moving between them loads no page.

await stagesReady('strip', 'parts', 'measure', 'trace', 'decide');

let shopId = '';
let workers: HereWorker[] = [];
beforeEach(() => {
  workers = [];
  vi.stubGlobal(
    'Worker',
    class extends HereWorker {
      constructor() {
        super();
        workers.push(this);
      }
    },
  );
});
afterEach(async () => {
  await deviceFor(shopId).send();
  vi.unstubAllGlobals();
});

function open(stage: StageId, type = 'part.add') {
  new FakeServer(after(type));
  const snapshot = snapshotAfter(type);
  shopId = snapshot.shop.id;
  return drawJob(snapshot, stage);
}
const knot = (name: string) =>
  within(screen.getByRole('navigation', { name: 'Stages of this job' })).getByRole('link', { name: new RegExp(`^${name}:`) });
const part = () => screen.getByRole('textbox', { name: 'Price each (¤)', hidden: true });
const main = () => screen.getByRole('main');

describe('moving between stages', () => {
  it('a knot shows its stage under its own address and title, and hands it the keys', async () => {
    open('strip');
    expect(document.title).toMatch(/: Strip · Ivrek$/);
    fireEvent.click(knot('Parts'));
    expect(await screen.findByRole('textbox', { name: 'Price each (¤)' })).toBeVisible();
    expect(location.pathname).toBe(`/job/${id.job}/parts`);
    expect(document.title).toMatch(/: Parts · Ivrek$/);
    expect(knot('Parts')).toHaveAttribute('aria-current', 'page');
    expect(main()).toHaveFocus();
    expect(screen.queryByRole('button', { name: 'Log the step' })).toBeNull();
  });

  it('what is half typed and how far it was scrolled is there again, and back leads back', async () => {
    open('parts');
    fireEvent.change(part(), { target: { value: '12.50' } });
    main().scrollTop = 120;
    fireEvent.click(knot('Strip'));
    await waitFor(() => expect(part()).not.toBeVisible());
    expect(main().scrollTop).toBe(0);
    main().scrollTop = 40;
    act(() => history.back());
    await waitFor(() => expect(part()).toBeVisible());
    expect(part()).toHaveValue('12.50');
    expect(main().scrollTop).toBe(120);
    act(() => history.forward());
    await waitFor(() => expect(main().scrollTop).toBe(40));
  });

  it('an entry made in one stage stands in the others', async () => {
    open('parts');
    fireEvent.change(screen.getByRole('textbox', { name: 'Part' }), { target: { value: 'Left grip' } });
    fireEvent.change(part(), { target: { value: '12.50' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add part' }));
    expect(await screen.findByText('Left grip')).toBeVisible();
    fireEvent.click(knot('Decide'));
    await waitFor(() => expect(screen.getByTestId('causes')).toBeVisible());
    expect(Number.parseFloat(screen.getByText('Parts needed, not ordered').nextSibling!.textContent!)).toBeGreaterThanOrEqual(12.5);
  });

  it('Measure is gone back to at its open panel; its knot leads from there to all of them', async () => {
    open('measure');
    fireEvent.click(within(screen.getByTestId('rack')).getByRole('link', { name: /Compression/ }));
    await waitFor(() => expect(location.search).toBe('?panel=compression'));
    fireEvent.click(knot('Strip'));
    await waitFor(() => expect(location.pathname).toBe(`/job/${id.job}/strip`));
    expect(knot('Measure')).toHaveAttribute('href', `/job/${id.job}/measure?panel=compression`);
    fireEvent.click(knot('Measure'));
    await waitFor(() => expect(location.search).toBe('?panel=compression'));
    expect(screen.queryByTestId('rack')).toBeNull();
    fireEvent.click(knot('Measure'));
    expect(await screen.findByTestId('rack')).toBeVisible();
    expect(location.search).toBe('');
  });

  it('one worker thinks for all stages, and is asked once for one case', async () => {
    const ranked = vi.spyOn(HereWorker.prototype, 'postMessage');
    open('trace', 'job.set');
    const asked = () => ranked.mock.calls.filter(([r]) => r.kind === 'rank').length;
    await waitFor(() => expect(asked()).toBe(1));
    fireEvent.click(knot('Strip'));
    await waitFor(() => expect(location.pathname).toBe(`/job/${id.job}/strip`));
    fireEvent.click(knot('Trace'));
    await waitFor(() => expect(screen.getByTestId('suspects')).toBeVisible());
    expect(asked()).toBe(1);
    expect(workers).toHaveLength(1);
    ranked.mockRestore();
  });

  it('pages of another bike, files and new tabs are left to the browser', () => {
    open('strip');
    const assign = vi.fn();
    const { href, origin, pathname } = location;
    vi.stubGlobal('location', { href, origin, pathname, search: '', assign, toString: () => href });
    visit(`/job/${id.person}/strip`);
    visit(`/job/${id.job}/record`);
    expect(assign.mock.calls.map(([to]) => (to as URL).pathname)).toEqual([`/job/${id.person}/strip`, `/job/${id.job}/record`]);
    const press = (init: MouseEventInit) => {
      let taken = true;
      document.addEventListener(
        'click',
        (e) => {
          taken = e.defaultPrevented;
          // What the browser itself would do with it is not wanted here.
          e.preventDefault();
        },
        { once: true },
      );
      fireEvent.click(knot('Parts'), init);
      return taken;
    };
    expect(press({ ctrlKey: true })).toBe(false);
    expect(press({ shiftKey: true })).toBe(false);
  });
});
