import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { colour, space } from '../design/tokens';
import { Labelled } from './Labelled';

/** Pencils with their colours, and how many of each; what there is too little of stands first. */
export function PutOut({ lessons, students }: { lessons: Schemas['LessonView'][]; students: number }) {
  const wants = lessons.flatMap((l) => l.wants).filter((w, i, all) => all.findIndex((o) => o.code === w.code && o.name === w.name) === i);
  if (wants.length === 0) {
    return null;
  }
  const short = ({ copies }: (typeof wants)[number]) => typeof copies === 'number' && copies < students;
  return (
    <Labelled label="Put out">
      {wants
        .toSorted((a, b) => Number(short(b)) - Number(short(a)))
        .map((w) => (
          <Pencil key={w.code + w.name}>
            <i style={{ background: w.colour }} aria-hidden />
            {w.code} {w.name} × {short(w) ? `${w.copies ?? 0}, ${students} want it` : students}
          </Pencil>
        ))}
      <Pencil>sharpeners</Pencil>
    </Labelled>
  );
}

const Pencil = styled.span`
  display: inline-flex;
  align-items: center;
  gap: ${space(1)};
  i { width: 16px; height: 16px; border: 1px solid ${colour.line}; }
`;
