import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { Place } from '../design/Place';
import { Empty, Failed, Loading } from '../design/States';
import { colour, space } from '../design/tokens';
import { later, local } from '../words/dates';
import { count } from '../words/words';
import { PeriodRow } from './PeriodRow';
import { NextLink } from './plates';
import { Preparation } from './Preparation';
import { useDay } from './useDay';

const longDay = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long' });
const dayWords = (date: string) => longDay.format(local(date));

/** The day's periods in order, each with what it needs; below them what the next school day needs. */
export default function Today({ isDemo }: { isDemo: boolean }) {
  const [search] = useSearchParams();
  const day = useDay(search.get('date'));
  if (day.isPending) {
    return <Loading what="the day" />;
  }
  if (day.isError) {
    return <Failed error={day.error} />;
  }
  const { date, today, next, classes, unplaced } = day.data;
  const meeting = classes.filter((c) => c.period);
  const resting = classes.filter((c) => !c.period);
  const firstOpen = meeting.find((c) => c.period && !c.period.logged && c.period.state !== 'CANCELLED');
  return (
    <Place
      title={date === today ? 'Today' : date < today ? 'A past day' : 'A day to come'}
      about={dayWords(date)}
      actions={
        <Days>
          {date !== today && <Link to="/">Today</Link>}
          <Link to={`/?date=${later(date, -1)}`}>← {dayWords(later(date, -1))}</Link>
          <Link to={`/?date=${later(date, 1)}`}>{dayWords(later(date, 1))} →</Link>
        </Days>
      }
    >
      {classes.length === 0 && (
        <Empty title="Begin with a class">
          <p>Paste the names of one class; say when it meets; give it lessons.</p>
          <NextLink to="/classes">Make a class</NextLink>
          <p>
            The kit holds two ranges that ship with Grastel. Your own pencils come in by their names and{' '}
            <Link to="/kit/chart?chart=new&pencils=new">a chart that is coloured and scanned</Link>: no colours to guess.
          </p>
        </Empty>
      )}
      {unplaced > 0 && (
        <Waiting>
          ▲ {count(unplaced, 'page')} could not be read. <Link to="/returns">See why</Link>
        </Waiting>
      )}
      <List>
        {classes.length > 0 && meeting.length === 0 && <p>No class meets on this day.</p>}
        {meeting.map((c) => (
          <PeriodRow key={`${c.id}${c.period?.key ?? ''}`} shown={c} isDemo={isDemo} begin={c === firstOpen || meeting.length === 1} />
        ))}
        {resting.map((c) => (
          <PeriodRow key={c.id} shown={c} isDemo={isDemo} begin={meeting.length === 0} />
        ))}
        {next && <Preparation date={next} words={dayWords(next)} />}
      </List>
    </Place>
  );
}

const List = styled.div`padding: 0 ${space(6)} ${space(8)}; & > p { padding: ${space(4)} 0; } @media (max-width: 720px) { padding: 0 ${space(3)} ${space(8)}; }`;
const Days = styled.nav`display: flex; flex-wrap: wrap; gap: ${space(4)}; a { min-height: 24px; }`;
const Waiting = styled.p`padding: ${space(3)} ${space(6)}; background: ${colour.wash}; font-weight: 600;`;
