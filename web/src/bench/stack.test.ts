import { describe, expect, it } from 'vitest';
import schema from '../../openapi.json';
import { srgbToLab } from './pixel';
import { changed, colourLayer, grades, layerManner, moved, nearest, without, type StackData } from './stack';
import { remedyWords, signed, warningWords, whatIfWords } from './words';

const stack: StackData = { paper: 'p', layers: ['a', 'b', 'c'].map(colourLayer) };
const pencils = (s: StackData) => s.layers.map((l) => l.pencil).join('');

describe('a stack', () => {
  it('moves a layer up and down, and stays where it cannot', () => {
    expect(pencils(moved(stack, 0, 1))).toBe('bac');
    expect(pencils(moved(stack, 2, -2))).toBe('cab');
    expect(moved(stack, 2, 1)).toBe(stack);
    expect(moved(stack, 0, -1)).toBe(stack);
  });

  it('changes and loses one layer without touching the others', () => {
    const firm = changed(stack, 1, { pressure: 0.65 });
    expect(firm.layers.map((l) => l.pressure)).toEqual([0.4, 0.65, 0.4]);
    expect(stack.layers[1]?.pressure).toBe(0.4);
    expect(pencils(without(stack, 1))).toBe('ac');
  });

  it('says how a layer is laid', () => {
    expect(layerManner({ ...colourLayer('a'), pressure: 0.08, passes: 3 })).toBe('whisper · × 3 · sharp · circles');
    expect(layerManner({ kind: 'BURNISH', pencil: 'a', passes: 2 })).toBe('hard and dull, × 2');
    expect(nearest(grades, 0.7).name).toBe('firm');
  });
});

describe('every code of the server has its words', () => {
  const schemas = schema.components.schemas;

  it('warnings', () => {
    for (const code of schemas.WarningView.properties.code.enum) {
      const words = warningWords({ code: code as never, severity: 'NOTE', layer: 0, figure: 0.3, limit: 0.1, remedy: 'LEAVE_OUT' }, () => 'Foam');
      expect(words, code).toMatch(/\.$/);
    }
  });

  it('remedies and what-ifs', () => {
    expect(Object.keys(remedyWords).sort()).toEqual([...schemas.WarningView.properties.remedy.enum].sort());
    expect(Object.keys(whatIfWords).sort()).toEqual([...schemas.WhatIfView.properties.kind.enum].sort());
  });
});

it('signs differences with a true minus', () => {
  expect(signed(-1.24)).toBe('−1.2');
  expect(signed(3, 0)).toBe('+3');
});

describe('a pixel of a picture', () => {
  const pixels = (...rgb: number[]) => new Uint8ClampedArray([...rgb, 255]);

  it('white and black are the ends of L*', () => {
    expect(srgbToLab(pixels(255, 255, 255)).l).toBeCloseTo(100, 3);
    expect(srgbToLab(pixels(0, 0, 0)).l).toBeCloseTo(0, 6);
  });

  it('sRGB red is L* 53.24, a* 80.09, b* 67.20 (IEC 61966-2-1 primaries under D65)', () => {
    const red = srgbToLab(pixels(255, 0, 0));
    expect(red.l).toBeCloseTo(53.24, 1);
    expect(red.a).toBeCloseTo(80.09, 1);
    expect(red.b).toBeCloseTo(67.2, 1);
  });

  it('the mean is taken in light, not in codes', () => {
    const both = new Uint8ClampedArray([255, 255, 255, 255, 0, 0, 0, 255]);
    // Y = 0.5: L* = 116 · 0.5^(1/3) − 16 = 76.07
    expect(srgbToLab(both).l).toBeCloseTo(76.07, 1);
  });
});
