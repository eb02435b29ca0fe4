import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Formula, Line } from '../../../core/formula';
import { idOf } from '../../../core/ingredients';
import { useKitchen } from '../../api/useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { listed } from '../../words/format';
import { ingredientName } from '../../words/things';
import { useCorrect } from './correct';
import { LineEditor } from './ReadLines';
import { viewOf } from './viewOf';

const nameOf = (line: Line): string => {
  const id = idOf(line.item);
  return line.amount.written || (id ? ingredientName(id, true) : 'a line');
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
    <Notice kind="word" title={`Can’t say ${what} yet`}>
      <p>
        {lines.length === 1
          ? `That rests on “${nameOf(lines[0]!)}”, of which ${lines[0]!.item.kind === 'unknown' ? 'it is not known what it is' : 'the grams are not known'}.`
          : `That rests on lines that are not known: ${listed(lines.map((l) => `“${nameOf(l)}”`))}.`}
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
            Say what {nameOf(l)} is
          </Button>
        ))
      )}
    </Notice>
  );
}
