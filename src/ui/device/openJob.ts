import type { JobSnapshot } from '../../core/state';
import type { Device } from './device';
import type { OutboxItem } from './types';

/** How the booking in of a job went: at the server, kept here until the line is back, refused, or not even kept here. */
export type Opening = 'sent' | 'later' | 'refused' | 'unkept';

/** Keeps the entry that opens a job, and the job itself, so that it can be worked on with or without a server. */
export async function openJob(device: Device, snapshot: JobSnapshot, item: OutboxItem): Promise<Opening> {
  const settled = new Promise<Opening>((done) => {
    const deaf = device.subscribe((news) => {
      const about = 'id' in news && news.id === item.id;
      if (about) done(news.kind === 'answered' ? 'sent' : 'refused');
      if (news.kind === 'line' && news.line !== 'up') done('later');
      if (about || (news.kind === 'line' && news.line !== 'up')) deaf();
    });
  });
  try {
    await device.saveSnapshot(snapshot);
    await device.save([item]);
  } catch {
    return 'unkept';
  }
  return settled;
}

/** What a person is told where a job could not be opened; null where it could. */
export function openingProblem(opening: Opening): string | null {
  if (opening === 'unkept')
    // It goes out from this page all the same while the page lives (see Device.keep).
    return 'This device cannot save anything: its storage is full or closed. If the server can be reached, the bike is booked in there: check Next before you try again. Your entries are still here.';
  return opening === 'refused' ? 'The server refused this. Your entries are still here.' : null;
}
