import { Button } from '@mantine/core';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useCreateFormulaMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { useKitchen } from '../../shared/useKitchen';
import { usePantry } from '../../pantry/usePantry';
import { listed } from '../../words/plural';
import { sayProblem } from '../../words/problems';
import { compute } from '../../workers/compute';
import type { Found } from './found';
import { addWords } from '../../words/data/en/add';

const W = addWords.putAll;

type State = { done: number; of: number; failed: string[]; why: string };

/** Puts all that was found on the shelf, one after another; it can be stopped, and what failed is named. */
export function PutAll({ found, onDone }: { found: readonly Found[]; onDone: () => void }) {
  const [create] = useCreateFormulaMutation();
  const kitchen = useKitchen();
  const { rows } = usePantry();
  const navigate = useNavigate();
  const stopped = useRef(false);
  const [state, setState] = useState<State | null>(null);
  const [running, setRunning] = useState(false);
  async function putAll() {
    stopped.current = false;
    setRunning(true);
    const failed: string[] = [];
    let why = '';
    let done = 0;
    const { cup, spoon, eggs } = kitchen;
    for (const [i, f] of found.entries()) {
      if (stopped.current) break;
      setState({ done, of: found.length, failed, why });
      const title = f.title || W.pastedFormula({ i: i + 1 });
      const read = await compute(
        'read',
        { ...f, title, kitchen: { cup, spoon, ...(eggs ? { eggs } : {}) } },
        rows,
        `put${i}`,
      );
      const made = read && (await create(read.formula));
      if (made && 'data' in made) done += 1;
      else {
        failed.push(title);
        const p = made ? problemIn(made.error) : null;
        why = made ? sayProblem(p?.code ?? null, p?.args) : '';
      }
    }
    setRunning(false);
    setState({ done, of: found.length, failed, why });
    if (failed.length > 0 || stopped.current) return;
    onDone();
    await navigate('/');
  }
  return (
    <>
      {running ? (
        <Button variant="default" size="compact-md" mt={8} onClick={() => (stopped.current = true)}>
          {W.stop}
        </Button>
      ) : (
        <Button size="compact-md" mt={8} onClick={() => void putAll()}>
          {W.addAllFormulas({ foundCount: found.length })}
        </Button>
      )}
      <p role="status" className="small">
        {state && running && W.addingOf({ done: state.done + 1, ofValue: state.of })}
        {state && !running && (
          <>
            {W.added({ count: W.formulaCount({ n: state.done }) })} <Link to="/">{W.toTheFormulas}</Link>
            {state.failed.length > 0 && W.notPutThere({ list: listed(state.failed), why: state.why })}
          </>
        )}
      </p>
    </>
  );
}
