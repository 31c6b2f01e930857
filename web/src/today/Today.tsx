import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { Place, PlaceLoading } from '../design/Place';
import { Failed } from '../design/States';
import { colour, space } from '../design/tokens';
import { later, local } from '../words/dates';
import { DemoHistory } from './DemoHistory';
import { FirstSteps } from './FirstSteps';
import { PeriodRow } from './PeriodRow';
import { Preparation } from './Preparation';
import { useDay } from './useDay';
import { formatMessage } from '../words/intl';

const longDay = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long' });
const dayWords = (date: string) => longDay.format(local(date));

/** The day's periods in order, each with what it needs; below them what the next school day needs. */
export default function Today({ isDemo }: { isDemo: boolean }) {
  const [search] = useSearchParams();
  const day = useDay(search.get('date'));
  if (day.isPending) {
    return <PlaceLoading title={formatMessage({ id: 'today.today' })} what={formatMessage({ id: 'today.loading.day' })} />;
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
      title={date === today ? formatMessage({ id: 'today.today' }) : date < today ? formatMessage({ id: 'today.day.past' }) : formatMessage({ id: 'today.day.future' })}
      about={dayWords(date)}
      actions={
        <Days>
          {date !== today && <Link to="/">{formatMessage({ id: 'today.today' })}</Link>}
          <Link to={`/?date=${later(date, -1)}`}>← {dayWords(later(date, -1))}</Link>
          <Link to={`/?date=${later(date, 1)}`}>{dayWords(later(date, 1))} →</Link>
        </Days>
      }
    >
      {isDemo && <DemoHistory />}
      {(!isDemo || classes.length === 0) && <FirstSteps day={day.data} />}
      {unplaced > 0 && <Waiting>{formatMessage({ id: 'today.returned.unreadable' }, { pages: unplaced, link: (words) => <Link to="/returns">{words}</Link> })}</Waiting>}
      <List>
        {classes.length > 0 && meeting.length === 0 && <p>{formatMessage({ id: 'today.day.noLessons' })}</p>}
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
