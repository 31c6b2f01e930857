import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { answers, press, show } from '../testing';
import { DrawnLines } from './DrawnLines';
import type { Value } from './draft';

const parameter = { name: 'lines', label: 'Lines', type: 'LINES', most: 9, mayBeLeftOpen: true, options: [], pencils: [] } as unknown as Schemas['ParameterView'];

function open(used?: Value) {
  const onChange = vi.fn();
  const onOpen = vi.fn();
  const { container } = show(<DrawnLines parameter={parameter} used={used} onChange={onChange} onOpen={onOpen} />);
  return { onChange, onOpen, input: () => container.querySelector('input[type=file]') as HTMLInputElement };
}

const drawing = new File(['x'], 'lines.png', { type: 'image/png' });

it('takes the lines of a drawing', async () => {
  const fetched = answers('POST', { lines: ['300 0 400 1000', '0 350 1000 250'] });
  const { onChange, input } = open();
  expect(screen.getByText(/Each variant draws new lines/)).toBeTruthy();
  fireEvent.change(input(), { target: { files: [drawing] } });
  await waitFor(() => expect(onChange).toHaveBeenCalledWith({ words: ['300 0 400 1000', '0 350 1000 250'] }));
  expect(fetched).toHaveBeenCalledOnce();
});

it('shows them, and lets them be drawn anew', () => {
  const { onOpen } = open({ words: ['300 0 400 1000', '0 350 1000 250', '0 800 1000 600'] });
  expect(screen.getByRole('img', { name: '3 lines from the drawing' }).querySelectorAll('line')).toHaveLength(3);
  press('Draw again');
  expect(onOpen).toHaveBeenCalled();
});

it('says why a picture has none', async () => {
  answers('POST', new Error('No straight line from side to side of a frame was found.'));
  const { onChange, input } = open();
  fireEvent.change(input(), { target: { files: [drawing] } });
  expect((await screen.findByRole('alert')).textContent).toContain('No straight line');
  expect(onChange).not.toHaveBeenCalled();
});
