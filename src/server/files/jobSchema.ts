import { fields, tableNames } from '../../core/record';

const id = { type: 'string', pattern: '^[0-9a-fA-F-]{36}$' };
const value = { type: ['string', 'number', 'boolean', 'object', 'array', 'null'] };

/** JSON Schema (draft 07) of an exported job: every table with exactly the record's fields. */
export function jobSchema(): object {
  const row = (table: (typeof tableNames)[number]) => ({
    type: 'array',
    items: {
      type: 'object',
      required: ['id', ...fields[table], 'versions'],
      additionalProperties: false,
      properties: {
        id,
        ...Object.fromEntries(fields[table].map((f) => [f, value])),
        versions: { type: 'object', additionalProperties: { type: 'integer', minimum: 1 } },
      },
    },
  });
  const change = {
    type: 'object',
    required: ['op', 'table'],
    properties: {
      op: { enum: ['insert', 'update', 'delete'] },
      table: { enum: tableNames },
      id,
      row: { type: 'object' },
      set: { type: 'object' },
      was: { type: 'object' },
    },
  };
  return {
    $schema: 'http://json-schema.org/draft-07/schema#',
    title: 'A job exported from Ivrek',
    type: 'object',
    required: ['format', 'version', 'jobId', 'rows', 'personal', 'journal', 'digest'],
    additionalProperties: false,
    properties: {
      format: { const: 'ivrek-job' },
      version: { const: 2 },
      digest: { type: 'string', pattern: '^[0-9a-f]{64}$' },
      jobId: id,
      rows: {
        type: 'object',
        required: ['bike', 'job', 'complaint'],
        additionalProperties: false,
        properties: Object.fromEntries(tableNames.map((t) => [t, row(t)])),
      },
      personal: {
        type: 'array',
        items: {
          type: 'object',
          required: ['id', 'name', 'phone', 'email'],
          additionalProperties: false,
          properties: { id, name: { type: ['string', 'null'] }, phone: { type: ['string', 'null'] }, email: { type: ['string', 'null'] } },
        },
      },
      journal: {
        type: 'array',
        items: {
          type: 'object',
          required: [
            'seq',
            'id',
            'schemaVersion',
            'type',
            'entity',
            'madeAt',
            'after',
            'base',
            'payload',
            'changes',
            'actorId',
            'deviceId',
            'receivedAt',
          ],
          additionalProperties: false,
          properties: {
            seq: { type: 'integer', minimum: 1 },
            id,
            schemaVersion: { type: 'integer', minimum: 1 },
            type: { type: 'string' },
            entity: { type: 'object', required: ['kind', 'id'], properties: { kind: { enum: tableNames }, id } },
            madeAt: { type: 'string' },
            after: { type: ['integer', 'null'] },
            base: { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } },
            payload: { type: 'object' },
            changes: { type: 'array', items: change },
            actorId: { type: ['string', 'null'] },
            deviceId: { type: ['string', 'null'] },
            receivedAt: { type: 'string' },
          },
        },
      },
    },
  };
}
