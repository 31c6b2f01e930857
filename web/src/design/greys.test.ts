import { describe, expect, it } from 'vitest';
import { grey, greyCode } from './greys';
import { levelGreys, surrounds } from './tokens';

/** WCAG 2.2 contrast of two greys, from their codes (IEC 61966-2-1). */
function contrast(one: number, two: number): number {
  const light = (code: number) => {
    const c = code / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  const [dark, bright] = [light(one), light(two)].sort((a, b) => a - b) as [number, number];
  return (bright + 0.05) / (dark + 0.05);
}

describe('greys of an L*', () => {
  it('run from black to white', () => {
    expect(grey(0)).toBe('#000000');
    expect(grey(100)).toBe('#ffffff');
  });

  it('put the middle where CIELAB has it: L* 50 is code 119', () => {
    // Y = ((50 + 16) / 116)³ = 0.18419; 1.055 · Y^(1/2.4) − 0.055 = 0.4663; · 255 = 118.9
    expect(greyCode(50)).toBe(119);
  });

  it('stay inside the screen beyond the ends', () => {
    expect(greyCode(-5)).toBe(0);
    expect(greyCode(130)).toBe(255);
  });
});

describe.each(Object.entries(surrounds))('the %s surround', (_, s) => {
  it('keeps words readable (AA, 4.5 : 1)', () => {
    for (const ground of [s.paper, s.raised, s.wash]) {
      expect(contrast(greyCode(s.ink), greyCode(ground))).toBeGreaterThan(4.5);
      expect(contrast(greyCode(s.muted), greyCode(ground))).toBeGreaterThan(4.5);
    }
  });
});

it('levels darken step by step', () => {
  const codes = levelGreys.map((g) => parseInt(g.slice(1, 3), 16));
  expect([...codes].sort((a, b) => b - a)).toEqual(codes);
  expect(new Set(codes).size).toBe(5);
});
