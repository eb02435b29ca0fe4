import '@fontsource-variable/fraunces';
import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@mantine/core/styles.css';
import '@mantine/notifications/styles.css';
import './theme/tokens.css';
import { LANGUAGES, language, languageWanted, type Catalogues, type LanguageId } from './words/language';

/** What a language brings with it; English is in the pages themselves. */
const BRINGS: Partial<Record<LanguageId, () => Promise<{ catalogues: Catalogues }>>> = {
  de: () => import('./words/data/de'),
};

// The language is taken up before any page is: sentences are looked up once, when a page is loaded.
const wanted = languageWanted();
language.take(wanted);
if (wanted in LANGUAGES)
  await BRINGS[wanted as LanguageId]?.().then(
    ({ catalogues }) => language.bring(catalogues),
    // What cannot be fetched is said in English: a page in another language is better than none.
    () => language.take('en'),
  );
document.documentElement.lang = language.locale;
(await import('./app/start')).start();
