import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { useKeys } from './useKeys';

function Place({ pressed, always }: { pressed: string[]; always?: boolean }) {
  useKeys((key) => {
    pressed.push(key);
    return key === 'a';
  }, always);
  return (
    <>
      <input aria-label="words" />
      <input type="radio" aria-label="level" />
      <div role="dialog">
        <button>inside</button>
      </div>
    </>
  );
}

it('names what is held with a key, and takes from the browser what was acted on', () => {
  const pressed: string[] = [];
  render(<Place pressed={pressed} />);
  expect(fireEvent.keyDown(document.body, { key: 'A' })).toBe(false);
  expect(fireEvent.keyDown(document.body, { key: 'b' })).toBe(true);
  fireEvent.keyDown(document.body, { key: 'Z', ctrlKey: true, shiftKey: true });
  fireEvent.keyDown(document.body, { key: 'ArrowUp', altKey: true });
  fireEvent.keyDown(document.body, { key: 'z', metaKey: true });
  expect(pressed).toEqual(['a', 'b', 'mod+shift+z', 'alt+ArrowUp', 'mod+z']);
});

it('leaves keys to whoever types, but not to radio buttons', () => {
  const pressed: string[] = [];
  render(<Place pressed={pressed} />);
  fireEvent.keyDown(screen.getByLabelText('words'), { key: 'x' });
  fireEvent.keyDown(screen.getByText('inside'), { key: 'y' });
  fireEvent.keyDown(screen.getByLabelText('level'), { key: '2' });
  expect(pressed).toEqual(['2']);
});

it('goes with its place, and hears all where it must', () => {
  const pressed: string[] = [];
  const { unmount } = render(<Place pressed={pressed} always />);
  fireEvent.keyDown(screen.getByLabelText('words'), { key: 'Escape' });
  unmount();
  fireEvent.keyDown(document.body, { key: 'Escape' });
  expect(pressed).toEqual(['Escape']);
});
