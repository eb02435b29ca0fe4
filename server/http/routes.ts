import { json, Router, type RequestHandler } from 'express';
import { bodySchema, querySchema } from '../../contract/call-schemas';
import { CALLS, isNoted, type CallName } from '../../contract/calls';
import { note } from '../people/people';
import { checked, only } from './guards';
import type { Admit, Admitted } from './admit';
import type { Handlers, House } from './handlers';
import { kitchenCalls, LINES } from './kitchen-calls';
import { TRIED, type PeopleCall } from './people-routes';

/** A body is no larger; a file of everything comes and goes line by line, however large it is. */
const asJson = json({ limit: '1mb', strict: true });

/**
 * Everything under /api/v1, made from the declared calls: one that is not declared has no way in, and each is admitted
 * before anything that came with it is read.
 */
export function apiRoutes(admit: Admit, people: Pick<Handlers, PeopleCall>, tries?: RequestHandler): Router {
  const api = Router();
  const known = new WeakMap<House, Handlers>();
  const answersOf = (house: House): Handlers => {
    let there = known.get(house);
    if (!there) known.set(house, (there = { ...kitchenCalls(house), ...people }));
    return there;
  };
  for (const name of Object.keys(CALLS) as CallName[]) {
    const call = CALLS[name];
    const [body, query] = [bodySchema(name), querySchema(name)];
    const comeIn: RequestHandler = async (req, res, next) => {
      res.locals.call = name;
      const admitted = await admit(name, req, res);
      res.locals.admitted = admitted;
      // What somebody sees is kept by no cache between, nor for who uses the browser after them.
      if (admitted.who) res.setHeader('Cache-Control', 'no-store');
      next();
    };
    const taken = call.stream ? [only(LINES)] : [only('application/json'), asJson];
    const few = tries && TRIED.includes(name) ? [tries] : [];
    api[call.method](call.path, ...few, comeIn, ...taken, async (req, res) => {
      const { house, who } = res.locals.admitted as Admitted;
      const id = String(req.params.id ?? '');
      const ask = {
        house,
        who,
        id,
        body: body ? checked(body, req.body) : undefined,
        query: query ? checked(query, { ...req.query }) : undefined,
        req,
        res,
      };
      const said: unknown = await (answersOf(house)[name] as (ask: unknown) => unknown)(ask);
      if (who && isNoted(name)) await note(house.db, who, name, id || idIn(said));
      if (call.stream) return;
      if (call.status === 204) res.status(204).end();
      else res.status(call.status).json(said);
    });
  }
  return api;
}

/** The id of what was made. */
function idIn(said: unknown): string {
  const made = (said ?? {}) as { id?: unknown; formula?: { id?: unknown } };
  const found = made.id ?? made.formula?.id;
  return typeof found === 'string' ? found : '';
}
