import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { answersTo, press, show } from '../testing';
import { MetricHelp } from './MetricHelp';

const order = { code: 'ORDER', label: 'In order', measures: 'the smallest step', standsFor: 'the right way', cannotSee: 'patchiness' };

test('tells what a goal measures, stands for and cannot see, when it is asked', async () => {
  const get = answersTo('GET', { '/api/meanings': [order] });
  show(<MetricHelp code="ORDER" label="In order" />);
  expect(get).not.toHaveBeenCalled();
  press('What In order means');
  expect(await screen.findByText('the smallest step.')).toBeDefined();
  expect(screen.getByText('the right way.')).toBeDefined();
  expect(screen.getByText('patchiness.')).toBeDefined();
});

test('says so where nothing is known of it', async () => {
  answersTo('GET', { '/api/meanings': [order] });
  show(<MetricHelp code="NEW" label="Something new" />);
  press('What Something new means');
  expect((await screen.findByRole('alert')).textContent).toContain('Something new');
});

test('says so where the server does not answer', async () => {
  answersTo('GET', { '/api/meanings': new Error('gone') });
  show(<MetricHelp code="ORDER" label="In order" />);
  press('What In order means');
  expect((await screen.findByRole('alert')).textContent).toContain('is not answering');
});

test.each([
  ['Equal steps', 'steps'],
  ['Order', 'Order'],
])('the question mark of %s stays beside its last word', (label, last) => {
  const { container } = show(<MetricHelp code="ORDER" label={label} />);
  expect(container.textContent).toBe(`${label} ?`);
  expect(screen.getByRole('button').parentElement?.textContent).toBe(`${last} ?`);
});
