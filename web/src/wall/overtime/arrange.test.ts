import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { byFault, ofSkill, sorted } from './arrange';

type Student = Schemas['StudentProgressView'];

const tried = (level: number) => ({ received: '2026-10-01T09:00:00Z', level, page: 'p', read: '2026-10-01T09:00:00Z' });
const student = (name: string, ...tries: number[][]): Student => ({
  student: name,
  name,
  standings: tries.map((levels, i) => ({
    skill: i === 0 ? 'PRESSURE' : 'EVEN_TONE',
    level: levels[levels.length - 1] ?? 0,
    secure: false,
    change: { trend: 'TOO_LITTLE', levels: 0, plusMinus: 4 },
    spread: 0,
    tries: levels.map(tried),
  })),
});
const amara = student('Amara', [1, 3], [2]);
const bjorn = student('Björn', [4, 3], [4]);
const zoe = student('Zoë');
const all = [amara, bjorn, zoe];
const names = (students: readonly Student[]) => students.map((s) => s.name);

describe('a wall in order', () => {
  it('puts first who stands lowest, changed most or misses most', () => {
    expect(names(sorted(all, 'name'))).toEqual(['Amara', 'Björn', 'Zoë']);
    expect(names(sorted(all, 'standing'))).toEqual(['Zoë', 'Amara', 'Björn']);
    expect(names(sorted(all, 'change'))).toEqual(['Amara', 'Zoë', 'Björn']);
    expect(names(sorted(all, 'missing'))).toEqual(['Zoë', 'Amara', 'Björn']);
  });

  it('counts one skill alone', () => {
    expect(ofSkill(all, 'EVEN_TONE').map((s) => s.standings.length)).toEqual([1, 1, 0]);
    expect(names(sorted(ofSkill(all, 'EVEN_TONE'), 'change'))).toEqual(['Amara', 'Björn', 'Zoë']);
  });

  it('parts students by what they lack and leaves nobody out', () => {
    const parts = byFault(all, [{ skill: 'EVEN_TONE', students: ['Zoë', 'Amara'] }]);
    expect(parts.map((p) => [p.group?.skill, names(p.students)])).toEqual([
      ['EVEN_TONE', ['Amara', 'Zoë']],
      [undefined, ['Björn']],
    ]);
    expect(byFault(all, [])).toHaveLength(1);
  });
});
