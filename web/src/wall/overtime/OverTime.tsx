import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../../api/served';
import { api, body, type Schemas } from '../../api/client';
import { skillNames } from '../../course/words';
import { Segments, Select, Toggle } from '../../design/Controls';
import { Spread } from '../../design/Level';
import { Place, PlaceLoading } from '../../design/Place';
import { Empty, Failed } from '../../design/States';
import { colour, sizes, space } from '../../design/tokens';
import { byFault, ofSkill, sorted, type Order } from './arrange';
import { ClassPapers } from '../papers/ClassPapers';
import { Groups } from './Groups';
import { StandingCell } from './StandingCell';
import { ViewChoice } from '../ViewChoice';
import { formatMessage } from '../../words/intl';
import { ScrolledTable } from '../../design/Table';

type Progress = Schemas['ClassProgressView'];
type Student = Schemas['StudentProgressView'];

const orders = [
  { id: 'name', name: formatMessage({ id: 'wall.name' }) },
  { id: 'standing', name: formatMessage({ id: 'wall.skills.level' }) },
  { id: 'change', name: formatMessage({ id: 'wall.change' }) },
  { id: 'missing', name: formatMessage({ id: 'wall.missing' }) },
] as const;

/** Every skill, where one can be chosen. */
const ALL = 'all';

/** A class over time: students down, skills across, each the newest box with the attempts before it. */
export default function OverTime() {
  const { id } = useParams();
  const navigate = useNavigate();
  const [order, setOrder] = useState<Order>('name');
  const [skill, setSkill] = useState<string>(ALL);
  const [grouped, setGrouped] = useState(false);
  const [squint, setSquint] = useState(false);
  const classes = useQuery(served.classes);
  const classId = id ?? classes.data?.[0]?.id;
  const progress = useQuery({
    queryKey: ['wall', 'class', classId],
    queryFn: () => body(api.GET('/api/progress/classes/{id}', { params: { path: { id: classId ?? '' } } })),
    enabled: classId !== undefined,
  });
  const error = classes.error ?? progress.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (!classes.data || (classId && !progress.data)) {
    return <PlaceLoading title={formatMessage({ id: 'wall.windowTitle' })} what={formatMessage({ id: 'wall.loading.wall' })} />;
  }
  const of = progress.data;
  return (
    <Place
      title={formatMessage({ id: 'wall.windowTitle' })}
      about={of && formatMessage({ id: 'wall.skills.over' }, { name: of.name, students: of.students.length })}
      actions={
        <>
          {classes.data.length > 0 && (
            <Picker>
              <Select
                label={formatMessage({ id: 'wall.class' })}
                value={classId ?? null}
                onChange={(next) => void navigate(`/wall/class/${next}`)}
                choices={classes.data.map((c) => ({ id: c.id, name: c.name }))}
              />
            </Picker>
          )}
          <ViewChoice view="time" schoolClass={classId} />
          {of && of.skills.length > 0 && <ClassPapers schoolClass={of.schoolClass} />}
        </>
      }
    >
      {!of || of.skills.length === 0 ? (
        <Empty title={formatMessage({ id: 'wall.skills.empty' })}>
          <p>{formatMessage({ id: 'wall.skills.emptyHelp' }, { link: (words) => <Link to="/returns">{words}</Link> })}</p>
        </Empty>
      ) : (
        <Layout>
          <div>
            <Bar role="group" aria-label={formatMessage({ id: 'wall.arrange.label' })}>
              <Segments label={formatMessage({ id: 'wall.sortBy' })} value={order} onChange={setOrder} choices={orders} />
              <Picker>
                <Select
                  label={formatMessage({ id: 'wall.skill' })}
                  value={skill}
                  onChange={setSkill}
                  choices={[{ id: ALL, name: formatMessage({ id: 'wall.skills.all' }) }, ...of.skills.map((s) => ({ id: s.skill, name: skillNames[s.skill] }))]}
                />
              </Picker>
              <Toggle isSelected={grouped} onChange={setGrouped} isDisabled={of.groups.length === 0}>
                {formatMessage({ id: 'wall.reteach.byMistake' })}
              </Toggle>
              <Toggle isSelected={squint} onChange={setSquint}>
                {formatMessage({ id: 'wall.squint' })}
              </Toggle>
            </Bar>
            <Matrix of={narrowed(of, skill)} order={order} grouped={grouped} squint={squint} />
          </div>
          <Groups of={of} />
        </Layout>
      )}
    </Place>
  );
}

