import { createElement, Fragment, type ReactNode } from 'react';
import { language } from './language';

/** A sentence with something drawn in it (a link, a name in bold): a translation may put it elsewhere. */
export const rich = (pieces: TemplateStringsArray, ...drawn: ReactNode[]): ReactNode =>
  createElement(Fragment, null, ...pieces.flatMap((piece, i) => [language.marked(piece), drawn[i]]));
