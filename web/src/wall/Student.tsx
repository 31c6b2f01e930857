import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { useClassAccess } from '../account/useClassAccess';
import { api, body, type Schemas } from '../api/client';
import { Level } from '../design/Level';
import { MetricHelp } from '../design/MetricHelp';
import { Place } from '../design/Place';
import { Empty, Failed, Loading } from '../design/States';
import { Under } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import { pictureOf } from '../returns/pictures';
import { causeWords, dayOf, levelNames, decimals } from '../words/words';
import { Ladder } from './overtime/Ladder';
import { formatMessage } from '../words/intl';

type Attempt = Schemas['AttemptView'];

/** One student: every attempt with its boxes, levels, and what to say. */
export default function Student() {
  const { id = '' } = useParams();
  const { isOwn } = useClassAccess();
  const student = useQuery({
    queryKey: ['wall', 'student', id],
    queryFn: () => body(api.GET('/api/wall/students/{id}', { params: { path: { id } } })),
  });
  if (student.isPending) {
    return <Loading what={formatMessage({ id: 'wall.loading.student' })} />;
  }
  if (student.isError) {
    return <Failed error={student.error} />;
  }
  const { name, className, attempts } = student.data;
  return (
    <Place
      title={name}
      about={`${className}, ${attempts.length === 1 ? formatMessage({ id: 'wall.oneAttempt' }) : formatMessage({ id: 'wall.attempts' }, { attempts: attempts.length })}`}
      actions={
        isOwn &&
        attempts.some((a) => a.confirmed) && (
          <>
            <Link to={`/wall/class/${student.data.schoolClass}/redo?students=${id}`}>{formatMessage({ id: 'wall.redo.one' })}</Link>
            <Link to={`/wall/class/${student.data.schoolClass}/reports?student=${id}`}>{formatMessage({ id: 'wall.report' })}</Link>
          </>
        )
      }
    >
      {attempts.length === 0 && (
        <Empty title={formatMessage({ id: 'wall.empty.title' })}>
          <p>{formatMessage({ id: 'wall.empty.soon' }, { className: name })}</p>
        </Empty>
      )}
      <Ladder student={id} />
      {student.data.missing.length > 0 && (
        <Missed>
          <b>{formatMessage({ id: 'wall.missing.heading' })}</b>{' '}
          {student.data.missing.map((m, i) => (
            <span key={m.run}>
              {i > 0 && ', '}
              <Link to={`/wall/${m.run}`}>{m.title}</Link> ({dayOf(m.printedAt)}, {m.absent && `${formatMessage({ id: 'wall.absent' })}, `}
              <PrintAgain run={m.run} student={id} />)
            </span>
          ))}
        </Missed>
      )}
      {attempts.map((attempt) => (
        <AttemptRow key={attempt.page} attempt={attempt} student={id} />
      ))}
    </Place>
  );
}

/** A page of an assignment, printed alone. */
function PrintAgain({ run, student }: { run: string; student: string }) {
  return (
    <a href={`/api/sheets/runs/${run}/pages.pdf?student=${student}`} target="_blank" rel="noreferrer">
      {formatMessage({ id: 'wall.page.printAgain' })}
    </a>
  );
}

function AttemptRow({ attempt, student }: { attempt: Attempt; student: string }) {
  const weakest = [...attempt.marks].filter((m) => m.cause && m.level < 3).sort((a, b) => a.level - b.level)[0];
  const strongest = [...attempt.marks].sort((a, b) => b.level - a.level)[0];
  return (
    <Row>
      <Head>
        <h2>{attempt.title}</h2>
        <Under>
          {dayOf(attempt.received)}
          {attempt.again && ` · ${formatMessage({ id: 'wall.row.doneAgainMark' })}`} ·{' '}
          {attempt.confirmed ? formatMessage({ id: 'wall.row.confirmedMark' }) : formatMessage({ id: 'wall.row.notConfirmedMark' })} ·{' '}
          <Link to={`/wall/${attempt.run}`}>{formatMessage({ id: 'wall.wall' })}</Link> ·{' '}
          <Link to={`/returns/${attempt.run}/${attempt.page}`}>{formatMessage({ id: 'wall.evidence' })}</Link> · <PrintAgain run={attempt.run} student={student} />
        </Under>
      </Head>
      <Boxes>
        {attempt.cells.map((cell) => (
          <figure key={cell.field}>
            <img src={pictureOf(cell.page, cell.read, cell.field)} alt={formatMessage({ id: 'wall.box' }, { field: cell.field })} />
            <figcaption>
              {cell.field} · {cell.blank ? formatMessage({ id: 'wall.empty' }) : `L* ${decimals(cell.lightness, 0)}`}
            </figcaption>
          </figure>
        ))}
      </Boxes>
      <Goals>
        {attempt.marks.map((m) => (
          <li key={`${m.exercise}${m.goal}`}>
            <Level level={m.level} size={28} />
            <span>
              <b>
                <MetricHelp code={m.goal} label={m.label} />
              </b>{' '}
              {levelNames[m.level]}
              <Under>
                {m.figure != null && m.figure < 999 && `${m.figureName} ${decimals(m.figure, m.digits)} ${m.unit}`}
                {m.cause && m.level < 3 && ` · ${causeWords(m.cause, m.field)}`}
              </Under>
            </span>
          </li>
        ))}
      </Goals>
      <Say>
        {attempt.note && <p>“{attempt.note}”</p>}
        {strongest && strongest.level >= 3 && <p>{strongest.praise}</p>}
        {weakest?.cause && (
          <p>
            <b>{formatMessage({ id: 'wall.next.heading' })}</b>{' '}
            {weakest.field ? formatMessage({ id: 'wall.next.inBox' }, { field: weakest.field, next: weakest.cause.next }) : weakest.cause.next}
          </p>
        )}
      </Say>
    </Row>
  );
}

const Missed = styled.p`padding: ${space(3)} ${space(6)}; border-bottom: 1px solid ${colour.line};`;
const Row = styled.section`padding: ${space(5)} ${space(6)}; border-bottom: 1px solid ${colour.line};`;
const Head = styled.div`display: flex; align-items: baseline; gap: ${space(4)}; margin-bottom: ${space(3)};`;
const Boxes = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(3)};
  figure { margin: 0; }
  img { display: block; width: 132px; height: auto; }
  figcaption { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Goals = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: ${space(3)} ${space(6)};
  margin: ${space(5)} 0;
  padding: 0;
  list-style: none;
  li { display: flex; align-items: flex-start; gap: ${space(2)}; line-height: 1.25; }
`;
const Say = styled.div`max-width: 640px; font-size: ${sizes.lead}; p + p { margin-top: ${space(1)}; }`;
