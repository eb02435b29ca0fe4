/** What the server answers when it cannot do what was asked: application/problem+json with a code and where. */
export const PROBLEM_STATUS = {
  'body.notJson': 400,
  'body.invalid': 422,
  'body.tooLarge': 413,
  'body.wrongType': 415,
  'request.foreign': 403,
  'formula.notFound': 404,
  'version.notFound': 404,
  'draft.conflict': 409,
  'aside.notFound': 404,
  'version.otherFormula': 409,
  'kitchen.changed': 409,
  'eater.changed': 409,
  'way.changed': 409,
  'day.changed': 409,
  'backup.torn': 422,
  'backup.twice': 422,
  'backup.cut': 422,
  'backup.notOurs': 422,
  'backup.edition': 422,
  'backup.tooLarge': 413,
  'backup.busy': 409,
  'pantry.notFound': 404,
  'pantry.changed': 409,
  'pantry.unknownId': 422,
  'pantry.cycle': 422,
  'eater.notFound': 404,
  'way.notFound': 404,
  'day.notFound': 404,
  'run.notFound': 404,
  'trial.notFound': 404,
  'trial.changed': 409,
  'experiment.notFound': 404,
  'experiment.changed': 409,
  'tasting.notFound': 404,
  'tasting.changed': 409,
  'photo.notFound': 404,
  'photo.notJpeg': 422,
  'people.off': 409,
  'people.alreadySetUp': 409,
  'people.signInTaken': 409,
  'people.lastOwner': 409,
  'person.notFound': 404,
  'session.notFound': 404,
  'session.none': 401,
  'session.wrong': 401,
  'session.locked': 429,
  'session.tooMany': 429,
  'code.wrong': 401,
  'passphrase.weak': 422,
  'role.notAllowed': 403,
  'route.notFound': 404,
  'work.tooLong': 503,
  'work.busy': 503,
  'work.dropped': 499,
  'work.failed': 500,
  'store.full': 507,
  'store.busy': 503,
  'store.restarted': 503,
  'server.failed': 500,
} as const;
export type ProblemCode = keyof typeof PROBLEM_STATUS;

export type Problem = {
  status: number;
  code: ProblemCode;
  /** Where in the request, as a path of keys ("formula.parts[0].lines[3].amount"); empty when it is the whole. */
  path: string;
  args: Record<string, number | string>;
  /** What is there instead, where that helps: the other tab's draft on a conflict. */
  current?: unknown;
};

export const problem = (code: ProblemCode, path = '', args: Problem['args'] = {}): Problem => ({
  status: PROBLEM_STATUS[code],
  code,
  path,
  args,
});
