import type { JobFileVersion } from './jobFile';
import { fields, kindsOf, tableNames } from '../../core/state';
import type { FieldKind, SpecialShape } from '../../core/state/kinds';

const id = { type: 'string', pattern: '^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$' };
const maybeId = { ...id, type: ['string', 'null'] };
/** As Date.toISOString() writes it, in a year from 1900 to 2199. */
const instant = { type: 'string', pattern: '^(19|20|21)[0-9]{2}-[0-9]{2}-[0-9]{2}T[0-9]{2}:[0-9]{2}:[0-9]{2}[.][0-9]{3}Z$' };
const words = (maxLength: number) => ({ type: ['string', 'null'], maxLength });
const number = { type: 'integer', minimum: 0, maximum: Number.MAX_SAFE_INTEGER };
const decimal = { type: 'string', pattern: '^[0-9]{1,9}([.][0-9]+)?$' };
const day = { type: 'string', pattern: '^[0-9]{4}-[0-9]{2}-[0-9]{2}$' };
const text = { type: 'string' };
const ofKind = (kind: string, ...names: string[]) => ({
  type: 'object',
  required: ['kind', ...names],
  additionalProperties: false,
  properties: { kind: { const: kind }, ...Object.fromEntries(names.map((n) => [n, { type: n === 'reason' ? 'string' : 'number' }])) },
});

/** Values that are more than a few bounds. Entries of own knowledge have a schema of their own: knowledge/schema. */
const specials: Record<SpecialShape, object> = {
  'counts by id': { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } },
  'fault entry': { type: 'object' },
  'value entry': { type: 'object' },
  'finding entry': { type: 'object' },
  'test entry': { type: 'object' },
  'reading value': {
    oneOf: [
      ofKind('exact', 'value'),
      ofKind('interval', 'low', 'high'),
      ofKind('atLeast', 'bound'),
      ofKind('atMost', 'bound'),
      ofKind('none', 'reason'),
    ],
  },
  'shown ranking': {
    type: 'object',
    required: ['suspects', 'next'],
    properties: {
      suspects: { type: 'array', items: { type: 'array', minItems: 2, maxItems: 2 } },
      next: { type: ['string', 'null'] },
    },
  },
  'words by word': { type: 'object', additionalProperties: text },
};

/** A value of a kind as JSON Schema. How long or how large it may be is said where it is entered, not here: that may change. */
function schemaOf(kind: FieldKind): object {
  const schema = plainSchemaOf(kind);
  return kind.maybe ? { anyOf: [schema, { type: 'null' }] } : schema;
}

function plainSchemaOf(kind: FieldKind): object {
  switch (kind.is) {
    case 'id':
      return id;
    case 'words':
    case 'position':
    case 'unit':
      return text;
    case 'oneOf':
      return { enum: kind.values };
    case 'whole':
      return { type: 'integer' };
    case 'figure':
      return { type: 'number' };
    case 'decimal':
      return decimal;
    case 'instant':
      return instant;
    case 'day':
      return day;
    case 'truth':
      return { type: 'boolean' };
    case 'sha256':
      return { type: 'string', pattern: '^[0-9a-f]{64}$' };
    case 'sheet':
      return { type: 'object' };
    case 'map':
      return { type: 'object', additionalProperties: { enum: kind.values } };
    case 'list':
      return { type: 'array', items: schemaOf(kind.of) };
    case 'object': {
      const required = Object.entries(kind.fields).flatMap(([n, k]) => (k.optional ? [] : [n]));
      const properties = Object.fromEntries(Object.entries(kind.fields).map(([n, k]) => [n, schemaOf(k)]));
      return { type: 'object', required, additionalProperties: false, properties };
    }
    case 'special':
      return specials[kind.name];
  }
}

/**
 * JSON Schema (draft 07) of an exported job: every table with exactly the record's fields. Files of version 1 have no digest, of version 2 no groups; with
 * `older`, fields that a release before did not know yet may be missing.
 */
export function jobSchema(version: JobFileVersion = 3, older = false): object {
  const row = (table: (typeof tableNames)[number]) => ({
    type: 'array',
    items: {
      type: 'object',
      required: older ? ['id'] : ['id', ...fields[table], 'versions'],
      additionalProperties: false,
      properties: {
        id,
        ...Object.fromEntries(Object.entries(kindsOf(table)).map(([f, kind]) => [f, schemaOf(kind)])),
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
    required: ['format', 'version', 'jobId', 'rows', 'personal', 'journal', ...(version > 1 ? ['digest'] : [])],
    additionalProperties: false,
    properties: {
      format: { const: 'ivrek-job' },
      version: { const: version },
      ...(version > 1 && { digest: { type: 'string', pattern: '^[0-9a-f]{64}$' } }),
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
          properties: { id, name: words(120), phone: words(60), email: words(200) },
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
            seq: { ...number, minimum: 1 },
            id,
            schemaVersion: { type: 'integer', minimum: 1 },
            type: { type: 'string', maxLength: 60 },
            entity: {
              type: 'object',
              required: ['kind', 'id'],
              additionalProperties: false,
              properties: { kind: { enum: tableNames }, id },
            },
            madeAt: instant,
            after: { ...number, type: ['integer', 'null'] },
            base: { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } },
            payload: { type: 'object' },
            ...(version > 2 && { group: id }),
            changes: { type: 'array', items: change },
            actorId: maybeId,
            deviceId: maybeId,
            receivedAt: instant,
          },
        },
      },
    },
  };
}
