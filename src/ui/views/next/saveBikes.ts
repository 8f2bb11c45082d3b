import type { Device } from '../../device/device';
import { call } from '../../device/client';

/** The most bikes that are brought onto a device by themselves. */
const mostBikes = 40;

/** Brings the open bikes of a workshop onto this device where they changed since, so that each opens without a server. */
export async function saveBikes(device: Device, lines: readonly { jobId: string; last: number }[], going: () => boolean): Promise<void> {
  const parts = await device.shelves();
  if (!parts) return;
  for (const { jobId, last } of lines.slice(0, mostBikes)) {
    if (!going()) return;
    const known = await parts.db.get('snapshot', [device.shopId, jobId]);
    if (known && known.snapshot.shop.seq >= last) continue;
    const job = await call('GET /api/jobs/:id', { id: jobId });
    if (job.ok) await device.saveSnapshot(job.body);
    // Without a server there is nothing to bring over.
    else if (job.status === 0) return;
  }
}
