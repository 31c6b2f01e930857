import { act, renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { useHistory } from './history';

it('goes back and forth, and forgets what was undone when something new is done', () => {
  const { result } = renderHook(() => useHistory(() => 'bare'));
  act(() => result.current.set('red'));
  act(() => result.current.set('violet'));
  act(() => result.current.undo());
  expect(result.current.present).toBe('red');
  expect(result.current.canRedo).toBe(true);
  act(() => result.current.redo());
  expect(result.current.present).toBe('violet');
  act(() => result.current.undo());
  act(() => result.current.set('green'));
  expect(result.current.canRedo).toBe(false);
  act(() => result.current.undo());
  act(() => result.current.undo());
  expect(result.current.present).toBe('bare');
  expect(result.current.canUndo).toBe(false);
  act(() => result.current.undo());
  expect(result.current.present).toBe('bare');
});
