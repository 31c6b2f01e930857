import { describe, expect, it } from 'vitest';
import { usual } from './example';
import { asked, moved, turned, zoomed } from './words';

describe('a picture in its frame', () => {
  it('moves by what is seen and stops at its edges', () => {
    expect(moved(usual, 0.1, -0.1)).toMatchObject({ centreX: 0.6, centreY: 0.4 });
    expect(moved({ ...usual, zoom: 2 }, 0.1, 0)).toMatchObject({ centreX: 0.55 });
    expect(moved(usual, 3, -3)).toMatchObject({ centreX: 1, centreY: 0 });
  });

  it('is never smaller than the frame holds and comes round after four turns', () => {
    expect(zoomed(usual, 0.5).zoom).toBe(1);
    expect(zoomed(usual, 100).zoom).toBe(8);
    expect(turned(turned(turned(turned(usual))))).toEqual(usual);
  });

  it('asks with every setting', () => {
    expect([...new URLSearchParams(asked(usual)).keys()]).toHaveLength(13);
    expect(new URLSearchParams(asked(usual)).get('islandMm2')).toBe('20');
  });
});
