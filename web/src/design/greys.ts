/** Code value of a true grey of an L* (CIELAB a = b = 0 under D65): ISO/CIE 11664-4 and IEC 61966-2-1. */
export function greyCode(lightness: number): number {
  const f = (lightness + 16) / 116;
  const luminance = lightness > 8 ? f ** 3 : lightness / (24389 / 27);
  const code = luminance <= 0.0031308 ? 12.92 * luminance : 1.055 * luminance ** (1 / 2.4) - 0.055;
  return Math.round(255 * Math.min(1, Math.max(0, code)));
}

/** The grey as a style sheet writes it. */
export function grey(lightness: number): string {
  const two = greyCode(lightness).toString(16).padStart(2, '0');
  return `#${two}${two}${two}`;
}
