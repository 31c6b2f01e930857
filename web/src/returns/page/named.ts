const words = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** Who is named in a file's name: every word of the name is in it, in any order, and of nobody else. */
export function namedIn<T extends { student: string }>(file: string, of: readonly T[]): T | undefined {
  const there = new Set(words(file));
  const named = of.filter((s) => words(s.student).length > 0 && words(s.student).every((w) => there.has(w)));
  return new Set(named.map((s) => s.student)).size === 1 ? named[0] : undefined;
}
