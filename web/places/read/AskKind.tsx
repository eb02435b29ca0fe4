import { Button } from '@mantine/core';
import type { KindReason, Part } from '../../../core/formula';
import { SURE_OF_KIND } from '../../../core/reading';
import { useAppDispatch } from '../../app/store';
import { Notice } from '../../parts/Notice';
import { listed } from '../../words/format';
import { CLASS_WORDS } from '../../words/things';
import { workingCopy } from '../../working/workingSlice';

const REASONS: Record<KindReason, string> = {
  name: 'what it is called',
  make: 'what is in it for 100 g of flour',
  method: 'the method',
};

/** Asks which kind of bake a part is, where that is not sure: the two likeliest side by side, what speaks for the first. */
export function AskKind({ part, many }: { part: Part; many: boolean }) {
  const dispatch = useAppDispatch();
  const { guess, classId } = part;
  if (!guess || guess.p >= SURE_OF_KIND) return null;
  const both = guess.other ? [classId, guess.other] : [classId];
  return (
    <Notice kind="word" title={`What kind of bake is ${many ? part.name || 'the rest' : 'this'}?`}>
      <p>
        {guess.because.length > 0
          ? `${listed(guess.because.map((r) => REASONS[r]))} speaks for the first.`.replace(/^./, (c) =>
              c.toUpperCase(),
            )
          : 'Nothing written tells. Doses, feel and the bake go by it.'}
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
      <span className="small quiet">Any other is chosen at the right.</span>
    </Notice>
  );
}
