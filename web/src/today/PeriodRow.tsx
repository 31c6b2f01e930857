import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { GroupWork } from '../course/GroupWork';
import { meetingWords, warningWords } from '../course/words';
import { LinkButton } from '../design/Controls';
import { Small } from '../design/Text';
import { colour, faces, sizes, space } from '../design/tokens';
import { decimals } from '../words/words';
import { Labelled } from './Labelled';
import { LessonLog } from './LessonLog';
import { PutOut } from './PutOut';
import { RunStanding, NextStep } from './RunStanding';
import { SheetPrints } from './SheetPrints';
import { NextLink } from './plates';
import { count, formatMessage } from '../words/intl';

export type ClassDay = Schemas['TodayClassView'];

/** One period: what is on, what to put out, print, say, mind; what waits; and at its end what happened. */
export function PeriodRow({ shown, isDemo, begin }: { shown: ClassDay; isDemo: boolean; begin: boolean }) {
  const [open, setOpen] = useState(begin);
  const { period, lessons, run } = shown;
  const cancelled = period?.state === 'CANCELLED';
  const what = lessons.map((l, i) => formatMessage({ id: 'today.lesson.part' }, { title: l.title, part: shown.numbers[i] ?? 0, parts: shown.of })).join(', then ');
  return (
    <Row aria-label={shown.name}>
      <Time>{period ? period.starts.slice(11, 16) : '–'}</Time>
      <Who>
        <h2>{shown.name}</h2>
        <Small>
          {count(shown.students, 'student')}
          {period?.place && ` · ${period.place}`}
        </Small>
        <LinkButton aria-expanded={open} onPress={() => setOpen(!open)}>
          {open ? formatMessage({ id: 'today.collapse' }) : formatMessage({ id: 'today.open' })}
        </LinkButton>
      </Who>
      <div>
        {cancelled && <Title>{formatMessage({ id: 'today.cancelled' })}</Title>}
        {period && !cancelled && (
          <>
            <Title>{what || formatMessage({ id: 'today.lesson.none' })}</Title>
            {lessons.length > 0 && (
              <Small>
                {formatMessage(
                  { id: 'today.lesson.minutes' },
                  {
                    aim: lessons[0]?.aim ?? '',
                    planned: decimals(period.planned),
                    available: decimals(period.room),
                    continues: period.pieces.at(-1)?.goesOn ?? false,
                    logged: period.logged,
                  },
                )}
              </Small>
            )}
          </>
        )}
        {open && period && !cancelled && (
          <Details>
            {shown.warnings.slice(0, 4).map((w, i) => (
              <Warn key={`${w.kind}${i}`}>▲ {warningWords(w, (id) => lessons.find((l) => l.id === id)?.title ?? formatMessage({ id: 'today.lesson.other' }))}</Warn>
            ))}
            <PutOut lessons={lessons} students={shown.students} schoolClass={shown.id} period={period.key} />
            {lessons.length > 0 && <SheetPrints sheets={shown.sheets} schoolClass={shown.id} period={period.key} students={shown.students} />}
            {lessons.some((l) => l.beside.length > 0) && (
              <Labelled label={formatMessage({ id: 'today.beside' })}>
                <GroupWork groups={lessons.flatMap((l) => l.beside)} />
              </Labelled>
            )}
            {lessons.some((l) => l.notes !== '') && <Labelled label={formatMessage({ id: 'today.notes' })}>{lessons.map((l) => l.notes).join(' ')}</Labelled>}
            {lessons.some((l) => l.cautions.length > 0) && (
              <Labelled label={formatMessage({ id: 'today.caution.heading' })}>{[...new Set(lessons.flatMap((l) => l.cautions))].join(' ')}</Labelled>
            )}
            <LessonLog schoolClass={shown.id} period={period} lessons={lessons} />
          </Details>
        )}
        {run && (open || !period) && <RunStanding run={run} />}
      </div>
      <Actions>
        {run ? <NextStep name={shown.name} run={run} isDemo={isDemo} /> : !period && <NextLink to="/sheets">{formatMessage({ id: 'today.start.sheet' })}</NextLink>}
        {period && !cancelled && lessons[0] && <Link to={`/show/lesson/${shown.id}/${lessons[0].id}`}>{formatMessage({ id: 'today.show' })}</Link>}
        <Link
          to={`/course/${shown.id}${lessons[0] ? `/${lessons[0].id}` : ''}`}
          aria-label={formatMessage({ id: 'today.course.of' }, { name: shown.name, starts: period ? meetingWords(period.starts) : 'none' })}
        >
          {formatMessage({ id: 'today.course' })}
        </Link>
      </Actions>
    </Row>
  );
}

const Row = styled.section`
  display: grid;
  grid-template-columns: 72px 130px minmax(0, 1fr) 190px;
  gap: ${space(5)};
  padding: ${space(4)} 0;
  border-bottom: 1px solid ${colour.line};
  @media (max-width: 1100px) { grid-template-columns: 64px 116px minmax(0, 1fr) 170px; gap: ${space(4)}; }
  @media (max-width: 720px) { grid-template-columns: 60px minmax(0, 1fr); & > :nth-child(n + 3) { grid-column: 1 / -1; } }
`;
const Time = styled.div`font: 600 ${sizes.head} / 1.15 ${faces.text};`;
const Who = styled.div`display: flex; flex-direction: column; align-items: flex-start; gap: ${space(1)};`;
const Title = styled.p`font-size: ${sizes.lead}; font-weight: 600;`;
const Details = styled.div`display: flex; flex-direction: column; gap: ${space(2)}; margin: ${space(2)} 0;`;
const Warn = styled.p`padding: 2px ${space(3)}; border-left: 4px solid ${colour.ink}; background: ${colour.wash};`;
const Actions = styled.div`display: flex; flex-direction: column; align-items: flex-start; gap: ${space(2)}; & button, & a { max-width: 100%; white-space: normal; }`;
