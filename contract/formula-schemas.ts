import { array, boolean, lazy, number, string } from 'yup';
import { CLASS_IDS, HOWS } from '../core/classes';
import { KIND_REASONS, LINE_ROLES } from '../core/formula';
import { AVOID_IDS, GROUP_IDS } from '../core/ingredients';
import { STEP_KINDS } from '../core/method';
import { MAX_LINES } from '../core/reading';
import { UNIT_IDS } from '../core/units';
import { maybeTin, phases } from './bake-schemas';
import { action, actionMend } from './method-schemas';
import { finite, id, maybe, obj, plainRecord, sourced, text } from './shapes';

const msgArgs = () =>
  plainRecord(
    (v) => typeof v === 'string' || (typeof v === 'number' && Number.isFinite(v)),
    'must be text or a number',
    40,
  );
const message = () => obj({ code: text(80).required(), args: msgArgs() });

// Made once: a schema made anew for each line costs more than the checking.
const PART_ITEM = obj({
  kind: string().oneOf(['part']).required(),
  partId: id().required(),
  share: finite().min(0).max(1).required(),
});
const UNKNOWN_ITEM = obj({ kind: string().oneOf(['unknown']).required(), text: text(200).defined() });
const THING_ITEM = obj({
  kind: string().oneOf(['ref', 'own', 'packet', 'blend']).required(),
  id: id().required(),
});
const itemRef = () =>
  lazy((v: unknown) => {
    const kind = (v as { kind?: unknown } | null)?.kind;
    return kind === 'part' ? PART_ITEM : kind === 'unknown' ? UNKNOWN_ITEM : THING_ITEM;
  });

const amount = () =>
  obj({
    massG: sourced().nullable().defined(),
    written: text(300).defined(),
    confidence: finite().min(0).max(1).required(),
    reading: array(
      obj({
        qty: array(finite().required()).length(2).required(),
        unit: string()
          .oneOf([...UNIT_IDS])
          .required(),
        step: text(20).required(),
      }),
    )
      .max(4)
      .required(),
  });

const line = () =>
  obj({
    id: id().required(),
    item: itemRef(),
    amount: amount(),
    role: string().oneOf([...LINE_ROLES]),
    state: string().oneOf(['gel', 'slurry', 'whisked']),
    preparation: text(200),
    gum: boolean(),
    uptake: sourced().optional().default(undefined),
    came: obj({
      for: text(100).required(),
      group: string()
        .oneOf([...GROUP_IDS])
        .required(),
      kit: text(100).required(),
    })
      .optional()
      .default(undefined),
    alsoFor: array(text(100).required()).max(20).default(undefined),
    how: string().oneOf([...HOWS]),
  });

const step = () =>
  obj({
    id: id().required(),
    kind: string()
      .oneOf([...STEP_KINDS])
      .required(),
    text: text(20_000).defined(),
    added: message().optional().default(undefined),
    swaps: array(
      obj({
        from: number().integer().min(0).max(20_000).required(),
        to: number().integer().min(0).max(20_000).required(),
        msg: message().required(),
      }).required(),
    )
      .max(60)
      .default(undefined),
    actions: array(action()).max(200).default(undefined),
    mends: array(actionMend().required()).max(200).default(undefined),
    notes: array(message()).max(40).required(),
    struck: message().optional().default(undefined),
    own: text(2000),
  });

export const avoids = () =>
  array(
    string()
      .oneOf([...AVOID_IDS])
      .required(),
  ).max(AVOID_IDS.length);

export const formulaSchema = obj({
  schema: number().oneOf([1]).required(),
  title: text(200).defined(),
  parts: array(
    obj({
      id: id().required(),
      name: text(100).defined(),
      classId: string()
        .oneOf([...CLASS_IDS])
        .required(),
      lines: array(line()).max(MAX_LINES).required(),
      guess: maybe({
        p: finite().min(0).max(1).required(),
        other: string().oneOf([...CLASS_IDS]),
        because: array(
          string()
            .oneOf([...KIND_REASONS])
            .required(),
        )
          .max(KIND_REASONS.length)
          .required(),
      }),
    }),
  )
    .min(1)
    .max(20)
    .required(),
  method: array(step()).max(200).required(),
  overnight: boolean(),
  yield: maybe({ pieces: finite().min(0).max(10_000).required(), name: text(100).defined() }),
  bake: maybe({
    ovenC: finite().min(0).max(500).nullable().defined(),
    minutes: array(finite().min(0).max(6000).required()).length(2).nullable().defined(),
    fan: boolean().required(),
    phases: phases(),
  }),
  tin: maybeTin(),
  avoids: avoids().required(),
  originalText: text(50_000).defined(),
});
