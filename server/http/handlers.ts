import type { Request, Response } from 'express';
import type { AnswerOf, BodyOf, CallName, QueryOf } from '../../contract/calls';
import type { Db, OpenDb } from '../db/open';
import type { Who } from '../people/door';
import type { Compute } from '../work/compute';

export type Ask<N extends CallName> = {
  /** The kitchen that is asked, and who asks; nobody where nobody signs in, or before they have. */
  house: House;
  who: Who | null;
  id: string;
  body: BodyOf<N>;
  query: QueryOf<N>;
  req: Request;
  res: Response;
};
type Handler<N extends CallName> = (ask: Ask<N>) => AnswerOf<N> | Promise<AnswerOf<N>>;
export type Handlers = { [N in CallName]: Handler<N> };

/** A kitchen, what computes for it, and its store; `demo` where a demo kitchen stands beside it, or it is the one. */
export type House = {
  kitchen: number;
  db: Db;
  compute: Compute;
  store: Pick<OpenDb, 'news' | 'tidy'>;
  demo?: boolean;
};
