import { act, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answers, show } from '../testing';
import { chooseEyes } from './eyes';
import { SeenBy } from './SeenBy';

afterEach(() => {
  act(() => chooseEyes('USUAL'));
});

describe('seen by other eyes', () => {
  it('leaves everything as it is for usual eyes, and asks for nothing', () => {
    const asked = answers('GET');
    show(<SeenBy>a swatch</SeenBy>);
    expect(screen.getByText('a swatch').style.filter).toBe('');
    expect(asked).not.toHaveBeenCalled();
  });

  it('lays the matrix of the chosen eyes over what is inside', async () => {
    answers('GET', [{ vision: 'DEUTAN', severity: 1, matrix: [0.4, 0.8, -0.2, 0.3, 0.7, 0, 0, 0, 1] }]);
    const { container } = show(<SeenBy>a swatch</SeenBy>);
    act(() => chooseEyes('DEUTAN'));
    await vi.waitFor(() => expect(container.querySelector('feColorMatrix')?.getAttribute('values')).toBe('0.4 0.8 -0.2 0 0 0.3 0.7 0 0 0 0 0 1 0 0 0 0 0 1 0'));
    expect(container.querySelector<HTMLElement>('[data-seen-by="DEUTAN"]')?.style.filter).toContain('#eyes');
  });
});
