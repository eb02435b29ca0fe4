import { ActionIcon, UnstyledButton, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { useHotkeys, useOs, useWindowEvent } from '@mantine/hooks';
import { IconMoon, IconSearch, IconSun } from '@tabler/icons-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, NavLink, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { useEatersQuery, useKitchenQuery, useMeQuery } from '../api/api';
import { IS_DEMO, OWN_START } from '../api/home';
import { ENDED, session } from '../api/session';
import { PLACES } from './places';
import { keyName } from './shortcuts';
import { useAppSelector } from '../store/store';
import { EXCLUSION_WORDS } from '../words/data/names';
import { listed } from '../words/plural';
import { setHeatScale } from '../words/heat';
import classes from './shell.module.css';
import { appWords } from '../words/data/en/app';

const W = appWords.shell;

/** More than these are counted. */
const MOST_WORDS = 6;

function Mark() {
  return (
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
      <path d="M3 13c0-6 4-9 9-9s9 3 9 9c0 5-3 7-9 7s-9-2-9-7z" fill="var(--crust)" />
      <g fill="var(--sheet)">
        <ellipse cx="9" cy="11" rx="2.3" ry="1.7" />
        <ellipse cx="14.8" cy="9.3" rx="1.4" ry="1.1" />
        <ellipse cx="14" cy="14.4" rx="2.6" ry="1.8" />
        <circle cx="8" cy="15.8" r="1" />
      </g>
    </svg>
  );
}

/** For whom the open desk bakes and what is out; gluten always. */
function OutChip() {
  const request = useAppSelector((s) => s.working.doc?.request);
  const { data: eaters = [] } = useEatersQuery(undefined, { skip: !request?.eaters });
  if (!request) return null;
  const all = [...request.exclude.map((e) => EXCLUSION_WORDS[e].name), ...(request.words ?? [])];
  const words =
    all.length > MOST_WORDS
      ? [...all.slice(0, MOST_WORDS - 1), W.more({ allCount: all.length - MOST_WORDS + 1 })]
      : all;
  const who = eaters.filter((e) => request.eaters?.includes(e.id)).map((e) => e.name);
  return (
    <div className={classes.chip} title={all.join(', ')}>
      {W.outGluten({
        note: who.length > 0 && (
          <span>
            {W.forWord({
              which: who.length > 2 ? W.eaters({ whoCount: who.length }) : listed(who),
            })}{' '}
          </span>
        ),
        which: who.length > 0 ? W.leaving : W.leaving2,
        wordsCount: words.length > 0 && ', ',
        strong: <b>{words.join(', ')}</b>,
      })}
    </div>
  );
}

function ThemeSwitch() {
  const { setColorScheme } = useMantineColorScheme();
  const dark = useComputedColorScheme('light') === 'dark';
  return (
    <ActionIcon
      variant="subtle"
      size={44}
      color="gray"
      aria-label={dark ? W.switchToTheLightTheme : W.switchToTheDarkTheme}
      onClick={() => setColorScheme(dark ? 'light' : 'dark')}
    >
      {dark ? <IconSun size={20} stroke={1.6} /> : <IconMoon size={20} stroke={1.6} />}
    </ActionIcon>
  );
}

/** Loaded when it is first asked for. */
const Palette = lazy(async () => ({ default: (await import('./Palette')).Palette }));
const HelpSheet = lazy(async () => ({ default: (await import('./HelpSheet')).HelpSheet }));

/** A key that is typed into a field is no command. */
const typedIn = (e: KeyboardEvent): boolean =>
  e.ctrlKey ||
  e.metaKey ||
  e.altKey ||
  (e.target instanceof HTMLElement && e.target.closest('input, textarea, select, [role="dialog"]') !== null);

/** Find or go to, and the sheet of keys: opened by keys or by a press. */
function Commands() {
  const [open, setOpen] = useState<'find' | 'help' | null>(null);
  const mac = useOs() === 'macos';
  useHotkeys([['mod+K', () => setOpen('find')]], []);
  useWindowEvent('keydown', (e) => {
    if (typedIn(e)) return;
    if (e.key === '?') setOpen('help');
    else if (e.key === '/') {
      const field = document.querySelector<HTMLInputElement>('search input');
      if (!field) return;
      e.preventDefault();
      field.focus();
    }
  });
  const close = () => setOpen(null);
  return (
    <>
      <UnstyledButton className={classes.find} onClick={() => setOpen('find')}>
        <IconSearch size={18} stroke={1.6} aria-hidden="true" />
        <span>{W.findOrGoTo}</span>
        <kbd aria-hidden="true">{keyName(W.ctrl, mac)} K</kbd>
      </UnstyledButton>
      <Suspense>
        {open === 'find' && <Palette onClose={close} onHelp={() => setOpen('help')} />}
        {open === 'help' && <HelpSheet onClose={close} />}
      </Suspense>
    </>
  );
}

/** The page of who is not signed in, and the same over a page that one was working on. */
const door = () => import('../places/door/Door');
const Door = lazy(async () => ({ default: (await door()).Door }));
const DoorOver = lazy(async () => ({ default: (await door()).DoorOver }));

/** The frame of every page: the name, the places, what is out; and the door, where people sign in and nobody has. */
export function Shell() {
  const { data: me, isLoading: looking, refetch } = useMeQuery();
  const { data: kitchen, isLoading, isError } = useKitchenQuery();
  const { pathname } = useLocation();
  useEffect(() => {
    const look = () => void refetch();
    session.addEventListener(ENDED, look);
    return () => session.removeEventListener(ENDED, look);
  }, [refetch]);
  const isOut = me?.state === 'out' || me?.state === 'new';
  // A phone that comes with a code is let through to where it says it.
  const isOutside = isOut && !kitchen;
  const atDoor = isOutside && pathname !== '/pair';
  const waits = isLoading || (isError && looking);
  const heat = kitchen?.heat ?? 'c';
  // Before anything below is drawn: all of it is drawn anew when it changes, and what was typed would be lost.
  setHeatScale(heat);
  return (
    <>
      <a href="#main" className={classes.skip}>
        {W.skipToContent}
      </a>
      <header className={`${classes.top} no-print`}>
        <Link to="/" className={classes.mark}>
          <Mark />
          <span>{W.newCrumb}</span>
        </Link>
        {/* Who is not signed in comes to no place. */}
        <nav aria-label={W.places}>
          {(isOutside ? [] : PLACES).map(({ to, name }) => (
            <NavLink
              key={to}
              to={to}
              end={to === '/'}
              className={({ isActive }) => (isActive ? classes.here : '')}
            >
              {name}
            </NavLink>
          ))}
        </nav>
        <span className={classes.space} />
        <OutChip />
        {!isOutside && <Commands />}
        {me?.state === 'in' && (
          <Link to="/people" className={classes.who}>
            {me.person.name}
          </Link>
        )}
        <ThemeSwitch />
      </header>
      {IS_DEMO && (
        <aside className={`${classes.demo} no-print`} aria-label={W.demoKitchen}>
          <span>
            <b>{W.demoKitchen2}</b> <span className={classes.demoAbout}>{W.itsPeopleOvensAndPackets}</span>
          </span>
          <a href={OWN_START}>{W.startMyOwnKitchen}</a>
        </aside>
      )}
      {!waits && !atDoor && <Outlet key={heat} />}
      <Suspense>
        {atDoor && <Door fresh={me.state === 'new'} onIn={() => location.reload()} />}
        {isOut && kitchen && (
          <DoorOver
            onIn={() => {
              void refetch();
              // What waits to be saved is sent now.
              window.dispatchEvent(new Event('online'));
            }}
          />
        )}
      </Suspense>
      <ScrollRestoration />
    </>
  );
}
