import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../../api/served';
import { api, body, type Schemas } from '../../api/client';
import { AddGroupWork } from '../../course/GroupWork';
import { LinkButton, MainButton, Select } from '../../design/Controls';
import { Place } from '../../design/Place';
import { Empty, Failed, Loading, Notice } from '../../design/States';
import { Tick, useLeftOut } from '../../design/Tick';
import { colour, sizes, space } from '../../design/tokens';
import { dayOf, decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

type Look = Schemas['RedoLookView'];

/** What each missed; any other choice is a field that all do again. */
const MISSED = 'missed';

/** Pages for single students with what they do again: who, what, one thing to do differently, and the printing of it. */
export default function Redo() {
  const { id, run } = useParams();
  const students = useSearchParams()[0].get('students')?.split(',');
  const [field, setField] = useState(MISSED);
  const wall = useQuery({
    queryKey: ['wall', run],
    queryFn: () => body(api.GET('/api/wall/runs/{id}', { params: { path: { id: run ?? '' } } })),
    enabled: run !== undefined,
  });
  const schoolClass = id ?? wall.data?.schoolClass;
  const wanted = { ...(run ? { run } : {}), ...(field === MISSED ? {} : { field }), ...(students ? { students } : {}) };
  const look = useQuery({
    queryKey: ['wall', 'redo', schoolClass, wanted],
    queryFn: () => body(api.POST('/api/progress/classes/{id}/redo/preview', { params: { path: { id: schoolClass ?? '' } }, body: wanted })),
    enabled: schoolClass !== undefined,
  });
  const error = wall.error ?? look.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (!schoolClass || (run && !wall.data)) {
    return <Loading what={formatMessage({ id: 'wall.sort.missed' })} />;
  }
  const fields = wall.data?.columns.map((c) => c.field) ?? [];
  return (
    <Place
      title={formatMessage({ id: 'wall.redo.title' })}
      about={wall.data ? `${wall.data.className}, ${wall.data.title}, ${dayOf(wall.data.printedAt)}` : formatMessage({ id: 'wall.marks.newest' })}
      actions={
        <>
          {fields.length > 0 && (
            <Picker>
              <Select
                label={formatMessage({ id: 'wall.what' })}
                value={field}
                onChange={setField}
                choices={[
                  { id: MISSED, name: formatMessage({ id: 'wall.redo.heading' }) },
                  ...fields.map((f) => ({ id: f, name: formatMessage({ id: 'wall.box.everyone' }, { box: f }) })),
                ]}
              />
            </Picker>
          )}
          <Link to={run ? `/wall/${run}` : `/wall/class/${schoolClass}`}>{formatMessage({ id: 'wall.backToWall' })}</Link>
        </>
      }
    >
      {look.data ? <Students key={field} look={look.data} schoolClass={schoolClass} wanted={wanted} /> : <Loading what={formatMessage({ id: 'wall.sort.missed' })} />}
    </Place>
  );
}

interface StudentsProps {
  look: Look;
  schoolClass: string;
  wanted: { run?: string; field?: string; students?: string[] };
}

function Students({ look, schoolClass, wanted }: StudentsProps) {
  const queries = useQueryClient();
  const { out, setOut, toggle } = useLeftOut();
  const chosen = look.students.filter((s) => !out.has(s.student));
  const pages = chosen.reduce((sum, s) => sum + s.pages, 0);
  const print = useMutation({
    mutationFn: () =>
      body(
        api.POST('/api/progress/classes/{id}/redo', {
          params: { path: { id: schoolClass } },
          body: { ...wanted, students: chosen.map((s) => s.student) },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: served.runs.queryKey }),
  });
  if (look.students.length === 0) {
    return (
      <Empty title={formatMessage({ id: 'wall.redo.none' })}>
        <p>{formatMessage({ id: 'wall.redo.allSecure' })}</p>
      </Empty>
    );
  }
  if (print.data) {
    return (
      <Empty title={formatMessage({ id: 'wall.redo.ready' }, { pages: print.data.pages })}>
        <p>
          {formatMessage(
            { id: 'wall.redo.next' },
            {
              a: (words) => (
                <a href={`/api/sheets/runs/${print.data.run}/pages.pdf`} target="_blank" rel="noreferrer">
                  {words}
                </a>
              ),
              link: (words) => <Link to={`/returns/${print.data.run}`}>{words}</Link>,
            },
          )}
        </p>
        <p>
          <AddGroupWork schoolClass={schoolClass} students={chosen.map((s) => s.student)} title={look.title} run={print.data.run} />
        </p>
      </Empty>
    );
  }
  return (
    <>
      <Bar>
        <p>{formatMessage({ id: 'wall.redo.help' }, { title: look.title, strong: (words) => <b>{words}</b> })}</p>
        <LinkButton onPress={() => setOut(new Set(out.size === 0 ? look.students.map((s) => s.student) : []))}>
          {out.size === 0 ? formatMessage({ id: 'wall.none' }) : formatMessage({ id: 'wall.all' })}
        </LinkButton>
        <MainButton isDisabled={chosen.length === 0 || print.isPending} onPress={() => print.mutate()}>
          {print.isPending ? formatMessage({ id: 'wall.redo.preparing' }) : formatMessage({ id: 'wall.redo.make' }, { pages: pages })}
        </MainButton>
      </Bar>
      {print.error && <Notice role="alert">▲ {print.error.message}</Notice>}
      <List>
        {look.students.map((s) => (
          <li key={s.student}>
            <Tick label={s.name} isOn={!out.has(s.student)} onChange={() => toggle(s.student)}>
              <span>
                <b>{s.name}</b>
                <small>{formatMessage({ id: 'wall.reteach.minutes' }, { minutes: decimals(s.minutes), pages: s.pages })}</small>
              </span>
            </Tick>
            <Parts>
              {s.parts.map((part) => (
                <div key={part.title}>
                  {part.title}
                  <ul>
                    {byAdvice(part).map(([advice, fields]) => (
                      <li key={advice}>
                        <b>{fields.join(', ')}</b> {advice && <i>“{advice}”</i>}
                      </li>
                    ))}
                  </ul>
                </div>
              ))}
              {s.left > 0 && <small>{formatMessage({ id: 'wall.report.moreExercises' }, { exercises: s.left })}</small>}
            </Parts>
          </li>
        ))}
      </List>
    </>
  );
}

/** Fields that want the same done differently, together. */
function byAdvice(part: Look['students'][number]['parts'][number]): [string, string[]][] {
  const all = new Map<string, string[]>();
  part.fields.forEach((f) => all.set(f.advice, [...(all.get(f.advice) ?? []), f.field]));
  return [...all];
}

const Picker = styled.div`width: 220px;`;
const Bar = styled.div`
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: ${space(4)};
  padding: ${space(3)} ${space(6)};
  border-bottom: 1px solid ${colour.line};
  & > p { margin-right: auto; }
`;
const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  & > li { display: grid; grid-template-columns: 220px minmax(0, 1fr); gap: ${space(4)}; padding: ${space(2)} ${space(6)}; border-bottom: 1px solid ${colour.line}; }
  & small { display: block; font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Parts = styled.div`
  & ul { margin: 0; padding: 0; list-style: none; }
  & > div + div { margin-top: ${space(2)}; }
`;
