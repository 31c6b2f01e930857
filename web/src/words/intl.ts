import { createIntl, createIntlCache } from 'react-intl';
import { messages } from './messages';
import type { MessageId, Noun } from './messages';
import { PSEUDO, pseudo } from './pseudo';

declare global {
  // eslint-disable-next-line @typescript-eslint/no-namespace -- react-intl reads the types of message ids from here
  namespace FormatjsIntl {
    interface Message {
      ids: MessageId;
    }
  }
}

type Place = Record<string, string>;

/** Messages by language and place: a folder of files beside `en` adds a language. */
const files = import.meta.glob<Place>('./*/*.json', { eager: true, import: 'default' });

/** The messages of a language with their full ids; English stands in for those it lacks. */
export function messagesOf(catalogues: Record<string, Place>, language: string): Record<string, string> {
  const all: [string, string][] = [];
  for (const [place, english] of Object.entries(messages as Record<string, Place>)) {
    const own = catalogues[`./${language}/${place}.json`] ?? {};
    all.push(...Object.entries({ ...english, ...own }).map(([key, text]): [string, string] => [`${place}.${key}`, language === PSEUDO ? pseudo(text) : text]));
  }
  return Object.fromEntries(all);
}

const language = document.documentElement.lang || 'en';

/** The language is the server's, which writes it into the page. It never changes while a page is open. */
const intl = createIntl({ locale: language, messages: messagesOf(files, language) }, createIntlCache());

export const formatMessage = intl.formatMessage;

/** A number of things, for example "24 pages". */
export const count = (n: number, noun: Noun) => formatMessage({ id: `counted.${noun}` }, { count: n });
