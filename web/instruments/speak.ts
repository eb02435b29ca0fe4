import { language } from '../words/language';

/** Speaks a sentence by the browser's own voice, in place of what is being said; nothing where it has none. */
export function speak(words: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(words);
  said.lang = language.locale;
  window.speechSynthesis.speak(said);
}
export const canSpeak = (): boolean => 'speechSynthesis' in window;
