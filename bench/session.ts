/** A session in the demo workshop, as a browser would get it. */
export async function demoSession(): Promise<{ url: string; cookie: string; jobs: Record<string, string> }> {
  const url = process.env.IVREK_URL;
  if (!url) throw new Error('IVREK_URL is not set: run ./ivrek bench');
  const { demoShopId } = await import('../src/server/demo/lanternYard');
  const r = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: url },
    body: JSON.stringify({ shopId: demoShopId }),
  });
  const cookie = (r.headers.get('set-cookie') ?? '').split(';')[0];
  const { lines } = (await (await fetch(`${url}/api/jobs`, { headers: { cookie } })).json()) as {
    lines: { jobId: string; bike: string }[];
  };
  return { url, cookie, jobs: Object.fromEntries(lines.map((l) => [l.bike, l.jobId])) };
}
