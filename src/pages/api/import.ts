import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { BadPhoto, importJob, type Choices } from '../../server/files/import';
import { readJobFile } from '../../server/files/readJobFile';
import { json, readBytes } from '../../server/http/body';

const mostBytes = 400 * 1024 * 1024;

function readChoices(text: string | null): Choices | null {
  if (text === null) return {};
  try {
    const parsed = JSON.parse(decodeURIComponent(text)) as Record<string, unknown>;
    if (typeof parsed !== 'object' || parsed === null || Object.values(parsed).some((v) => v !== 'file' && v !== 'here')) return null;
    return parsed as Choices;
  } catch {
    return null;
  }
}

/**
 * Brings in an exported job, as JSON or as ZIP with its photos. With ?check it only says what would happen. What both sides
 * changed is chosen in the header x-ivrek-choices, as URL-encoded JSON: { key: "file" or "here" }.
 */
export const POST: APIRoute = async ({ request, url, locals }) => {
  const choices = readChoices(request.headers.get('x-ivrek-choices'));
  if (!choices) return json({ message: 'A choice is "file" or "here".' }, 400);
  const body = await readBytes(request, mostBytes, 'This file is larger than 400 MB.');
  if (!body.ok) return json({ message: body.message }, body.status);
  const read = readJobFile(body.value);
  if (!read.ok) return json({ message: read.message }, 422);
  try {
    const check = url.searchParams.has('check');
    const report = await importJob(pool(), locals.session!.shopId, read.job, choices, check);
    return json(report, check || report.done ? 200 : 409);
  } catch (error) {
    if (error instanceof BadPhoto) return json({ message: error.message }, 422);
    throw error;
  }
};
