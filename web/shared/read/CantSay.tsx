import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Formula, Line } from '../../../core/formula';
import { idOf } from '../../../core/ingredients';
import { useKitchen } from '../useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { listed } from '../../words/plural';
import { ingredientName } from '../../words/things';
import { useCorrect } from './correct';
import { LineEditor } from './ReadLines';
import { viewOf } from './viewOf';
import { readWords } from '../../words/data/en/read';

const W = readWords.cantSay;

const nameOf = (line: Line): string => {
  const id = idOf(line.item);
  return line.amount.written || (id ? ingredientName(id, true) : W.aLine);
};

/** What is not said because a line is open, and the line to be settled on the spot. */
export function CantSay({ what, lines, source }: { what: string; lines: readonly Line[]; source: Formula }) {
  const { pantry } = usePantry();
  const kitchen = useKitchen();
  const onCorrect = useCorrect(source);
  const [open, setOpen] = useState<string | null>(null);
  const own = source.parts.flatMap((p) => p.lines);
  const asked = lines.flatMap((l) => own.filter((x) => x.id === l.id));
  if (lines.length === 0) return null;
  const settling = asked.find((l) => l.id === open);
  return (
    <Notice kind="word" title={W.cantSayYet({ what })}>
      <p>
        {lines.length === 1
          ? W.thatRestsOnOfWhich({
              name: nameOf(lines[0]!),
              which: lines[0]!.item.kind === 'unknown' ? W.itIsNotKnownWhat : W.theGramsAreNotKnown,
            })
          : W.thatRestsOnLinesThat({ list: listed(lines.map((l) => `“${nameOf(l)}”`)) })}
      </p>
      {settling ? (
        <LineEditor
          view={viewOf(settling, pantry, kitchen)}
          pantry={pantry}
          onCorrect={onCorrect}
          onDone={() => setOpen(null)}
        />
      ) : (
        asked.slice(0, 4).map((l) => (
          <Button key={l.id} size="compact-md" variant="light" mt={6} mr={6} onClick={() => setOpen(l.id)}>
            {W.sayWhatIs({ name: nameOf(l) })}
          </Button>
        ))
      )}
    </Notice>
  );
}
