import '@mantine/spotlight/styles.css';
import { Modal, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { Spotlight, spotlight } from '@mantine/spotlight';
import { IconSearch } from '@tabler/icons-react';
import { useDebouncedValue } from '@mantine/hooks';
import { useEffect, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { FormulaCard } from '../../contract/dto';
import { useShelfQuery } from '../api/api';
import { SECTION_IDS, SECTION_WORDS } from '../words/data/handbook';
import { CLASS_WORDS } from '../words/data/names';
import { lookedFor } from '../words/shelfWords';
import { choicesFor, type Choice } from './choices';
import { PLACES } from './places';
import classes from './shell.module.css';
import { appWords } from '../words/data/en/app';

const W = appWords.palette;

/** The list scrolls on its own: it must be reachable by keys. */
const FOCUSABLE = { viewportProps: { tabIndex: 0 } };

const STOPS = Object.entries(W.stops);

/** All that can be gone to or done, of which the formulas that the server found. */
function useChoices(cards: readonly FormulaCard[], onHelp: () => void): Choice[] {
  const { pathname } = useLocation();
  const { setColorScheme } = useMantineColorScheme();
  const dark = useComputedColorScheme('light') === 'dark';
  const here = /^\/formula\/([^/]+)/.exec(pathname)?.[1];
  return [
    ...(here
      ? STOPS.map(([to, name]) => ({ group: 'this' as const, name, to: `/formula/${here}/${to}` }))
      : []),
    ...cards.map((c) => ({
      group: 'formulas' as const,
      name: c.title || W.untitledFormula,
      about: CLASS_WORDS[c.classId],
      to: `/formula/${c.id}/swap`,
    })),
    ...PLACES.map(({ to, name }) => ({ group: 'go' as const, name, to })),
    ...SECTION_IDS.map((s) => ({
      group: 'go' as const,
      name: SECTION_WORDS[s].name,
      about: W.handbook,
      to: `/handbook/${s}`,
    })),
    { group: 'do', name: W.addAFormula, to: '/new' },
    {
      group: 'do',
      name: dark ? W.switchToTheLightTheme : W.switchToTheDarkTheme,
      act: () => setColorScheme(dark ? 'light' : 'dark'),
    },
    { group: 'do', name: W.showTheKeys, act: onHelp },
  ];
}

/** Find or go to: formulas, places, stops of the open desk, what can be done, the handbook. */
export function Palette({ onClose, onHelp }: { onClose: () => void; onHelp: () => void }) {
  const [query, setQuery] = useState('');
  useEffect(() => spotlight.open(), []);
  const navigate = useNavigate();
  // The server looks for them: there may be thousands. What was found last stays until the next is there.
  const [asked] = useDebouncedValue(query, 120);
  const { data: page, isLoading, isFetching } = useShelfQuery({ ...lookedFor(asked), limit: '8' });
  const groups = choicesFor(useChoices(page?.formulas ?? [], onHelp), query);
  const list = useRef<HTMLDivElement>(null);
  const first = groups[0]?.choices[0];
  // What Enter presses is marked when something is typed; what the server finds is there only later, and unmarked.
  useEffect(() => {
    if (list.current?.querySelector('[data-selected]') === null)
      list.current.querySelector('[data-action]')?.setAttribute('data-selected', 'true');
  }, [first?.to, first?.name, isFetching, asked, query]);
  // The first of what is offered is chosen: it must not change under the finger.
  if (isLoading) return null;
  const go = (c: Pick<Choice, 'to' | 'act'>) => {
    spotlight.close();
    if (c.act) c.act();
    else if (c.to) void navigate(c.to);
  };
  const typed = query.trim();
  return (
    <Spotlight.Root
      shortcut={null}
      query={query}
      onQueryChange={setQuery}
      onSpotlightClose={onClose}
      scrollable={false}
      overlayProps={{ blur: 0, backgroundOpacity: 0.4 }}
      classNames={{ actionDescription: classes.choiceAbout, actionsGroup: classes.choiceGroup }}
    >
      <Modal.Title className="visually-hidden">{W.findOrGoTo}</Modal.Title>
      <Spotlight.Search
        aria-label={W.findOrGoTo}
        placeholder={W.aFormulaAPlaceSomething}
        maxLength={80}
        leftSection={<IconSearch size={20} stroke={1.6} aria-hidden="true" />}
      />
      <Spotlight.ActionsList ref={list} mah={440} className={classes.choices} {...FOCUSABLE}>
        {groups.map(({ group, choices }) => (
          <Spotlight.ActionsGroup key={group} label={W.groups[group]}>
            {choices.map((c) => (
              <Spotlight.Action
                key={`${c.to ?? c.name}`}
                label={c.name}
                {...(c.about ? { description: c.about } : {})}
                onClick={() => go(c)}
              />
            ))}
          </Spotlight.ActionsGroup>
        ))}
        {/* Enter presses what is first: the handbook is offered when it is known that no formula comes before it. */}
        {typed !== '' && asked === query && !isFetching && (
          <Spotlight.Action
            label={W.lookUpInTheHandbook({ query: typed })}
            onClick={() => go({ to: `/handbook/replacements?q=${encodeURIComponent(typed)}` })}
          />
        )}
      </Spotlight.ActionsList>
    </Spotlight.Root>
  );
}
