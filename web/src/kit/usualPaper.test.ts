import { expect, it } from 'vitest';
import { usualPaper } from './usualPaper';

const paper = (id: string, tooth: number) => ({ id, tooth, revision: 0, name: id, colour: '#f2f1ec', lab: { l: 95, a: 0, b: 2 }, grainMm: 0.3 });

it('begins with the paper nearest to an ordinary tooth, whatever it is called', () => {
  expect(usualPaper([paper('smooth', 0.35), paper('mine', 1.1), paper('rough', 1.6)])?.id).toBe('mine');
  expect(usualPaper([paper('first', 0.9), paper('second', 1.1)])?.id).toBe('first');
  expect(usualPaper([])).toBeUndefined();
});
