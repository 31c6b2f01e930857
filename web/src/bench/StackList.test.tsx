import { fireEvent, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { press, show } from '../testing';
import { kit } from '../kit/testing';
import { colourLayer, type StackData } from './stack';
import { StackList } from './StackList';

const two: StackData = { paper: 'cartridge', layers: [colourLayer('black'), { ...colourLayer('S07'), passes: 2 }] };

function open(stack: StackData, selected = 0) {
  const onChange = vi.fn();
  const onSelect = vi.fn();
  show(<StackList kit={kit} stack={stack} look={undefined} selected={selected} onSelect={onSelect} onChange={onChange} />);
  return { onChange, onSelect };
}

it('the layer laid last lies on top', () => {
  open(two);
  expect(screen.getAllByRole('row').map((row) => row.getAttribute('aria-label') ?? row.textContent)).toMatchObject([
    expect.stringContaining('Buoy Red'),
    expect.stringContaining('Lamp Black'),
  ]);
});

it('a further layer is of the pencil on top, and is chosen', () => {
  const { onChange } = open(two);
  press('Add a layer');
  expect(onChange).toHaveBeenCalledWith({ ...two, layers: [...two.layers, colourLayer('S07')] }, 2);
});

it('burnishing takes the palest pencil that has a colour', () => {
  const { onChange } = open(two);
  press('burnish');
  expect(onChange.mock.lastCall?.[0]).toMatchObject({ layers: [{}, {}, { kind: 'BURNISH', pencil: 'white', passes: 1 }] });
});

it('changes the chosen layer and no other', () => {
  const { onChange } = open(two, 1);
  fireEvent.click(screen.getByRole('radio', { name: 'firm' }));
  expect(onChange).toHaveBeenLastCalledWith({ ...two, layers: [two.layers[0], { ...two.layers[1], pressure: 0.65 }] }, 1);
  fireEvent.click(screen.getByRole('radio', { name: 'one way' }));
  expect(onChange).toHaveBeenLastCalledWith({ ...two, layers: [two.layers[0], { ...two.layers[1], stroke: 'ONE_WAY' }] }, 1);
});

it('moves the chosen layer, but not beyond the top', () => {
  const { onChange } = open(two, 0);
  press('up');
  expect(onChange).toHaveBeenLastCalledWith({ ...two, layers: [two.layers[1], two.layers[0]] }, 1);
});

it('says that solvent is not for every room', () => {
  open({ paper: 'cartridge', layers: [colourLayer('black'), { kind: 'SOLVENT' }] }, 1);
  expect(screen.getByText(/School policy and local rules decide/)).toBeTruthy();
});

it('bare paper asks for a first layer', () => {
  open({ paper: 'cartridge', layers: [] });
  expect(screen.getByText('Bare paper. Add a first layer.')).toBeTruthy();
});
