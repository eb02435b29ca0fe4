/** Nothing goes into it. */
type Plain = object;
/** What the engine fills into a step: things by id and their grams, of three at the most, and how long to wait, min. */
export type Filled = {
  n1?: string;
  g1?: number;
  n2?: string;
  g2?: number;
  n3?: string;
  g3?: number;
  wait?: number;
};
type Written = { written: string };
type Text = { text: string };
type Percent = { percent: number };
/** A share of the flour that is more than is usual, %. */
type Share = { id: string; percent: number; most: number };
type Name = { name: string };

/** One thing the baker holds; a line by the ingredient that came in, null where it stood in the source. */
export type HeldThing =
  | { what: 'wetness' }
  | { what: 'mass' }
  | { what: 'prop'; key: string }
  | { what: 'line'; id: string | null };

/**
 * Everything the computation has to say and what goes into it: ids of the core, numbers in the unit their name ends with, texts
 * as they were written. The interface has a sentence for each. Messages of steps are stored with a formula: an old one keeps its
 * arguments, so they grow and do not change.
 */
export type Messages = {
  'read.empty': Plain;
  'read.noFlour': Plain;
  'read.perHundred': Plain;
  'read.tinShape': { square: boolean };
  'read.tooManyLines': { given: number; max: number };
  'bake.tempsDisagree': { c: number; f: number };
  'bake.ovenOdd': { c: number };
  'bake.ovenUnread': Text;
  'bake.ovenByWord': { word: string; c: number };
  'bake.timeUnread': Text;
  'line.long': { max: number };
  'line.more': Name;
  'name.unknown': Name;
  'name.choice': Name & { taken: string };
  'name.unsure': Name;
  'amount.missing': Plain;
  'amount.notFinite': Written;
  'amount.negative': Written;
  'amount.zero': Written;
  'amount.tooMuch': { kg: number };
  'amount.noMeasure': { unit: string };
  'amount.bareGrams': { g: number };
  /** `a` by weight and `b` by volume, g; which is likelier and why, where anything tells. */
  'amount.disagree': Written & {
    a: number;
    b: number;
    better?: 'a' | 'b';
    why?: 'tenfold' | 'ounces' | 'share';
  };
  'amount.packed': Percent;
  'amount.sifted': Percent;
  'check.soda': Share;
  'check.powder': Share;
  'check.salt': Share;
  'check.gum': Share;
  'check.psyllium': Share;
  'check.yeast': { id: string; percent: number; lo: number; hi: number };
  'check.yield': { pieces: number; name: string; each: number; lo: number; hi: number };
  'check.tinSmall': Percent;
  'check.tinLarge': Percent;
  'csv.tooMany': { max: number };
  'csv.name': Plain;
  'csv.kind': Text;
  'csv.like': Text;
  'csv.packetLike': Plain;
  'csv.number': { text: string; most: number };
  'csv.panelSum': Plain;
  'csv.group': Text;
  'csv.date': Text;
  'csv.part': Text;
  'move.keep': Plain;
  'move.drop': { avoids: readonly string[] };
  'move.kit': { kit: string };
  'move.joined': { kit: string; addedG: number };
  'move.water': Plain;
  'move.acid': Plain;
  'move.bind': Plain;
  'move.lift': Plain;
  'move.lessLiquid': Plain;
  'move.lessSalt': Plain;
  'move.held': Plain;
  'widened.wetness': { percent: number; band: number };
  'widened.mass': { percent: number; band: number };
  'widened.dose': { id: string; fromG: number; toG: number };
  'widened.line': { id: string; fromG: number; toG: number };
  'cannot.heldOut': { ids: readonly string[]; avoids: readonly string[] };
  'cannot.noKit': { ids: readonly string[]; jobs: readonly string[]; classId: string };
  'cannot.amount': { ids: readonly string[] };
  'cannot.chosenKit': { kit: string; known: boolean };
  'cannot.locks': { held: readonly HeldThing[] };
  'bread.gel': { g1: number; g2: number };
  'bread.mix': Plain;
  'bread.shape': Plain;
  'bread.pieces': { pieces: number };
  'bread.proof': Plain;
  'bread.bakePot': Plain;
  'bread.bakeSmall': Plain;
  'bread.cool': Plain;
  'bread.coolSmall': Plain;
  'gum.mix': { g1: number; g2: number };
  'gum.fill': Plain;
  'gum.proof': Plain;
  'gum.bake': Plain;
  'gum.cool': Plain;
  'rolled.mix': Plain;
  'rolled.roll': { g1: number; g2: number };
  'rolled.cut': { pieces: number };
  'rolled.proof': Plain;
  'rolled.bake': Plain;
  'warned.dose': { dosed: string; percent: number; most: number };
  'warned.thin': { percent: number; least: number };
  'warned.gasHigh': Plain;
  'warned.gasLow': Plain;
  'warned.soapy': Plain;
  'why.closeness': { keys: readonly string[] };
  'why.uncovered': { jobs: readonly string[] };
  'why.allergens': { avoids: readonly string[] };
  'why.suits': Plain;
  'why.unknown': Plain;
  'why.usual': Plain;
  'why.scarce': Plain;
  'why.fresh': Plain;
  'why.watch': Plain;
  'why.widened': Plain;
  'why.style': Plain;
  'confidence.open': Plain;
  'confidence.narrowed': Plain;
  'confidence.practice': Plain;
  'confidence.weakKit': { kit: string };
  'confidence.widened': Plain;
  'confidence.uncovered': { jobs: readonly string[] };
  'confidence.outside': { keys: readonly string[] };
  limits: { id: string };
  'step.gel': Filled;
  'step.psylliumGel': Filled;
  'step.slurry': Filled;
  'step.aquafaba': Filled;
  'step.tofu': Filled;
  'step.fizz': Filled;
  'step.simmerStarch': Filled;
  'step.whiskFast': Filled;
  'step.softenInWater': Filled;
  'step.noKnead': Filled;
  'step.noProof': Filled;
  'step.starchGloss': Filled;
  'step.sour': Filled;
  'step.toast': Filled;
  'step.intoDry': Filled;
  'step.pour': Filled;
  'step.noFoam': Filled;
  'step.noBrowning': Filled;
  'step.keepCold': Filled;
  'step.noCreaming': Filled;
  'step.workIn': Filled;
  'step.paper': Filled;
  'step.dryPan': Filled;
  'step.drinkWash': Filled;
  'step.waterWash': Filled;
  'step.own': Filled & Text;
  'step.instead': { was: string; kit: string };
  'step.joined': { was: string; kit: string };
  /** Words of the method for what has to go and no line of the list has. */
  'step.stillNamed': { text: string; avoid: string };
  /** `fan`: 1 with the fan. */
  'step.ovenNow': { c: number; fan: number };
  'step.timeNow': { from: number; to: number };
  'step.tinNow': { tin: string; n: number };
  /** A thing by its id, or as it is written where it is not known. */
  'step.called': { id?: string; text?: string };
  'step.nothing': Plain;
  'step.word': { word: string };
  'risk.gasHigh': { per: number; most: number };
  'risk.gasLow': { per: number; least: number };
  'risk.moreGas': Percent;
  'risk.lessGas': Percent;
  'risk.lessBind': Percent;
  'risk.moreBind': Percent;
  'risk.wetter': Percent;
  'risk.pastDouble': Percent;
  'risk.shortProof': Percent;
  'risk.sodaOver': Percent;
  'risk.sunflower': Plain;
  'repair.lessGas': Percent;
  'repair.shorterProof': Plain;
  'repair.longerProof': Plain;
  'repair.lessWater': Plain;
  'repair.moreBinder': Plain;
  'repair.morePowder': Plain;
  'repair.rest': Plain;
  'repair.acid': Plain;
  'repair.pumpkin': Plain;
  'label.holdsGum': Plain;
  'label.wheatStarch': Plain;
  'label.oatsNotCertified': Plain;
  'label.oatsClaimed': Plain;
  'label.looksSour': Plain;
  'label.raises': Plain;
  'label.claims': { words: string };
  'explain.takenUp': { id: string };
  'explain.sum': { key: string };
  ingredient: { id: string };
};
export type MsgCode = keyof Messages;
type ForPart = { part?: string };
/** A message of some codes; `part` where it is for one part of several. */
export type MsgOf<C extends MsgCode> = C extends MsgCode ? { code: C; args: Messages[C] & ForPart } : never;
/** Something to be said: a code that the interface has words for, and what goes into them. */
export type Msg = MsgOf<MsgCode>;
/** What is said in a method: it is stored with the formula. */
export type StepMsg = MsgOf<Extract<MsgCode, `${'step' | 'bread' | 'gum' | 'rolled'}.${string}`>>;

type Given<C extends MsgCode> =
  Partial<Messages[C]> extends Messages[C] ? [args?: Messages[C] & ForPart] : [args: Messages[C] & ForPart];

/** A message; what goes into it has to be given unless all of it may be left out. */
export const msg = <C extends MsgCode>(code: C, ...[args]: Given<C>): MsgOf<C> =>
  ({ code, args: args ?? {} }) as MsgOf<C>;

/** The same message with what the engine fills in, or with the part that it is for. */
export const filledIn = (m: StepMsg, more: Filled & ForPart): StepMsg =>
  ({ code: m.code, args: { ...m.args, ...more } }) as StepMsg;

type ArgName = { [C in MsgCode]: keyof Messages[C] }[MsgCode];
type ArgOf<K> = { [C in MsgCode]: K extends keyof Messages[C] ? Messages[C][K] : never }[MsgCode];
/** What goes into a message under a name; undefined where nothing of that name does. */
export const argOf = <K extends ArgName>(m: Msg, name: K): ArgOf<K> | undefined =>
  (m.args as Partial<Record<K, ArgOf<K>>>)[name];
