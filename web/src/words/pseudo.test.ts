import { expect, it } from 'vitest';
import { messagesOf } from './intl';
import { messages } from './messages';
import { PSEUDO, pseudo } from './pseudo';

it('lengthens text, and leaves arguments, plurals and tags', () => {
  expect(pseudo('Use {pages, plural, one {# page} other {# pages}} <link>now</link>')).toBe('Üüséé {pages, plural, one {# páágéé} other {# páágéés}} <link>ññööw</link>');
});

it('makes every message longer by about 40 %', () => {
  const all = Object.values(messages).flatMap((place) => Object.values(place));
  const longer = pseudo(all.join('')).length / all.join('').length;
  expect(longer).toBeCloseTo(1.4, 1);
  const words = Object.values(messagesOf({}, PSEUDO)).join(' ');
  expect(words).toContain('Shééééţţ');
});
