import { fireEvent, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { ApiError } from '../../api/client';
import { answers, press, show, type } from '../../testing';
import { ChartForm } from './ChartForm';
import { kit } from '../testing';

const form = (onPrinted = vi.fn()) => {
  show(
    <MemoryRouter initialEntries={['/kit/chart?pencils=new']}>
      <ChartForm kit={kit} onPrinted={onPrinted} />
    </MemoryRouter>,
  );
  return onPrinted;
};
const lines = () => screen.getByRole('textbox', { name: /^Codes and names/ });

describe('a new chart', () => {
  it('takes names as they stand on the pencils and guesses the white and a dark one', async () => {
    const sent = answers(
      'POST',
      [
        { code: '101', name: 'Ember' },
        { code: '102', name: 'Gull White' },
        { code: '03', name: 'Deep water' },
      ],
      { id: 'made' },
    );
    const printed = form();
    expect(screen.getByRole('button', { name: 'Create chart' })).toHaveProperty('disabled', true);
    type('Range name', 'Lantern');
    fireEvent.change(lines(), { target: { value: '101 Ember\n102 Gull White\nDeep water' } });
    await screen.findByText('03');
    press('Create chart');
    await waitFor(() => expect(printed).toHaveBeenCalledWith('made'));
    expect(sent).toHaveBeenLastCalledWith('/api/charts', {
      body: {
        paper: 'cartridge',
        pageSize: 'A4',
        copies: 1,
        newSet: { name: 'Lantern', binder: 'WAX', lines: '101 Ember\n102 Gull White\nDeep water', white: 1, dark: 2 },
      },
    });
  });

  it('says which line cannot be taken', async () => {
    answers('POST', new ApiError(422, 'INVALID', 'Line 2: the code A1 stands in line 1 already.', []));
    form();
    type('Range name', 'Lantern');
    fireEvent.change(lines(), { target: { value: 'A1 Red\nA1 Blue' } });
    expect(await screen.findByText(/Line 2: the code A1/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Create chart' })).toHaveProperty('disabled', true);
  });
});
