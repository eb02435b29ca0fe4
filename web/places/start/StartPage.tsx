import { Button, Radio } from '@mantine/core';
import { useRef, useEffect } from 'react';
import { Link, useNavigate, useNavigation, useSearchParams } from 'react-router';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { useKitchen } from '../../shared/useKitchen';
import { usePageTitle } from '../../parts/usePageTitle';
import { Eaters } from '../../shared/kitchen/Eaters';
import { Ovens } from '../../shared/kitchen/Ovens';
import { COUNTRIES, COUNTRY_IDS, countryOf, type CountryId } from './countries';
import classes from '../../shared/start.module.css';
import { startWords } from '../../words/data/en/start';

const W = startWords.startPage;

const QUESTIONS = [W.whatDoYouMeasureWith, W.whoEatsHere, W.whichOvenDoYouBake] as const;

/** The first run: three questions, each of which can be skipped. Everything can be changed in Kitchen later. */
export function StartPage() {
  usePageTitle(W.yourOwnKitchen);
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const kitchen = useKitchen();
  const { change, trouble } = useChangeKitchen();
  const at = Math.min(QUESTIONS.length, Math.max(1, Math.round(Number(params.get('question')) || 1)));
  const heading = useRef<HTMLHeadingElement>(null);
  // Whoever listens hears the next question, not the button that was pressed.
  useEffect(() => heading.current?.focus(), [at]);
  // That they were asked is kept, whatever was answered: the shelf asks no more.
  // Who has gone somewhere else meanwhile, or is on the way there, is left alone.
  const { state } = useNavigation();
  const stays = useRef(true);
  useEffect(() => {
    stays.current = state === 'idle';
    return () => void (stays.current = false);
  }, [state]);
  const end = async () => {
    if ((await change({})) && stays.current) void navigate('/');
  };
  return (
    <main id="main" className={classes.page}>
      <p className="quiet">{W.yourOwnKitchenQuestionOf({ at, qUESTIONSCount: QUESTIONS.length })}</p>
      <h1 ref={heading} tabIndex={-1} className={classes.question}>
        {QUESTIONS[at - 1]}
      </h1>
      {at === 1 && (
        <section className={`sheet ${classes.panel}`} aria-label={QUESTIONS[0]}>
          {trouble}
          <Radio.Group
            label={W.takenWhereAFormulaDoes}
            value={countryOf(kitchen) ?? ''}
            onChange={(id) => void change(COUNTRIES[id as CountryId].kitchen)}
          >
            {COUNTRY_IDS.map((id) => (
              <Radio
                key={id}
                value={id}
                label={COUNTRIES[id].name}
                description={COUNTRIES[id].about}
                mt={14}
              />
            ))}
          </Radio.Group>
        </section>
      )}
      {at === 2 && <Eaters />}
      {at === 3 && <Ovens kitchen={kitchen} />}
      <div className={classes.actions}>
        {at < QUESTIONS.length ? (
          <Button component={Link} to={`?question=${at + 1}`}>
            {W.nextQuestion}
          </Button>
        ) : (
          <Button onClick={() => void end()}>{W.toTheFormulas}</Button>
        )}
        {at > 1 && (
          <Button component={Link} to={`?question=${at - 1}`} variant="default">
            {W.back}
          </Button>
        )}
        {at < QUESTIONS.length && (
          <Button variant="subtle" onClick={() => void end()}>
            {W.skipTheQuestions}
          </Button>
        )}
      </div>
    </main>
  );
}
