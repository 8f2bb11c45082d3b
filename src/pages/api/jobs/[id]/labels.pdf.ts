import type { APIRoute } from 'astro';
import { list, stateOf } from '../../../../core/state';
import { labelsOf } from '../../../../core/strip';
import { pool } from '../../../../server/db/pool';
import { labelsPdf, labelSizes } from '../../../../server/files/labelsPdf';
import { json } from '../../../../server/http/body';
import { lanInfo } from '../../../../server/lan/mode';
import { jobSnapshot } from '../../../../server/queries/job';

/** Labels for the bags and parts that are off, each with a code that opens it: `?size=a4` for sheets, `label` for a label printer. */
export const GET: APIRoute = async ({ params, locals, url }) => {
  const size = labelSizes.find((s) => s === (url.searchParams.get('size') ?? 'a4'));
  if (!size) return json({ message: 'size is a4 or label.' }, 400);
  const snapshot = await jobSnapshot(pool(), locals.session!.shopId, params.id ?? '', null);
  if (!snapshot) return json({ message: 'There is no such job here.' }, 404);
  const state = stateOf(snapshot);
  const own = <T extends { jobId: string }>(rows: readonly T[]) => rows.filter((r) => r.jobId === snapshot.jobId);
  const labels = labelsOf(own(list(state, 'step')), own(list(state, 'fastener')));
  if (labels.length === 0) return json({ message: 'Nothing is off this bike, so there is nothing to label.' }, 404);
  // A phone that reads the code reaches Ivrek by its address in the network, where it has one.
  const origin = lanInfo()?.urls[0] ?? url.origin;
  const bike = list(state, 'bike').find((b) => b.id === state.rows.job.get(snapshot.jobId)?.bikeId)?.name ?? '';
  const address = (opens: Record<string, string>) => `${origin}/job/${snapshot.jobId}/strip?${new URLSearchParams(opens).toString()}`;
  const pdf = await labelsPdf(labels, bike, (l) => address(l.opens), size);
  return new Response(new Uint8Array(pdf), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="labels.pdf"', 'cache-control': 'no-store' },
  });
};
