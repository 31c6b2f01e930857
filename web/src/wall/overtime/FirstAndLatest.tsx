import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../../api/served';
import { api, body, type Schemas } from '../../api/client';
import { Select, Toggle } from '../../design/Controls';
import { Level } from '../../design/Level';
import { Place } from '../../design/Place';
import { Empty, Failed, Loading } from '../../design/States';
import { Aside } from '../../design/Text';
import { colour, sizes, space } from '../../design/tokens';
import { pictureOf } from '../../returns/pictures';
import { dayOf, decimals } from '../../words/words';
import { ViewChoice } from '../ViewChoice';
import { formatMessage } from '../../words/intl';

type Wall = Schemas['FirstAndLatestView'];
type Row = Wall['rows'][number];
type Try = NonNullable<Row['first']>;

/** One kind of exercise: each student's first attempt over the latest, to the same scale. */
export default function FirstAndLatest() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const [asked, setAsked] = useSearchParams();
  const [squint, setSquint] = useState(false);
  const kind = asked.get('kind') ?? undefined;
  const classes = useQuery(served.classes);
  const wall = useQuery({
    queryKey: ['wall', 'class', id, 'first-and-latest', kind],
    queryFn: () => body(api.GET('/api/progress/classes/{id}/first-and-latest', { params: { path: { id }, query: kind === undefined ? {} : { kind } } })),
    placeholderData: (before) => before,
  });
  const error = classes.error ?? wall.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (!classes.data || !wall.data) {
    return <Loading what={formatMessage({ id: 'wall.loading.wall' })} />;
  }
  const of = wall.data;
  const again = of.rows.filter((r) => r.latest).length;
  return (
    <Place
      title={formatMessage({ id: 'wall.windowTitle' })}
      about={of.kind && formatMessage({ id: 'wall.row.drewAgain' }, { name: of.name, again, students: of.rows.length })}
      actions={
        <>
          <Picker>
            <Select
              label={formatMessage({ id: 'wall.class' })}
              value={id}
              onChange={(next) => void navigate(`/wall/class/${next}/first-and-latest`)}
              choices={classes.data.map((c) => ({ id: c.id, name: c.name }))}
            />
          </Picker>
          {of.kinds.length > 0 && (
            <Kinds>
              <Select
                label={formatMessage({ id: 'wall.exercise' })}
                value={of.kind ?? null}
                onChange={(next) => setAsked({ kind: next })}
                choices={of.kinds.map((k) => ({ id: k.kind, name: k.name, note: k.again > 0 ? formatMessage({ id: 'wall.row.again' }, { again: k.again }) : 'once' }))}
              />
            </Kinds>
          )}
          <ViewChoice view="then" schoolClass={id} />
          <Toggle isSelected={squint} onChange={setSquint}>
            {formatMessage({ id: 'wall.squint' })}
          </Toggle>
        </>
      }
    >
      {of.kinds.length === 0 ? (
        <Empty title={formatMessage({ id: 'wall.skills.empty' })}>
          <p>{formatMessage({ id: 'wall.compare.empty' }, { link: (words) => <Link to="/returns">{words}</Link> })}</p>
        </Empty>
      ) : (
        <List aria-label={formatMessage({ id: 'wall.compare.title' })} $squint={squint}>
          {of.rows.map((row) => (
            <li key={row.student}>
              <b>
                <Link to={`/students/${row.student}`}>{row.name}</Link>
              </b>
              {row.first ? (
                <div>
                  <Attempt of={row.first} whose={row.name} />
                  {row.latest ? <Attempt of={row.latest} whose={row.name} /> : <Aside>{formatMessage({ id: 'wall.growth.once' })}</Aside>}
                </div>
              ) : (
                <Aside>{formatMessage({ id: 'wall.missing' })}</Aside>
              )}
              {row.first && <Goals first={row.first} latest={row.latest ?? undefined} />}
            </li>
          ))}
        </List>
      )}
    </Place>
  );
}

function Attempt({ of, whose }: { of: Try; whose: string }) {
  return (
    <Boxes>
      <Aside>{dayOf(of.received)}</Aside>
      {of.fields.map((f) => (
        <img
          key={`${f.page}${f.field}`}
          src={pictureOf(f.page, f.read, f.field)}
          alt={`${whose}, ${f.field}, ${dayOf(of.received)}: ${f.blank ? formatMessage({ id: 'wall.empty' }) : `L* ${decimals(f.lightness, 0)}`}`}
          loading="lazy"
        />
      ))}
    </Boxes>
  );
}

/** Every goal of both, the first level beside the latest. */
function Goals({ first, latest }: { first: Try; latest: Try | undefined }) {
  return (
    <Levels>
      {first.goals.map((g) => {
        const now = latest?.goals.find((x) => x.goal === g.goal);
        return (
          <li key={g.goal}>
            <Reached level={g.level} />
            {now && (
              <>
                <span aria-label={formatMessage({ id: 'wall.then' })}>→</span>
                <Reached level={now.level} />
              </>
            )}
            <span>{g.label}</span>
          </li>
        );
      })}
    </Levels>
  );
}

/** A level, or that the student did not come so far. */
function Reached({ level }: { level: number | null | undefined }) {
  return typeof level === 'number' ? <Level level={level} size={20} /> : <NotReached aria-label={formatMessage({ id: 'wall.row.notReached' })}>–</NotReached>;
}

const NotReached = styled.span`width: 20px; text-align: center; color: ${colour.muted};`;
const Picker = styled.div`width: 150px;`;
const Kinds = styled.div`width: 210px;`;
const List = styled.ul<{ $squint: boolean }>`
  margin: 0;
  padding: 0;
  list-style: none;
  overflow: auto;
  & > li { display: grid; grid-template-columns: 150px minmax(0, 1fr) 250px; gap: ${space(4)}; padding: ${space(3)} ${space(6)}; border-bottom: 1px solid ${colour.line}; }
  & img { filter: ${(p) => (p.$squint ? 'grayscale(1) blur(2px)' : 'none')}; }
`;
const Boxes = styled.div`
  display: flex;
  align-items: center;
  gap: ${space(1)};
  margin-bottom: ${space(1)};
  & img { display: block; height: 50px; min-width: 0; max-width: 300px; object-fit: cover; }
  & > :first-child { flex: 0 0 56px; }
`;
const Levels = styled.ul`margin: 0; padding: 0; list-style: none; font-size: ${sizes.small}; & li { display: flex; align-items: center; gap: ${space(1)}; margin-bottom: 2px; }`;
