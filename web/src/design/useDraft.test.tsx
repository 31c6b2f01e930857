import { act, renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { forgetDrafts, keepDraftsOf, useDraft } from './useDraft';

const opened = (key: string) => renderHook(() => useDraft(key, () => 'as saved')).result;

it('is there again after a reload, for what it was of alone', () => {
  const before = opened('note.1');
  act(() => before.current[1]('half a sen'));
  act(() => before.current[1]((words) => `${words}tence`));
  expect(opened('note.1').current[0]).toBe('half a sentence');
  expect(opened('note.2').current[0]).toBe('as saved');
});

it('is gone once it is saved, and when its teacher signs out', () => {
  const note = opened('note.3');
  act(() => note.current[1]('words'));
  act(() => note.current[2]());
  expect(opened('note.3').current[0]).toBe('as saved');
  act(() => note.current[1]('more words'));
  forgetDrafts();
  expect(opened('note.3').current[0]).toBe('as saved');
});

it('is found by the teacher who signs in again, and by no other', () => {
  keepDraftsOf('maren');
  const note = opened('note.5');
  act(() => note.current[1]('words'));
  keepDraftsOf('maren');
  expect(opened('note.5').current[0]).toBe('words');
  keepDraftsOf('tolu');
  expect(opened('note.5').current[0]).toBe('as saved');
});

it('starts anew where what was kept cannot be read', () => {
  sessionStorage.setItem('draft/note.4', '{');
  expect(opened('note.4').current[0]).toBe('as saved');
});
