import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { answers, show } from '../testing';
import { RosterPreview } from './RosterPreview';

it('shows who would be added and who would be passed over, before anything is', async () => {
  const asked = answers('POST', { names: ['Ana Silva', 'سمير حداد'], notes: ['Line 2 is “teacher” and was passed over.'], problems: [] });
  show(<RosterPreview names={'Ana Silva\nسمير حداد'} />);
  expect(await screen.findByText('2 students will be added')).toBeTruthy();
  expect(screen.getAllByRole('listitem').map((i) => i.textContent)).toEqual(['Ana Silva', 'سمير حداد']);
  expect(screen.getByText(/passed over/)).toBeTruthy();
  expect(asked.mock.lastCall?.[0]).toBe('/api/classes/roster');
});

it('says what is wrong, at most eight of it', async () => {
  const problems = Array.from({ length: 10 }, (_, i) => ({ path: `lines[${String(i)}]`, code: 'FORMULA', message: `Line ${String(i)} begins like a formula.` }));
  answers('POST', { names: [], notes: [], problems });
  show(<RosterPreview names="=1" />);
  expect(await screen.findByText('▲ Line 7 begins like a formula.')).toBeTruthy();
  expect(screen.queryByText('▲ Line 8 begins like a formula.')).toBeNull();
  expect(screen.getByText('… and 2 more.')).toBeTruthy();
});

it('asks nothing about nothing', () => {
  const asked = answers('POST');
  show(<RosterPreview names="  " />);
  expect(asked).not.toHaveBeenCalled();
});
