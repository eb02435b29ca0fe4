import { NativeSelect } from '@mantine/core';
import { kitchenWords } from '../../words/data/en/kitchen';
import { changeLanguage, language, LANGUAGES, type LanguageId } from '../../words/language';
import classes from '../../shared/kitchen/kitchen.module.css';

const W = kitchenWords.languageChoice;

/** The language the app speaks in this browser. What the baker wrote stays as it was written. */
export function LanguageChoice() {
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.language}>
      <h2>{W.language}</h2>
      <NativeSelect
        label={W.shownIn}
        description={W.ofThisBrowser}
        value={language.id}
        data={Object.entries(LANGUAGES).map(([value, label]) => ({ value, label }))}
        onChange={(e) => changeLanguage(e.currentTarget.value as LanguageId)}
      />
    </section>
  );
}
