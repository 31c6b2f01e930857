import { useState } from 'react';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Rota } from '../course/Rota';
import { LinkButton } from '../design/Controls';
import { colour, space } from '../design/tokens';
import { Labelled } from './Labelled';
import { formatMessage } from '../words/intl';

interface Props {
  lessons: Schemas['LessonView'][];
  students: number;
  schoolClass: string;
  period: string;
}

/** Pencils with their colours, and how many of each; what there is too little of stands first, and who takes it when. */
export function PutOut({ lessons, students, schoolClass, period }: Props) {
  const [sharing, setSharing] = useState(false);
  const wants = lessons.flatMap((l) => l.wants).filter((w, i, all) => all.findIndex((o) => o.code === w.code && o.name === w.name) === i);
  if (wants.length === 0) {
    return null;
  }
  const short = ({ copies }: (typeof wants)[number]) => typeof copies === 'number' && copies < students;
  return (
    <Labelled label={formatMessage({ id: 'today.materials.heading' })}>
      {wants
        .toSorted((a, b) => Number(short(b)) - Number(short(a)))
        .map((w) => (
          <Pencil key={w.code + w.name}>
            <i style={{ background: w.colour }} aria-hidden />
            {w.code} {w.name} × {short(w) ? formatMessage({ id: 'today.materials.copies' }, { copies: w.copies ?? 0, students }) : students}
          </Pencil>
        ))}
      <Pencil>{formatMessage({ id: 'today.sharpeners' })}</Pencil>
      {wants.some(short) && (
        <LinkButton aria-expanded={sharing} onPress={() => setSharing(!sharing)}>
          {formatMessage({ id: 'today.materials.rota' })} {sharing ? '▴' : '▾'}
        </LinkButton>
      )}
      {sharing && lessons.filter((l) => l.wants.some(short)).map((l) => <Rota key={l.id} schoolClass={schoolClass} lesson={l.id} period={period} />)}
    </Labelled>
  );
}

const Pencil = styled.span`
  display: inline-flex;
  align-items: center;
  gap: ${space(1)};
  i { width: 16px; height: 16px; border: 1px solid ${colour.line}; }
`;
