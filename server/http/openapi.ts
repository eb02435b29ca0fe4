import type { SchemaDescription, SchemaObjectDescription, SchemaInnerTypeDescription } from 'yup';
import { bodySchema, querySchema } from '../../contract/call-schemas';
import { CALLS, type CallName } from '../../contract/calls';
import { PROBLEM_STATUS } from '../../contract/problem';
import { SUMMARIES } from '../../contract/summaries';

type Json = Record<string, unknown>;
type Described = SchemaDescription & Partial<SchemaObjectDescription> & Partial<SchemaInnerTypeDescription>;

/** A Yup description as JSON schema. Lazy schemas (unions, free records) are described as plain objects. */
function jsonSchema(d: Described): Json {
  const out: Json = {};
  const limit = (name: string): unknown => d.tests.find((t) => t.name === name)?.params?.[name];
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

/** The API described, made from the calls that are declared and the schemas that check them. */
export function openApi(): Json {
  const paths: Record<string, Json> = {};
  for (const name of Object.keys(CALLS) as CallName[]) {
    const call = CALLS[name];
    const problems = {
      description: 'A problem',
      content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
    };
    const path = call.path.replace(':id', '{id}');
    const asked = querySchema(name)?.describe();
    const query = asked ? jsonSchema(asked) : null;
    const parameters = [
      ...(path.includes('{id}')
        ? [{ name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } }]
        : []),
      ...Object.entries((query?.properties ?? {}) as Json).map(([name, schema]) => ({
        name,
        in: 'query',
        required: false,
        schema,
      })),
    ];
    const type = call.stream ? 'application/x-ndjson' : 'application/json';
    const checkedBy = bodySchema(name)?.describe();
    const body = checkedBy ? jsonSchema(checkedBy) : call.stream && call.method === 'post' ? {} : null;
    (paths[`/api/v1${path}`] ??= {})[call.method] = {
      summary: SUMMARIES[name],
      parameters,
      ...(body ? { requestBody: { required: true, content: { [type]: { schema: body } } } } : {}),
      responses: {
        [String(call.status)]: {
          description: 'Done',
          ...(call.status === 204 ? {} : { content: { [type]: {} } }),
        },
        default: problems,
      },
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
