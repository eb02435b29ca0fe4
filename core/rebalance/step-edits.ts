import { argOf, filledIn, msg, type Filled, type StepMsg } from '../explain';
import { type Line, type Part, massOf } from '../formula';
import { EGG_GROUPS, type Lookup, idOf } from '../ingredients';
import { spokenOf, type StepEdit, type StepKind } from '../method';
import { POURED } from './hold-back';
import { waterLineId, evensLineId, type Choice, type Variable } from './variables';

/** Less than a scale of tenths shows, g. */
const LEAST_TOLD_G = 0.05;

/**
 * The step of a line that came for no one thing: what is poured goes in before what else is poured, a binder with the dry
 * things. None for other lines.
 */
export function eveningStep(line: Line, part: Part, lookup: Lookup): StepEdit[] {
  const pours = line.id === waterLineId(part) || line.id === evensLineId(part, 'acid');
  if (!pours && line.id !== evensLineId(part, 'bind')) return [];
  return [
    {
      op: 'insert',
      before: ['mix', 'whisk', 'knead', 'fold'],
      kind: 'mix',
      msg: msg(pours ? 'step.pour' : 'step.intoDry', { n1: idOf(line.item) ?? '', g1: massOf(line) }),
      lineIds: part.lines
        .filter((l) => (pours ? POURED.includes(lookup(l.item)?.group ?? '') : lookup(l.item)?.flour))
        .map((l) => l.id),
    },
  ];
}

/** An amount of a way, as steps speak of it. */
type Brought = {
  v: Pick<Variable, 'came' | 'joins'> & { ingredient: { id: string } };
  massG: number | null;
};

/** The things of a way as steps speak of them, with their amounts: n1 and g1, n2 and g2, and so on. */
const amountsOf = (own: readonly Brought[]): Filled =>
  Object.fromEntries<string | number>(
    own.slice(0, 3).flatMap(({ v, massG }, i) => [
      [`n${i + 1}`, v.ingredient.id],
      [`g${i + 1}`, massG ?? 0],
    ]),
  );

/** What steps say of the thing that went, and what they say in its place. */
function insteadOf(
  { conflict, kit }: Choice,
  choices: readonly Choice[],
  joined: boolean,
  part: Part,
  lookup: Lookup,
): StepEdit[] {
  const names = part.lines
    .filter((l) => conflict.lineIds.includes(l.id))
    .map((l) => spokenOf(lookup(l.item)?.names ?? []));
  if (names.length === 0) return [];
  const washed = choices.some(
    (c) =>
      c.conflict.role === 'wash' &&
      c.conflict.ingredientIds.some((id) => conflict.ingredientIds.includes(id)),
  );
  // What holds a dough as egg did gives no shine.
  const notBrushed = conflict.role === null && (washed || EGG_GROUPS.includes(conflict.group));
  // What only makes lines larger that are there is no thing to name.
  const nothing = kit.items.length === 0 || joined;
  const water = !nothing && kit.items.every((i) => 'id' in i.item && i.item.id === 'water');
  const spoken = conflict.role === null ? names : [];
  return [
    {
      op: 'instead',
      of: {
        exact: [...new Set(spoken.flatMap((n) => n.exact))],
        loose: [...new Set(spoken.flatMap((n) => n.loose))],
      },
      lineIds: conflict.lineIds,
      comes: nothing ? 'nothing' : water ? 'water' : 'thing',
      msg: msg(joined && kit.items.some((i) => i.state) ? 'step.joined' : 'step.instead', {
        was: conflict.ingredientIds[0]!,
        kit: kit.id,
      }),
      // A way that is water alone, or nothing, is no thing to name.
      inline: !nothing && !water,
      foams: kit.covers.includes('foam'),
      ...(notBrushed ? { notBrushed } : {}),
    },
  ];
}

/** Method edits of the chosen kits, with the amounts they speak of filled in. */
export function editsOf(
  choices: readonly Choice[],
  all: readonly Brought[],
  part: Part,
  lookup: Lookup,
): StepEdit[] {
  return choices.flatMap((choice): StepEdit[] => {
    const { conflict, kit } = choice;
    const own = all.filter(
      ({ v, massG }) =>
        v.came?.kit === kit.id &&
        v.came.for === conflict.id &&
        v.ingredient.id !== 'baking_powder' &&
        // An amount of nothing is no amount: what has no grams is told in words.
        (massG ?? 0) > LEAST_TOLD_G,
    );
    const gels = kit.items.flatMap((i) => (i.state === 'gel' ? (lookup(i.item)?.id ?? []) : []));
    const more = own.some(({ v }) => v.joins !== null && gels.includes(v.ingredient.id));
    const joined = more || (own.length > 0 && own.every(({ v }) => v.joins !== null));
    // Water that came with more of what is there, and has no line to join.
    const poured = more ? own.find(({ v }) => v.joins === null && v.ingredient.id === 'water') : undefined;
    const pour: StepEdit[] = poured
      ? [
          {
            op: 'insert',
            before: ['gel', 'whisk', 'mix', 'knead'] satisfies StepKind[],
            kind: 'mix',
            msg: msg('step.pour', { n1: 'water', g1: poured.massG ?? 0 }),
          },
        ]
      : [];
    const amounts = amountsOf(own);
    const steps = kit.steps
      // No gel is made of what joins the dough; what the method whisks already is whisked once.
      .filter((s) => !(s.op === 'insert' && (joined || (s.kind === 'whisk' && conflict.how === 'whipped'))))
      .map((s) => ({
        ...s,
        ...(s.op === 'insert' && conflict.role === null ? { lineIds: conflict.lineIds } : {}),
        msg: filledIn(s.msg, amounts),
      }));
    return [...insteadOf(choice, choices, joined, part, lookup), ...pour, ...steps];
  });
}

/** What tells two made things apart: what is done, with what, how long it waits. */
const makes = ({ code, args }: StepMsg): string =>
  JSON.stringify([code, Object.entries(args).filter(([key]) => !/^g\d$/.test(key))]);

/** The same gel for two things is made once, of both amounts. */
export function madeOnce(edits: readonly StepEdit[]): StepEdit[] {
  const out: StepEdit[] = [];
  for (const edit of edits) {
    const at =
      edit.op === 'insert' ? out.findIndex((e) => e.op === 'insert' && makes(e.msg) === makes(edit.msg)) : -1;
    const before = out[at];
    if (edit.op !== 'insert' || before?.op !== 'insert') {
      out.push(edit);
      continue;
    }
    const sum = (g: 'g1' | 'g2' | 'g3'): Filled => {
      const [a, b] = [argOf(before.msg, g), argOf(edit.msg, g)];
      return a === undefined || b === undefined ? {} : { [g]: a + b };
    };
    out[at] = {
      ...before,
      msg: filledIn(before.msg, { ...sum('g1'), ...sum('g2'), ...sum('g3') }),
      lineIds: [...new Set([...(before.lineIds ?? []), ...(edit.lineIds ?? [])])],
    };
  }
  return out;
}