/** The same with one skill alone. */
function narrowed(of: Progress, skill: string): Progress {
  const one = of.skills.find((s) => s.skill === skill);
  return one ? { ...of, skills: [one], students: ofSkill(of.students, one.skill), groups: of.groups.filter((g) => g.skill === one.skill) } : of;
}

function Matrix({ of, order, grouped, squint }: { of: Progress; order: Order; grouped: boolean; squint: boolean }) {
  const students = sorted(of.students, order);
  return (
    <Scroll tabIndex={0} role="region" aria-label={formatMessage({ id: 'wall.compare.heading' })}>
      <Table $squint={squint}>
        <thead>
          <tr>
            <th scope="col">{formatMessage({ id: 'wall.student' })}</th>
            {of.skills.map((s) => (
              <Head key={s.skill} scope="col">
                {skillNames[s.skill]}
                <Spread counts={s.counts} label={formatMessage({ id: 'wall.skills.counts' }, { skill: skillNames[s.skill], counts: s.counts.join(', ') })} />
                <small>{formatMessage({ id: 'wall.skills.secure' }, { secure: s.secure, tried: s.tried, ready: s.ready })}</small>
              </Head>
            ))}
          </tr>
        </thead>
        {(grouped ? byFault(students, of.groups) : [{ group: undefined, students }]).map((part) => (
          <tbody key={part.students[0]?.student}>
            {grouped && (
              <tr>
                <Fault scope="rowgroup" colSpan={of.skills.length + 1}>
                  {part.group
                    ? `${skillNames[part.group.skill]}: ${part.group.cause?.sign ?? formatMessage({ id: 'wall.filter.belowSecure' })}`
                    : formatMessage({ id: 'wall.filter.noneBelow' })}
                </Fault>
              </tr>
            )}
            {part.students.map((student) => (
              <Line key={student.student} student={student} skills={of.skills} />
            ))}
          </tbody>
        ))}
      </Table>
    </Scroll>
  );
}

function Line({ student, skills }: { student: Student; skills: Progress['skills'] }) {
  return (
    <tr>
      <th scope="row">
        <Link to={`/students/${student.student}`}>{student.name}</Link>
        {student.next && <small>{formatMessage({ id: 'wall.next.short' }, { next: skillNames[student.next] })}</small>}
      </th>
      {skills.map((s) => {
        const standing = student.standings.find((x) => x.skill === s.skill);
        return <td key={s.skill}>{standing ? <StandingCell standing={standing} name={student.name} /> : <Missing>–</Missing>}</td>;
      })}
    </tr>
  );
}

const Picker = styled.div`width: 150px;`;
const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 270px;
  & > div { display: flex; flex-direction: column; min-width: 0; min-height: 0; }
  @media (max-width: 900px) { display: block; }
`;
const Bar = styled.div`display: flex; flex-wrap: wrap; align-items: flex-end; gap: ${space(3)}; padding: ${space(2)} ${space(6)};`;
const Scroll = styled.div`overflow: auto; min-height: 0;`;
const Table = styled(ScrolledTable)<{ $squint: boolean }>`
  & th, & td { vertical-align: middle; }
  & thead th { vertical-align: bottom; }
  & tbody td { height: 46px; }
  & img { filter: ${(p) => (p.$squint ? 'grayscale(1) blur(2px)' : 'none')}; }
`;
const Head = styled.th`min-width: 104px; font-size: ${sizes.small};`;
const Fault = styled.th`&& { height: auto; padding-top: ${space(4)}; font-weight: 600; white-space: normal; }`;
const Missing = styled.span`color: ${colour.muted};`;
