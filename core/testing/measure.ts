import { readLabel } from '../exclusions';
import { LABEL_ALLERGENS, type AvoidId } from '../ingredients';
import { isSilent, nameIn, referenceMatcher } from '../reading';
import { NAMES } from './data/names';
import { isAside, STATEMENTS } from './data/statements';

export type LabelMeasure = { wanted: number; missed: number; found: number; wrong: number };

/** How the packet reader does on our statements: allergens by law contained, missed and wrongly found. */
export function measureLabels(): Record<'tuned' | 'aside', LabelMeasure> {
  const out = {
    tuned: { wanted: 0, missed: 0, found: 0, wrong: 0 },
    aside: { wanted: 0, missed: 0, found: 0, wrong: 0 },
  };
  STATEMENTS.forEach(([text, avoids], i) => {
    const m = out[isAside(i) ? 'aside' : 'tuned'];
    const found: AvoidId[] = readLabel(text)
      .contains.map((f) => f.avoid)
      .filter((a) => LABEL_ALLERGENS.includes(a));
    m.wanted += avoids.length;
    m.found += found.length;
    m.missed += avoids.filter((a) => !found.includes(a)).length;
    m.wrong += found.filter((a) => !avoids.includes(a)).length;
  });
  return out;
}

export type NameMeasure = {
  names: number;
  silent: number;
  right: number;
  answerable: number;
  slips: [name: string, meant: string | null, taken: string][];
  asked: [name: string, meant: string, best: string][];
};

/** How the matching of names does on our list: what is taken without asking, and how much of that is right. */
export function measureNames(which: 'all' | 'tuned' | 'aside' = 'all'): NameMeasure {
  const out: NameMeasure = { names: 0, silent: 0, right: 0, answerable: 0, slips: [], asked: [] };
  NAMES.forEach(([written, meant], index) => {
    if (which !== 'all' && isAside(index) !== (which === 'aside')) return;
    out.names += 1;
    const { name, preparation } = nameIn(written);
    const match = referenceMatcher.matchWritten(name, preparation);
    const silent = isSilent(match);
    if (meant !== null) out.answerable += 1;
    if (silent) out.silent += 1;
    if (silent && match.best!.id === meant) out.right += 1;
    else if (silent) out.slips.push([written, meant, match.best!.id]);
    else if (meant !== null)
      out.asked.push([
        written,
        meant,
        `${match.best?.id} ${match.best?.confidence.toFixed(2)} / ${match.others[0]?.id} ${match.others[0]?.confidence.toFixed(2)}`,
      ]);
  });
  return out;
}
