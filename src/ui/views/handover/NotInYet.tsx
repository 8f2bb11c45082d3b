import Typography from '@mui/material/Typography';
import { useEffect } from 'react';
import { useDevice } from '../../device/useDevice';
import { call } from '../../device/client';

/**
 * What this device still holds of a job is sent from here too, and the record is drawn anew once something has arrived that is not in
 * it. `upTo` is the journal number that it was drawn at.
 */
export function NotInYet({ shopId, jobId, upTo }: { shopId: string; jobId: string; upTo: number }) {
  const { device, items } = useDevice(shopId);
  const own = items.filter((i) => i.jobId === jobId).length;
  useEffect(() => {
    const look = async () => {
      const page = await call('GET /api/journal', { query: { after: upTo, job: jobId } });
      if (page.ok && page.body.entries.length > 0 && (await device.items(jobId)).length === 0) location.reload();
    };
    // An entry may have arrived while the page was drawn, before this one listened.
    void look();
    return device.subscribe((news) => {
      if (news.kind === 'answered' && news.jobId === jobId) void look();
    });
  }, [device, jobId, upTo]);
  if (own === 0) return null;
  return (
    <Typography role="status" sx={{ mb: 1, fontWeight: 600, '@media print': { display: 'none' } }}>
      {own === 1 ? 'One entry' : `${own} entries`} of this bike {own === 1 ? 'is' : 'are'} on this device only, and not in the record yet.
    </Typography>
  );
}
