import { Link } from 'react-router';
import styled from 'styled-components';
import { sizes, space, colour } from '../design/tokens';
import { PutOut } from './PutOut';
import { SheetPrints } from './SheetPrints';
import { useDay } from './useDay';
import { formatMessage } from '../words/intl';

/** What the next school day needs, so that it can be made ready. */
export function Preparation({ date, words }: { date: string; words: string }) {
  const day = useDay(date);
  const meeting = day.data?.classes.filter((c) => c.period && c.period.state !== 'CANCELLED') ?? [];
  return (
    <Sheet aria-label={formatMessage({ id: 'today.prepare.heading' })}>
      <h2>{formatMessage({ id: 'today.prepare.for' }, { lesson: words, link: (words) => <Link to={`/?date=${date}`}>{words}</Link> })}</h2>
      {meeting.map((c) => (
        <div key={c.id + (c.period?.key ?? '')}>
          <p>
            <b>
              {c.period?.starts.slice(11, 16)} {c.name}
            </b>{' '}
            {c.lessons.map((l) => l.title).join(', then ') || formatMessage({ id: 'today.lesson.noneShort' })}
          </p>
          <PutOut lessons={c.lessons} students={c.students} schoolClass={c.id} period={c.period?.key ?? ''} />
          {c.lessons.length > 0 && <SheetPrints sheets={c.sheets} schoolClass={c.id} period={c.period?.key ?? ''} students={c.students} />}
        </div>
      ))}
    </Sheet>
  );
}

const Sheet = styled.section`
  padding: ${space(5)} 0;
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  font-size: ${sizes.text};
  h2 { font-size: ${sizes.lead}; color: ${colour.muted}; a { color: ${colour.ink}; } }
  & > div { display: flex; flex-direction: column; gap: ${space(1)}; }
`;
