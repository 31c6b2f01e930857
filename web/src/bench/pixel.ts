import type { Goal } from './stack';

const linear = (code: number) => {
  const c = code / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
};

/** Mean of sRGB pixels (RGBA bytes) in linear light, as CIELAB under D65: IEC 61966-2-1, ISO/CIE 11664-4. */
export function srgbToLab(pixels: Uint8ClampedArray): Goal {
  const sum: [number, number, number] = [0, 0, 0];
  const count = pixels.length / 4;
  for (let i = 0; i < pixels.length; i += 4) {
    for (const c of [0, 1, 2] as const) {
      sum[c] += linear(pixels[i + c] ?? 0) / count;
    }
  }
  const [r, g, b] = sum;
  const x = (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047;
  const y = 0.2126729 * r + 0.7151522 * g + 0.072175 * b;
  const z = (0.0193339 * r + 0.119192 * g + 0.9503041 * b) / 1.08883;
  const f = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);
  return { l: Math.max(0, 116 * f(y) - 16), a: 500 * (f(x) - f(y)), b: 200 * (f(y) - f(z)) };
}
