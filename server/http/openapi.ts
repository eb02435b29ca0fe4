import type { Schema, SchemaDescription, SchemaObjectDescription, SchemaInnerTypeDescription } from 'yup';
import {
  createPantrySchema,
  eaterSchema,
  kitchenSchema,
  pantryIdsSchema,
  putPantrySchema,
  waySchema,
} from '../../contract/pantry-schemas';
import {
  adaptSchema,
  createFormulaSchema,
  createVersionSchema,
  labelsSchema,
  matchSchema,
  putDraftSchema,
  readSchema,
  changeFormulaSchema,
  markVersionSchema,
} from '../../contract/schemas';
import { restoreSchema } from '../../contract/backup';
import { bakeSchema } from '../../contract/bake-schemas';
import { PROBLEM_STATUS } from '../../contract/problem';

type Json = Record<string, unknown>;
type Described = SchemaDescription & Partial<SchemaObjectDescription> & Partial<SchemaInnerTypeDescription>;

/** A Yup description as JSON schema. Lazy schemas (unions, free records) are described as plain objects. */
function jsonSchema(d: Described): Json {
  const out: Json = {};
  const limit = (name: string): unknown =>
    (d.tests.find((t) => t.name === name)?.params as Json | undefined)?.[name];
  if (d.type === 'object' && d.fields) {
    out.type = 'object';
    out.properties = Object.fromEntries(
      Object.entries(d.fields).map(([k, f]) => [k, jsonSchema(f as Described)]),
    );
    out.required = Object.entries(d.fields)
      .filter(([, f]) => 'optional' in f && !f.optional)
      .map(([k]) => k);
    out.additionalProperties = false;
  } else if (d.type === 'array') {
    out.type = 'array';
    out.items = d.innerType ? jsonSchema(d.innerType as Described) : {};
    if (limit('max') !== undefined) out.maxItems = limit('max');
  } else if (d.type === 'lazy') {
    out.type = 'object';
  } else if (d.type !== 'mixed') {
    out.type = d.type;
    const [least, most] = d.type === 'string' ? ['minLength', 'maxLength'] : ['minimum', 'maximum'];
    if (limit('min') !== undefined) out[least] = limit('min');
    if (limit('max') !== undefined) out[most] = limit('max');
  }
  if ('oneOf' in d && Array.isArray(d.oneOf) && d.oneOf.length > 0) out.enum = d.oneOf;
  if ('nullable' in d && d.nullable && out.type) out.type = [out.type, 'null'];
  return out;
}

type Call = [method: string, path: string, summary: string, body?: Schema];
const CALLS: Call[] = [
  ['get', '/health', 'Whether the server answers'],
  ['post', '/read', 'Reads a formula from text, line by line, into grams', readSchema as Schema],
  ['post', '/match', 'What written names may mean', matchSchema as Schema],
  ['post', '/labels', 'What the text of a packet names', labelsSchema as Schema],
  ['post', '/adapt', 'Adapts a formula to what has to go', adaptSchema as Schema],
  ['post', '/bake', 'What a change does to the time in the oven', bakeSchema as Schema],
  ['get', '/formulas', 'The shelf'],
  ['post', '/formulas', 'Puts a formula on the shelf', createFormulaSchema as Schema],
  ['get', '/formulas/{id}', 'A formula and its versions'],
  [
    'patch',
    '/formulas/{id}',
    'Renames a formula, puts it aside or takes it out again',
    changeFormulaSchema as Schema,
  ],
  ['delete', '/formulas/{id}', 'Takes a formula off the shelf; restore puts it back'],
  ['post', '/formulas/{id}/duplicate', 'Puts a copy of a formula and its versions on the shelf'],
  ['post', '/formulas/{id}/restore', 'Puts a formula back on the shelf'],
  ['post', '/formulas/{id}/versions', 'Keeps a version', createVersionSchema as Schema],
  ['get', '/versions/{id}', 'A kept version'],
  ['patch', '/versions/{id}', 'Names, notes or stars a version', markVersionSchema as Schema],
  ['get', '/formulas/{id}/draft', 'The working copy, or null'],
  ['put', '/formulas/{id}/draft', 'Saves the working copy', putDraftSchema as Schema],
  ['delete', '/formulas/{id}/draft', 'Drops the working copy'],
  ['get', '/pantry', "The baker's own ingredients, packets and blends, revision by revision"],
  ['post', '/pantry', 'Puts things into the pantry', createPantrySchema as Schema],
  ['put', '/pantry/{id}', 'A new revision of a thing in the pantry', putPantrySchema as Schema],
  [
    'post',
    '/pantry/remove',
    'Takes things out of the pantry; restore puts them back',
    pantryIdsSchema as Schema,
  ],
  ['post', '/pantry/restore', 'Puts things back into the pantry', pantryIdsSchema as Schema],
  ['get', '/eaters', 'Whom one bakes for'],
  ['post', '/eaters', 'Adds an eater or a table', eaterSchema as Schema],
  ['put', '/eaters/{id}', 'Changes an eater', eaterSchema as Schema],
  ['delete', '/eaters/{id}', 'Takes an eater off the list; restore puts them back'],
  ['post', '/eaters/{id}/restore', 'Puts an eater back on the list'],
  ['get', '/ways', "The baker's own ways to stand in for things"],
  ['post', '/ways', 'Adds a way of one’s own', waySchema as Schema],
  ['put', '/ways/{id}', 'Changes a way of one’s own', waySchema as Schema],
  ['delete', '/ways/{id}', 'Takes a way off the list; restore puts it back'],
  ['post', '/ways/{id}/restore', 'Puts a way back on the list'],
  ['get', '/kitchen', 'Measures, currency and rule set of the kitchen'],
  ['put', '/kitchen', 'Changes the kitchen', kitchenSchema as Schema],
  ['get', '/backup', 'Everything there is, as one file'],
  ['post', '/backup', 'Brings in what is not here yet', restoreSchema as Schema],
];

/** The API described, made from the schemas that check it. */
export function openApi(): Json {
  const paths: Record<string, Json> = {};
  for (const [method, path, summary, body] of CALLS) {
    const problems = {
      description: 'A problem',
      content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
    };
    const parameters = path.includes('{id}')
      ? [{ name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } }]
      : [];
    const requestBody = body && {
      required: true,
      content: { 'application/json': { schema: jsonSchema(body.describe()) } },
    };
    (paths[`/api/v1${path}`] ??= {})[method] = {
      summary,
      parameters,
      ...(requestBody ? { requestBody } : {}),
      responses: { '200': { description: 'Done' }, default: problems },
    };
  }
  const Problem = {
    type: 'object',
    properties: {
      status: { type: 'integer' },
      code: { enum: Object.keys(PROBLEM_STATUS) },
      path: { type: 'string' },
      args: { type: 'object' },
    },
    required: ['status', 'code', 'path', 'args'],
  };
  return {
    openapi: '3.1.0',
    info: { title: 'New Crumb', version: '1' },
    paths,
    components: { schemas: { Problem } },
  };
}
