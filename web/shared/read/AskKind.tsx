import { atHead } from '../../words/case';
import { Button } from '@mantine/core';
import type { KindReason, Part } from '../../../core/formula';
import { SURE_OF_KIND } from '../../../core/reading';
import { useAppDispatch } from '../../store/store';
import { Notice } from '../../parts/Notice';
import { listed } from '../../words/plural';
import { CLASS_WORDS } from '../../words/things';
import { workingCopy } from '../../working/workingSlice';
import { readWords } from '../../words/data/en/read';

const W = readWords.askKind;

const REASONS: Record<KindReason, string> = {
  name: W.whatItIsCalled,
  make: W.whatIsInItFor,
  method: W.theMethod,
};

/** Asks which kind of bake a part is, where that is not sure: the two likeliest side by side, what speaks for the first. */
export function AskKind({ part, many }: { part: Part; many: boolean }) {
  const dispatch = useAppDispatch();
  const { guess, classId } = part;
  if (!guess || guess.p >= SURE_OF_KIND) return null;
  const both = guess.other ? [classId, guess.other] : [classId];
  return (
    <Notice kind="word" title={W.whatKindOfBakeIs({ which: many ? part.name || W.theRest : W.thisWord })}>
      <p>
        {guess.because.length > 0
          ? atHead(W.speaksForTheFirst({ list: listed(guess.because.map((r) => REASONS[r])) }))
          : W.nothingWrittenTellsDosesFeel}
      </p>
      {both.map((id) => (
        <Button
          key={id}
          size="compact-md"
          variant="light"
          mt={6}
          mr={6}
          onClick={() => dispatch(workingCopy.classChosen({ partId: part.id, classId: id }))}
        >
          {CLASS_WORDS[id]}
        </Button>
      ))}
      <span className="small quiet">{W.anyOtherIsChosenAt}</span>
    </Notice>
  );
}
