import { render } from '@testing-library/react';
import { createIntl } from 'react-intl';
import { Link, MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import { count, formatMessage, messagesOf } from './intl';

it('counts by the rules of the language', () => {
  expect(count(1, 'page')).toBe('1 page');
  expect(count(24, 'page')).toBe('24 pages');
  expect(formatMessage({ id: 'kit.chart.boxesSkipped' }, { boxes: 0 })).toBe('0 boxes skipped');
});

it('puts elements and links into a message, and nothing for a value that is not there', () => {
  const { container } = render(
    <MemoryRouter>{formatMessage({ id: 'today.returned.unreadable' }, { pages: 2, link: (words) => <Link to="/returns">{words}</Link> })}</MemoryRouter>,
  );
  expect(container.textContent).toBe('▲ 2 pages could not be read. See why');
  expect(container.querySelector('a')?.textContent).toBe('See why');
});

it('reads another language from files and falls back to English', () => {
  const messages = messagesOf({ './de/counted.json': { page: '{count, plural, one {# Seite} other {# Seiten}}' } }, 'de');
  const german = createIntl({ locale: 'de', messages });
  expect(german.formatMessage({ id: 'counted.page' }, { count: 1 })).toBe('1 Seite');
  expect(german.formatMessage({ id: 'today.wall' })).toBe('Wall');
});
