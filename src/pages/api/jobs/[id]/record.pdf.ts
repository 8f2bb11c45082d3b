import { zone } from '../../../../ui/controls/times';
import type { APIRoute } from 'astro';
import { knowledge as shipped } from 'virtual:knowledge';
import { headOf, recordNotice, recordOf } from '../../../../core/handover';
import { withOwn } from '../../../../core/knowledge';
import { list, stateOf } from '../../../../core/state';

import { pool } from '../../../../server/db/pool';
import { recordPdf } from '../../../../server/files/recordPdf';
import { json } from '../../../../server/http/body';
import { jobSnapshot } from '../../../../server/queries/job';

export const GET: APIRoute = async ({ params, locals }) => {
  const snapshot = await jobSnapshot(pool(), locals.session!.shopId, params.id ?? '', null);
  if (!snapshot) return json({ message: 'There is no such job here.' }, 404);
  const state = stateOf(snapshot);
  const record = recordOf(state, withOwn(shipped, list(state, 'own')), snapshot.jobId, headOf(snapshot, state, zone()));
  const pdf = await recordPdf(record, recordNotice);
  return new Response(new Uint8Array(pdf), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="record.pdf"', 'cache-control': 'no-store' },
  });
};
