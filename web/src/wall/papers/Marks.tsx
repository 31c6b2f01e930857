import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { useRevision } from '../../api/useRevision';
import { ConflictNotice, useSaveMine } from '../../design/ConflictNotice';
import { MainButton } from '../../design/Controls';
import { Place } from '../../design/Place';
import { Empty, Failed, Loading } from '../../design/States';
import { colour, sizes, space } from '../../design/tokens';
import { dayOf, decimals } from '../../words/words';
import { ScaleForm, type Scale } from './ScaleForm';
import { formatMessage } from '../../words/intl';
import { ScrolledTable } from '../../design/Table';

type View = Schemas['MarksView'];
type Given = View['students'][number]['marks'][number];

/** A class's marks by the teacher's own scale, seen on real marks while it is changed, and the files other programs take. */
export default function Marks() {
  const { id = '' } = useParams();
  const kept = useQuery({ queryKey: ['wall', 'marks', id], queryFn: () => body(api.GET('/api/progress/classes/{id}/marks', { params: { path: { id } } })) });
  if (kept.isError) {
    return <Failed error={kept.error} />;
  }
  if (!kept.data) {
    return <Loading what={formatMessage({ id: 'wall.loading.marks' })} />;
  }
  return <Book key={id} kept={kept.data} id={id} />;
}

const scaleOf = (view: View): Scale => ({
  steps: view.steps,
  weights: Object.fromEntries(view.weights.map((w) => [w.goal, w.weight])),
  classCode: view.classCode,
});

function Book({ kept, id }: { kept: View; id: string }) {
  const queries = useQueryClient();
  const revision = useRevision(kept, scaleOf);
  const [scale, setScale] = useState(() => scaleOf(kept));
  const isChanged = JSON.stringify(scale) !== JSON.stringify(scaleOf(kept));
  const seen = useQuery({
    queryKey: ['wall', 'marks', id, scale],
    queryFn: () => body(api.POST('/api/progress/classes/{id}/marks/preview', { params: { path: { id } }, body: { scale } })),
    enabled: isChanged,
    placeholderData: (before) => before,
  });
  const keep = useMutation({
    mutationFn: () => body(api.PUT('/api/progress/classes/{id}/marks', { params: { path: { id } }, body: { revision: revision.known, scale } })),
    onSuccess: (view) => {
      revision.saved(view);
      setScale(scaleOf(view));
      queries.setQueryData(['wall', 'marks', id], view);
    },
  });
  const saveMine = useSaveMine(keep, revision);
  const view = isChanged && seen.data ? seen.data : kept;
  const error = keep.error ?? (isChanged ? seen.error : null);
  return (
    <Place
      title={formatMessage({ id: 'wall.marks' })}
      about={formatMessage({ id: 'wall.report.confirmedOnly' }, { className: kept.className })}
      actions={
        <Files aria-label={formatMessage({ id: 'wall.files' })}>
          <a href={`/api/progress/classes/${id}/marks/export?format=MARKS`}>{formatMessage({ id: 'wall.files.marks' })}</a>
          <a href={`/api/progress/classes/${id}/marks/export?format=ATTEMPTS`}>{formatMessage({ id: 'wall.files.measurements' })}</a>
          <a href={`/api/progress/classes/${id}/marks/export?format=ONEROSTER`}>{formatMessage({ id: 'wall.oneroster' })}</a>
          <a href={`/api/progress/classes/${id}/marks/export?format=JSON`}>{formatMessage({ id: 'wall.json' })}</a>
          <Link to={`/wall/class/${id}`}>{formatMessage({ id: 'wall.backToWall' })}</Link>
        </Files>
      }
    >
      {kept.work.length === 0 ? (
        <Empty title={formatMessage({ id: 'wall.skills.empty' })}>
          <p>{formatMessage({ id: 'wall.marks.empty' }, { link: (words) => <Link to="/returns">{words}</Link> })}</p>
        </Empty>
      ) : (
        <Layout>
          <Table view={view} />
          <Side aria-label={formatMessage({ id: 'wall.scale' })}>
            <small>{formatMessage({ id: 'wall.marks.rule' })}</small>
            <ScaleForm scale={scale} weights={kept.weights} onChange={setScale} />
            <ConflictNotice error={error} onMine={() => void saveMine()} />
            <MainButton isDisabled={!isChanged || keep.isPending} onPress={() => keep.mutate()}>
              {formatMessage({ id: 'wall.scale.save' })}
            </MainButton>
            <small>{isChanged ? formatMessage({ id: 'wall.scale.filesHelp' }) : formatMessage({ id: 'wall.scale.help' })}</small>
          </Side>
        </Layout>
      )}
    </Place>
  );
}

function Table({ view }: { view: View }) {
  return (
    <Scroll tabIndex={0} role="region" aria-label={formatMessage({ id: 'wall.marks' })}>
      <Grid>
        <thead>
          <tr>
            <th scope="col">{formatMessage({ id: 'wall.student' })}</th>
            {view.work.map((w) => (
              <th key={w.id} scope="col">
                {w.title}
                <small>{dayOf(w.printedAt)}</small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {view.students.map((s) => (
            <tr key={s.student}>
              <th scope="row">
                <Link to={`/students/${s.student}`}>{s.name}</Link>
              </th>
              {view.work.map((w) => {
                const given = s.marks.find((m) => m.work === w.id);
                return <td key={w.id}>{given ? <Mark given={given} /> : <small>–</small>}</td>;
              })}
            </tr>
          ))}
        </tbody>
      </Grid>
    </Scroll>
  );
}

/** A mark with the goals it is of. */
function Mark({ given }: { given: Given }) {
  const goals = given.goals.map((g) => `${g.label} ${g.level}`).join(', ');
  if (typeof given.value !== 'number') {
    return <small title={goals}>{formatMessage({ id: 'wall.scale.noGoal' })}</small>;
  }
  return (
    <span title={goals}>
      <b>{given.name || decimals(given.value, 1)}</b>
      {given.name && <span> {decimals(given.value, 1)}</span>}
      <small>{given.goals.map((g) => g.level).join(' ')}</small>
    </span>
  );
}

const Files = styled.nav`display: flex; flex-wrap: wrap; gap: ${space(3)}; white-space: nowrap;`;
const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 290px;
  @media (max-width: 900px) { display: block; }
`;
const Scroll = styled.div`overflow: auto; min-height: 0;`;
const Grid = styled(ScrolledTable)`
  & th, & td { vertical-align: top; }
  & thead th { vertical-align: bottom; max-width: 150px; }
`;
const Side = styled.aside`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(3)};
  padding: ${space(4)};
  border-left: 1px solid ${colour.line};
  overflow: auto;
  & small { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
