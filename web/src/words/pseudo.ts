/** The language tag of a made-up language for tests, as used for pseudo-localisation. */
export const PSEUDO = 'en-XA';

const ACCENTED: Record<string, string> = { a: 'áá', e: 'éé', i: 'îî', o: 'öö', u: 'üü', y: 'ýý', n: 'ññ', l: 'łł', t: 'ţţ', A: 'Áá', E: 'Éé', I: 'Îî', O: 'Öö', U: 'Üü' };

/**
 * A message with accents and about 40 % more letters. Text that is cut off shows in it, and text that is in no catalogue
 * stays plain. Arguments, plurals and tags of the ICU message stay as they are.
 */
export function pseudo(message: string): string {
  let depth = 0;
  let inTag = false;
  return Array.from(message, (c) => {
    if (c === '{' || c === '}') {
      depth += c === '{' ? 1 : -1;
      return c;
    }
    // the text of a plural's option is two braces deep, its syntax one
    if (depth % 2 === 1) {
      return c;
    }
    inTag = c === '<' || (inTag && c !== '>');
    return inTag ? c : (ACCENTED[c] ?? c);
  }).join('');
}
