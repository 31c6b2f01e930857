import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled, { css } from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { Place } from '../design/Place';
import { Empty, Failed, Loading } from '../design/States';
import { colour, faces, levelGreys, sizes, space } from '../design/tokens';
import { ScannerButton } from '../returns/ScannerButton';
import { causeWords, count } from '../words/words';

type ClassView = Schemas['TodayClassView'];

const longDay = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long' });

/** The day's classes in order, each with what it needs next. */
export default function Today({ isDemo }: { isDemo: boolean }) {
  const today = useQuery({ queryKey: ['today'], queryFn: () => body(api.GET('/api/today')) });
  if (today.isPending) {
    return <Loading what="the day" />;
  }
  if (today.isError) {
    return <Failed error={today.error} />;
  }
  const { date, classes, unplaced } = today.data;
  return (
    <Place title="Today" about={longDay.format(new Date(`${date}T12:00`))}>
      {classes.length === 0 && (
        <Empty title="Begin with a class">
          <p>Paste the names of one class; then make its first sheet and print it.</p>
          <Next to="/classes">Make a class</Next>
        </Empty>
      )}
      {unplaced > 0 && (
        <Waiting>
          ▲ {count(unplaced, 'page')} could not be read. <Link to="/returns">See why</Link>
        </Waiting>
      )}
      <Day>
        {classes.map((c) => (
          <Period key={`${c.id}${c.starts ?? ''}`} period={c} isDemo={isDemo} />
        ))}
      </Day>
    </Place>
  );
}

function Period({ period, isDemo }: { period: ClassView; isDemo: boolean }) {
  const { run } = period;
  return (
    <Row>
      <Time>{period.starts ? period.starts.slice(0, 5) : '–'}</Time>
      <div>
        <h2>{period.name}</h2>
        <Small>{count(period.students, 'student')}</Small>
      </div>
      {run ? <Standing run={run} /> : <p>No sheet printed yet.</p>}
      <Actions>
        {run ? <NextStep period={period} run={run} isDemo={isDemo} /> : <Next to="/sheets">Make a sheet</Next>}
      </Actions>
    </Row>
  );
}

type Run = NonNullable<ClassView['run']>;

/** A goal's name, with its exercise where the sheet asks the same of several. */
function named({ exercise, label }: { exercise: string; label: string }) {
  return exercise ? `${label.toLowerCase()}, ${exercise.toLowerCase()}` : label.toLowerCase();
}

function redone({ exercise, label, field }: Run['redos'][number]) {
  return field ? `${exercise ? `${exercise.toLowerCase()}, ` : ''}box ${field}` : named({ exercise, label });
}

function Standing({ run }: { run: Run }) {
  const { printed, read, confirmed, waiting, unreadable } = run.progress;
  return (
    <div>
      <Title>{run.title}</Title>
      <Small>
        Put out {run.pencil}, {run.paper}, sharpeners · about {run.minutes} min of drawing · rest hand and eyes half way
      </Small>
      <Track
        role="img"
        aria-label={`${printed} printed, ${read} read, ${confirmed} confirmed`}
        $read={read / printed}
        $confirmed={confirmed / printed}
      />
      <Figures>
        <span>{printed} printed</span>
        <span>{read} back</span>
        <span>{confirmed} confirmed</span>
        {waiting > 0 && <span>{waiting} being read</span>}
        {unreadable > 0 && <span>▲ {unreadable} unreadable</span>}
      </Figures>
      {run.fault && (
        <Fault>
          <b>Commonest miss: {named(run.fault)}</b>, {count(run.fault.students, 'student')} – {causeWords(run.fault.cause)}.
          Show: {run.fault.cause.next}
        </Fault>
      )}
      {run.redos.length > 0 && (
        <Redo>
          <b>Redo a box:</b>{' '}
          {run.redos.map((r, i) => (
            <span key={r.student}>
              {i > 0 && ', '}
              <Link to={`/students/${r.student}`}>{r.name}</Link>
              {` (${redone(r)})`}
            </span>
          ))}
        </Redo>
      )}
    </div>
  );
}

/** The one thing to do next with a run. */
function NextStep({ period, run, isDemo }: { period: ClassView; run: Run; isDemo: boolean }) {
  const { printed, read, confirmed } = run.progress;
  if (read === 0) {
    return (
      <>
        <NextFile href={`/api/sheets/runs/${run.id}/pages.pdf`} target="_blank" rel="noreferrer">
          Print {count(printed, 'sheet')}
        </NextFile>
        {isDemo ? <ScannerButton className={period.name} /> : <Link to={`/returns/${run.id}`}>Bring sheets back</Link>}
      </>
    );
  }
  if (confirmed < read) {
    return (
      <>
        <Next to={`/returns/${run.id}`}>Confirm {count(read - confirmed, 'sheet')}</Next>
        <Link to={`/wall/${run.id}`}>Wall</Link>
      </>
    );
  }
  return (
    <>
      <Next to={`/wall/${run.id}`}>Look at the wall</Next>
      <Link to="/sheets">Make the next sheet</Link>
    </>
  );
}

const Day = styled.div`padding: 0 ${space(6)} ${space(8)};`;
const Waiting = styled.p`padding: ${space(3)} ${space(6)}; background: ${colour.wash}; font-weight: 600;`;
const Row = styled.section`
  display: grid;
  grid-template-columns: 88px 150px minmax(0, 1fr) 190px;
  gap: ${space(5)};
  padding: ${space(5)} 0;
  border-bottom: 1px solid ${colour.line};
  @media (max-width: 1100px) { grid-template-columns: 72px 120px minmax(0, 1fr) 170px; gap: ${space(4)}; }
  @media (max-width: 720px) { grid-template-columns: 60px minmax(0, 1fr); & > :nth-child(n + 3) { grid-column: 1 / -1; } }
`;
const Time = styled.div`font: 600 ${sizes.head} / 1.15 ${faces.text};`;
const Small = styled.p`font-size: ${sizes.small}; color: ${colour.muted};`;
const Title = styled.p`font-size: ${sizes.lead}; font-weight: 600;`;
const Track = styled.div<{ $read: number; $confirmed: number }>`
  height: 10px;
  margin: ${space(3)} 0 ${space(1)};
  border: 1px solid ${levelGreys[2]};
  background: linear-gradient(
    to right,
    ${levelGreys[4]} ${(p) => p.$confirmed * 100}%,
    ${levelGreys[2]} ${(p) => p.$confirmed * 100}% ${(p) => p.$read * 100}%,
    ${levelGreys[0]} ${(p) => p.$read * 100}%
  );
`;
const Figures = styled.p`display: flex; gap: ${space(4)}; font-size: ${sizes.small};`;
const Fault = styled.p`margin-top: ${space(3)};`;
const Redo = styled.p`margin-top: ${space(2)};`;
const Actions = styled.div`display: flex; flex-direction: column; align-items: flex-start; gap: ${space(2)};`;
const plate = css`
  padding: ${space(2)} ${space(3)};
  border-radius: 2px;
  background: ${colour.ink};
  color: ${colour.paper};
  font-weight: 600;
  text-decoration: none;
  &:hover { background: ${colour.muted}; }
`;
const Next = styled(Link)`${plate}`;
const NextFile = styled.a`${plate}`;
