/**
 * Shows grain in the tones of a swatch.
 *
 * @param tone of each pixel, 0…255
 * @param tones red, green, blue of each tone, in base 64
 * @param into red, green, blue, opacity of each pixel
 */
export function painted(tone: Uint8Array, tones: string, into: Uint8ClampedArray): void {
  const codes = atob(tones);
  const pixels = new Uint32Array(into.buffer, into.byteOffset, tone.length);
  const colours = Uint32Array.from({ length: 256 }, (_, i) => packed(codes.charCodeAt(3 * i), codes.charCodeAt(3 * i + 1), codes.charCodeAt(3 * i + 2)));
  for (let i = 0; i < tone.length; i++) {
    pixels[i] = colours[tone[i] ?? 0] ?? 0;
  }
}

/** Four bytes as one number, in the order this machine keeps them. */
function packed(red: number, green: number, blue: number): number {
  return new Uint32Array(new Uint8Array([red, green, blue, 255]).buffer)[0] ?? 0;
}
