import { Button, Radio, Skeleton, TagsInput } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { servingsOf, TASTING_KINDS, type TastingKind } from '../../../core/judge';
import { problemIn } from '../../api/ask';
import { useCreateTastingMutation, useTrialQuery } from '../../api/notebook';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { TASTING_WORDS } from '../../words/tastingWords';
import classes from './notebook.module.css';
import { bakedOn } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.newTastingPage;

const MOST_TASTERS = 60;

/** Two trials, tasted blind: what is asked, and by whom it is tasted. */
export function NewTastingPage() {
  const [search] = useSearchParams();
  const [idA = '', idB = ''] = (search.get('ids') ?? '').split(',');
  const { data: a, error } = useTrialQuery(idA);
  const { data: b, error: other } = useTrialQuery(idB);
  const [kind, setKind] = useState<TastingKind>('triangle');
  const [tasters, setTasters] = useState<string[]>([]);
  const [create, creating] = useCreateTastingMutation();
  const navigate = useNavigate();
  usePageTitle(W.tasteThemBlind);
  if (error ?? other)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.oneOfTheseTrialsIs}>
          <Link to="/notebook">{W.toTheNotebook}</Link>
        </Notice>
      </main>
    );
  if (!a || !b) return <Skeleton height={300} role="status" aria-label={W.fetchingTheTrials} />;
  const begin = async () => {
    const done = await create({
      kind,
      title: a.title === b.title ? a.title : W.andWord({ aTitle: a.title, bTitle: b.title }).slice(0, 200),
      at: Date.now(),
      a: a.id,
      b: b.id,
      servings: servingsOf(kind, tasters, crypto.getRandomValues(new Uint32Array(1))[0]!),
    });
    if ('data' in done && done.data) await navigate(`/notebook/tasting/${done.data.id}`);
  };
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.tasteThemBlind}</h1>
        <p className="quiet">
          {W.against({ aTitle: a.title, bakedOn: bakedOn(a), bTitle: b.title, bakedOn2: bakedOn(b) })}
        </p>
      </header>
      <section className={`sheet ${classes.part}`}>
        <Radio.Group
          label={W.whatIsAsked}
          value={kind}
          onChange={(v) => setKind(TASTING_KINDS.find((k) => k === v)!)}
        >
          {TASTING_KINDS.map((k) => (
            <Radio
              key={k}
              value={k}
              label={TASTING_WORDS[k].name}
              description={TASTING_WORDS[k].about}
              my={8}
            />
          ))}
        </Radio.Group>
        <TagsInput
          label={W.whoTastes}
          description={W.enterAfterEachName}
          value={tasters}
          maxTags={MOST_TASTERS}
          onChange={(names) => setTasters(names.map((n) => n.slice(0, 80)))}
        />
        {creating.error && (
          <Notice kind="trouble" title={W.itWasNotBegun}>
            {sayProblem(problemIn(creating.error)?.code ?? null)}
          </Notice>
        )}
        <Button
          mt={14}
          disabled={tasters.length === 0}
          loading={creating.isLoading}
          onClick={() => void begin()}
        >
          {W.makeTheCodes}
        </Button>
      </section>
    </main>
  );
}
