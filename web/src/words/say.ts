import { IntlMessageFormat } from 'intl-messageformat';
import { createElement, Fragment } from 'react';
import type { ReactNode } from 'react';
import { english } from './english';
import type { Key, Noun } from './english';

type Room = Record<string, string>;
type Shown = ReactNode | ((words: ReactNode) => ReactNode);

/** Catalogues by language and room: a folder of files beside `en` is another language. */
const files = import.meta.glob<Room>('./*/*.json', { eager: true, import: 'default' });

/** What says the words of a language; what it lacks is said in English. */
export function speaker(catalogues: Record<string, Room>, language: string) {
  const patterns = new Map<string, string | IntlMessageFormat>();

  function words(key: string): [text: string, language: string] {
    const at = key.indexOf('.');
    const room = key.slice(0, at);
    const name = key.slice(at + 1);
    const own = catalogues[`./${language}/${room}.json`]?.[name];
    return own === undefined ? [(english as Record<string, Room>)[room]?.[name] ?? key, 'en'] : [own, language];
  }

  /** Words without arguments are themselves; others are ICU patterns. */
  function pattern(key: string): string | IntlMessageFormat {
    let known = patterns.get(key);
    if (known === undefined) {
      const [text, tongue] = words(key);
      known = /[{<]/.test(text) ? new IntlMessageFormat(text, tongue) : text;
      patterns.set(key, known);
    }
    return known;
  }

  /** The words of a key. */
  function say(key: Key, values?: Record<string, string | number>): string {
    const found = pattern(key);
    return typeof found === 'string' ? found : String(found.format(values));
  }

  /** The same where something stands among the words, or is made of some of them: `<link>…</link>` is the function `link`. */
  function said(key: Key, values: Record<string, Shown>): ReactNode {
    const found = pattern(key);
    if (typeof found === 'string') {
      return found;
    }
    const parts = found.format<ReactNode>(Object.fromEntries(Object.entries(values).map(([name, value]) => [name, standing(value)])));
    return Array.isArray(parts) ? createElement(Fragment, null, ...parts) : parts;
  }

  return { say, said };
}

/** As React shows it: nothing for what is not there. */
function standing(value: Shown) {
  if (typeof value === 'function') {
    return (chunks: ReactNode[]) => value(createElement(Fragment, null, ...chunks));
  }
  return value === null || value === undefined || typeof value === 'boolean' ? '' : value;
}

/** In the language of the server, which wrote it into the page. */
export const { say, said } = speaker(files, document.documentElement.lang || 'en');

/** So many of something, in words. */
export const count = (n: number, one: Noun) => say(`counted.${one}`, { n });
