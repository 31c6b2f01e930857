import text from '../../../docs/guide.md?raw';

/** A part of the guide under a heading of its own. @param text Markdown */
export interface Section {
  title: string;
  id: string;
  text: string;
}

/** Something the guide says. @param words as they can be looked through, @param within the heading it stands under */
export interface Said {
  name: string;
  words: string;
  within: Section;
}

const folded = (words: string) => words.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
/** What marks words in Markdown. */
const plain = (words: string) =>
  words
    .replace(/!\[[^\]]*]\([^)]*\)|[*`\\]/g, '')
    .replace(/\s+/g, ' ')
    .trim();
const MOST_OF_A_NAME = 48;
const SHORT = 3;
const MOST = 4;

export function sectionsOf(markdown: string): Section[] {
  return markdown
    .split(/^## /mu)
    .slice(1)
    .map((part) => {
      const end = part.indexOf('\n');
      const title = part.slice(0, end).trim();
      return { title, id: folded(title).replace(/[^a-z]+/g, '-'), text: part.slice(end + 1).trim() };
    });
}

/** Each question and each point of a section by itself: a question is its own name, a point is named by its bold or first words. */
export function saidIn(section: Section): Said[] {
  return section.text
    .split(/^(?=### |- |\d+\. )/mu)
    .filter((point) => /^(?:### |- |\d+\. )/u.test(point))
    .map((point) => {
      const name = /^### (.+)$/mu.exec(point)?.[1] ?? /^\S+ \*\*(.+?)\*\*/u.exec(point)?.[1];
      const words = plain(point.replace(/^\S+ /u, ''));
      const first = words.length > MOST_OF_A_NAME ? `${words.slice(0, words.lastIndexOf(' ', MOST_OF_A_NAME))} …` : words;
      return { name: name ? plain(name).replace(/\.$/, '') : first, words: folded(words), within: section };
    });
}

export const sections = sectionsOf(text);
const said = sections.flatMap(saidIn);

/** Where the guide speaks of something; nothing for very few letters, which stand everywhere. */
export function saidOf(q: string, among: readonly Said[] = said): Said[] {
  const typed = folded(q);
  return typed.length < SHORT ? [] : among.filter((s) => folded(s.name).includes(typed) || s.words.includes(typed) || folded(s.within.title).includes(typed)).slice(0, MOST);
}
