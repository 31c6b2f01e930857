import type { Schemas } from '../../api/client';

type Student = Schemas['StudentProgressView'];
type Group = Schemas['GroupView'];
type Skill = Schemas['SkillSpreadView']['skill'];

export type Order = 'name' | 'standing' | 'change' | 'missing';

const mean = (values: readonly number[]) => values.reduce((sum, v) => sum + v, 0) / Math.max(1, values.length);

/** Levels between the first attempt and the last, over the skills that are shown. */
function change(student: Student): number {
  return mean(
    student.standings.flatMap((s) => {
      const first = s.tries[0];
      const latest = s.tries[s.tries.length - 1];
      return first && latest ? [latest.level - first.level] : [];
    }),
  );
}

/** Who stands lowest, has changed most or misses most comes first; names are in the order of the class. */
export function sorted(students: readonly Student[], order: Order): Student[] {
  if (order === 'name') {
    return [...students];
  }
  const key: Record<Exclude<Order, 'name'>, (s: Student) => number> = {
    standing: (s) => mean(s.standings.map((x) => x.level)),
    change: (s) => -change(s),
    missing: (s) => s.standings.length,
  };
  return [...students].sort((a, b) => key[order](a) - key[order](b));
}

/** The same with one skill alone. */
export const ofSkill = (students: readonly Student[], skill: Skill): Student[] => students.map((s) => ({ ...s, standings: s.standings.filter((x) => x.skill === skill) }));

/** Students parted by what they lack, each part in the order given; who lacks nothing comes last. @param group undefined for these */
export function byFault(students: readonly Student[], groups: readonly Group[]): { group: Group | undefined; students: Student[] }[] {
  const parts = groups.map((group) => ({ group: group, students: students.filter((s) => group.students.includes(s.student)) }));
  const rest = students.filter((s) => !groups.some((g) => g.students.includes(s.student)));
  return [...parts, { group: undefined, students: rest }].filter((p) => p.students.length > 0);
}
