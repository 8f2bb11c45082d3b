import type { APIRoute } from 'astro';
import { list, stateOf } from '../../../../core/state';
import { screwsOf } from '../../../../core/strip';
import { pool } from '../../../../server/db/pool';
import { outlinePdf } from '../../../../server/files/outlinePdf';
import { json } from '../../../../server/http/body';
import { jobSnapshot } from '../../../../server/queries/job';

/** The outline of a cover as a card on A4, to push its screws through: `?outline=` is its id. */
export const GET: APIRoute = async ({ params, locals, url }) => {
  const snapshot = await jobSnapshot(pool(), locals.session!.shopId, params.id ?? '', null);
  if (!snapshot) return json({ message: 'There is no such job here.' }, 404);
  const state = stateOf(snapshot);
  const outline = state.rows.outline.get(url.searchParams.get('outline') ?? '');
  const step = outline && state.rows.step.get(outline.stepId);
  if (!outline || !step || outline.jobId !== snapshot.jobId) return json({ message: 'There is no such outline on this job.' }, 404);
  const bike = list(state, 'bike').find((b) => b.id === state.rows.job.get(snapshot.jobId)?.bikeId)?.name ?? '';
  const holes = list(state, 'hole').filter((h) => h.outlineId === outline.id);
  const pdf = await outlinePdf({
    bike,
    title: step.title,
    outline,
    holes,
    screws: screwsOf(step.id, list(state, 'fastener'), holes),
  });
  return new Response(new Uint8Array(pdf), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="card.pdf"', 'cache-control': 'no-store' },
  });
};
