import { Button } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { language } from '../../words/language';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.dictate;

/** What of the browser's speech recognition is used (Web Speech API, W3C draft): TypeScript's own library does not know it. */
type Recognition = EventTarget & {
  lang: string;
  onresult: ((e: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null;
  onend: (() => void) | null;
  start: () => void;
  stop: () => void;
};
const recognition = (): (new () => Recognition) | null => {
  const w = window as Window & {
    SpeechRecognition?: new () => Recognition;
    webkitSpeechRecognition?: new () => Recognition;
  };
  return w.SpeechRecognition ?? w.webkitSpeechRecognition ?? null;
};

/** Speaks a note where the browser can listen; where it cannot there is no button. */
export function Dictate({ onText }: { onText: (text: string) => void }) {
  const [on, setOn] = useState<Recognition | null>(null);
  const last = useRef(onText);
  useEffect(() => {
    last.current = onText;
  });
  useEffect(() => () => on?.stop(), [on]);
  const Made = recognition();
  if (!Made) return null;
  const begin = () => {
    const heard = new Made();
    heard.lang = language.locale;
    heard.onresult = ({ results }) => {
      const text = Array.from(results, (r) => r[0]?.transcript ?? '')
        .join(' ')
        .trim();
      if (text) last.current(text);
    };
    heard.onend = () => setOn(null);
    heard.start();
    setOn(heard);
  };
  return (
    <Button variant="default" size="compact-md" my={6} onClick={() => (on ? on.stop() : begin())}>
      {on ? W.stopListening : W.speakTheNote}
    </Button>
  );
}
