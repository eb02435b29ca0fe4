import { ActionIcon, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { IconMoon, IconSun } from '@tabler/icons-react';
import { Link, NavLink, Outlet, ScrollRestoration } from 'react-router';
import { useEatersQuery } from '../api/api';
import { useAppSelector } from './store';
import { EXCLUSION_WORDS } from '../words/data/terms';
import classes from './shell.module.css';

/** The places, in the order of a baker's day. */
export const PLACES = [
  { to: '/', name: 'Shelf' },
  { to: '/pantry', name: 'Pantry' },
  { to: '/kitchen', name: 'Kitchen' },
  { to: '/handbook', name: 'Handbook' },
] as const;

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
  const request = useAppSelector((s) => s.desk.doc?.request);
  const { data: eaters = [] } = useEatersQuery(undefined, { skip: !request?.eaters });
  if (!request) return null;
  const all = [...request.exclude.map((e) => EXCLUSION_WORDS[e].name), ...(request.words ?? [])];
  const words =
    all.length > MOST_WORDS ? [...all.slice(0, MOST_WORDS - 1), `${all.length - MOST_WORDS + 1} more`] : all;
  const who = eaters.filter((e) => request.eaters?.includes(e.id)).map((e) => e.name);
  return (
    <div className={classes.chip} title={all.join(', ')}>
      {who.length > 0 && <span>for {who.length > 2 ? `${who.length} eaters` : who.join(' and ')}, </span>}
      out: gluten{words.length > 0 && ', '}
      <b>{words.join(', ')}</b>
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
      aria-label={dark ? 'Switch to the light theme' : 'Switch to the dark theme'}
      onClick={() => setColorScheme(dark ? 'light' : 'dark')}
    >
      {dark ? <IconSun size={20} stroke={1.6} /> : <IconMoon size={20} stroke={1.6} />}
    </ActionIcon>
  );
}

/** The frame of every page: the name, the places, what is out. */
export function Shell() {
  return (
    <>
      <a href="#main" className={classes.skip}>
        To the content
      </a>
      <header className={`${classes.top} no-print`}>
        <Link to="/" className={classes.mark}>
          <Mark />
          <span>New Crumb</span>
        </Link>
        <nav aria-label="Places">
          {PLACES.map(({ to, name }) => (
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
        <ThemeSwitch />
      </header>
      <Outlet />
      <ScrollRestoration />
    </>
  );
}
