import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { Failed, Loading } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { decimals } from '../words/words';
import { remedyWords } from './rotaWords';
import { formatMessage } from '../words/intl';

type RotaData = Schemas['RotaView'];
type Table = Schemas['RotaTableView'];

interface Props {
  schoolClass: string;
  lesson: string;
  /** Only what is done of the lesson in this period. */
  period?: string | undefined;
}

/** Who takes which part of a lesson when, so that no pencil is wanted by more than have it; and its cards to print. */
export function Rota({ schoolClass, lesson, period }: Props) {
  const rota = useQuery({
    queryKey: ['today', 'rota', schoolClass, lesson, period ?? ''],
    queryFn: () => body(api.GET('/api/courses/{schoolClass}/lessons/{lesson}/rota', { params: { path: { schoolClass, lesson }, query: period ? { period } : {} } })),
  });
  if (rota.isPending) {
    return <Loading what={formatMessage({ id: 'course.rota.link' })} />;
  }
  if (rota.isError) {
    return <Failed error={rota.error} />;
  }
  const { tasks, tables } = rota.data;
  const most = Math.max(1, ...tables.flatMap((t) => t.seats.flatMap((s) => s.turns.map((turn) => turn.ends))));
  return (
    <Sheet aria-label={formatMessage({ id: 'course.rota.title' })}>
      {tasks.length === 0 && <p>{formatMessage({ id: 'course.lesson.nothingDrawn' })}</p>}
      {tasks.length > 0 && tables.length === 0 && <p>{formatMessage({ id: 'course.rota.noStudents' })}</p>}
      {tables.map((t) => (
        <TableRota key={t.numbers.join()} table={t} tasks={tasks} most={most} />
      ))}
      {tables.length > 0 && (
        <a href={`/api/courses/${schoolClass}/lessons/${lesson}/rota.pdf${period ? `?period=${period}` : ''}`} target="_blank" rel="noreferrer">
          {formatMessage({ id: 'course.tables.cards' })}
        </a>
      )}
    </Sheet>
  );
}

function TableRota({ table, tasks, most }: { table: Table; tasks: RotaData['tasks']; most: number }) {
  return (
    <div>
      <h3>
        {table.numbers.length === 1 ? formatMessage({ id: 'course.table' }) : formatMessage({ id: 'course.tables' })} {table.numbers.join(', ')}
      </h3>
      {table.missing.length > 0 ? (
        <p>{formatMessage({ id: 'course.warning.noCopy' }, { pencils: table.missing.map((p) => `${p.code} ${p.name}`).join(', ') })}</p>
      ) : (
        <p>{table.waiting < 0.5 ? formatMessage({ id: 'course.rota.nobodyWaits' }) : formatMessage({ id: 'course.warning.waiting' }, { waiting: decimals(table.waiting) })}</p>
      )}
      {table.seats.map((s) => (
        <Seat key={s.seat}>
          <b>{s.seat}</b>
          <ol aria-label={formatMessage({ id: 'course.rota.seat' }, { seat: s.seat })}>
            {s.turns.map((turn) => {
              const task = tasks[turn.task];
              return (
                <Turn key={turn.task} data-waits={turn.waits >= 0.5} style={{ width: `${((turn.ends - turn.starts) / most) * 100}%` }} title={task?.label}>
                  <span>
                    {task?.label}
                    {turn.waits >= 0.5 && `, ${formatMessage({ id: 'course.rota.waits' }, { waits: decimals(turn.waits) })}`}
                  </span>
                  <i aria-hidden>
                    {task?.pencils.map((p) => (
                      <em key={p.code + p.name} style={{ background: p.colour }} />
                    ))}
                  </i>
                </Turn>
              );
            })}
          </ol>
        </Seat>
      ))}
      {table.remedies.length > 0 && (
        <ul>
          {table.remedies.slice(0, 4).map((r) => (
            <li key={remedyWords(r)}>{remedyWords(r)}</li>
          ))}
        </ul>
      )}
      {table.seats.length > 0 && (
        <small>
          {formatMessage(
            { id: 'course.rota.time' },
            {
              seats: table.seats.length,
              minutes: decimals(Math.max(0, ...table.seats.map((s) => s.turns.at(-1)?.ends ?? 0))),
            },
          )}
        </small>
      )}
    </div>
  );
}

const Sheet = styled.section`
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  width: 100%;
  padding: ${space(3)} 0;
  h3 { font-size: ${sizes.text}; }
  ul { margin: ${space(1)} 0; padding-left: ${space(5)}; }
  small { color: ${colour.muted}; font-size: ${sizes.small}; }
`;
const Seat = styled.div`
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr);
  align-items: center;
  margin: 3px 0;
  ol { list-style: none; margin: 0; padding: 0; display: flex; min-width: 0; }
`;
const Turn = styled.li`
  border: 1px solid ${colour.line};
  border-left: 3px solid ${colour.ink};
  padding: 1px ${space(1)};
  min-width: 0;
  font-size: ${sizes.small};
  span { display: block; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
  i { display: flex; gap: 2px; }
  em { width: 12px; height: 8px; border: 1px solid ${colour.line}; }
  &[data-waits='true'] { border-left-style: dotted; background: ${colour.wash}; }
`;
