import { cleanup, fireEvent, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { kit } from '../kit/testing';
import { press, show } from '../testing';
import type { Planned, Value } from './draft';
import { ParameterControl } from './ParameterControl';

const steps = { name: 'steps', label: 'Steps', type: 'WHOLE', least: 3, most: 11, mayBeLeftOpen: false, options: [], pencils: [] } as unknown as Schemas['ParameterView'];

interface Given {
  parameter: Partial<Schemas['ParameterView']>;
  used?: Value;
  chosen?: boolean;
  problem?: Planned['problems'][number];
}

function open({ parameter, used, chosen = false, problem }: Given) {
  const onChange = vi.fn();
  const onOpen = vi.fn();
  show(<ParameterControl parameter={{ ...steps, ...parameter }} pencils={kit.pencils} used={used} chosen={chosen} problem={problem} onChange={onChange} onOpen={onOpen} />);
  return { onChange, onOpen };
}

it('a whole number goes up and down within its range', () => {
  const { onChange } = open({ parameter: {}, used: { number: 5 } });
  expect(screen.getByText('(3–11)')).toBeTruthy();
  press(/^Increase/);
  expect(onChange).toHaveBeenCalledWith({ number: 6 });
});

it('one left open says so, and begins in the middle when it is chosen', () => {
  const { onChange } = open({ parameter: { mayBeLeftOpen: true } });
  expect(screen.getByText(/chosen automatically/)).toBeTruthy();
  press('Choose');
  expect(onChange).toHaveBeenCalledWith({ number: 7 });
});

it('one that was chosen can be left open again', () => {
  const { onOpen } = open({ parameter: { mayBeLeftOpen: true }, used: { number: 7 }, chosen: true });
  press('Choose automatically');
  expect(onOpen).toHaveBeenCalled();
});

it('few choices stand side by side, many in a list', () => {
  const options = ['left', 'right', 'up', 'down'].map((id) => ({ id, label: id }));
  const { onChange } = open({ parameter: { type: 'CHOICE', label: 'Direction', options: options.slice(0, 2) }, used: { word: 'left' } });
  fireEvent.click(screen.getByRole('radio', { name: 'right' }));
  expect(onChange).toHaveBeenCalledWith({ word: 'right' });
  cleanup();
  open({ parameter: { type: 'CHOICE', label: 'Direction', options }, used: { word: 'left' } });
  expect(screen.queryByRole('radio')).toBeNull();
  expect(screen.getByRole('button', { name: /left/ })).toBeTruthy();
});

it('a pencil left open reads so; pencils no longer in the kit are not offered', () => {
  open({ parameter: { type: 'PENCIL', label: 'Pencil', mayBeLeftOpen: true, pencils: ['S07', 'gone'] } });
  expect(screen.getByRole('button', { name: /chosen automatically/ })).toBeTruthy();
  cleanup();
  open({ parameter: { type: 'PENCIL', label: 'Pencil', pencils: ['S07', 'gone'] }, used: { pencil: 'S07' }, chosen: true });
  expect(screen.getByRole('button', { name: /S07 Buoy Red/ })).toBeTruthy();
});

it('what cannot be is said with the nearest that can, one press away', () => {
  const { onChange } = open({
    parameter: {},
    used: { number: 11 },
    chosen: true,
    problem: { parameter: 'steps', words: 'This yellow spans 4 steps.', nearest: { number: 4 } },
  });
  expect(screen.getByRole('alert').textContent).toContain('This yellow spans 4 steps.');
  press('Use 4');
  expect(onChange).toHaveBeenCalledWith({ number: 4 });
});
