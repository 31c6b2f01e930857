import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { NavLink, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { isPast, served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { Place, PlaceLoading } from '../design/Place';
import { Failed } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { bandNames } from '../words/words';
import { ClassForm } from './ClassForm';
import { FromColleagues } from './FromColleagues';
import { OpenArchive } from './archive/OpenArchive';
import { ClassPage } from './ClassPage';
import { count, formatMessage } from '../words/intl';

/** Classes at the left; one of them, or a new one, in the middle. */
export default function Classes() {
  const { id } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const classes = useQuery(served.classes);
  const [draft, setDraft] = useState(0);
  const create = useMutation({
    mutationFn: (request: Schemas['NewClass']) => body(api.POST('/api/classes', { body: request })),
    onSuccess: async (made) => {
      await queries.invalidateQueries();
      setDraft((n) => n + 1);
      await navigate(`/classes/${made.id}`);
    },
  });
  if (classes.isPending) {
    return <PlaceLoading title={formatMessage({ id: 'classes.classes' })} what={formatMessage({ id: 'classes.loading.classes' })} />;
  }
  if (classes.isError) {
    return <Failed error={classes.error} />;
  }
  const open = classes.data.find((c) => c.id === id);
  const taught = classes.data.filter((c) => !isPast(c));
  const past = classes.data.filter(isPast);
  return (
    <Place title={formatMessage({ id: 'classes.classes' })} about={count(taught.length, 'class')}>
      <Layout>
        <nav aria-label={formatMessage({ id: 'classes.classes' })}>
          {taught.map((c) => (
            <Entry key={c.id} to={`/classes/${c.id}`}>
              <b>{c.name}</b>
              <span>
                {count(c.students.length, 'student')} · {bandNames[c.band].toLowerCase()}
              </span>
            </Entry>
          ))}
          <Entry to="/classes" end>
            <b>{formatMessage({ id: 'classes.newClass' })}</b>
          </Entry>
          {past.length > 0 && <Heading>{formatMessage({ id: 'classes.past' })}</Heading>}
          {past.map((c) => (
            <Entry key={c.id} to={`/classes/${c.id}`}>
              <span>{c.name}</span>
            </Entry>
          ))}
          <Entry to="/classes/archive">
            <span>{formatMessage({ id: 'classes.archive.open' })}</span>
          </Entry>
          <FromColleagues />
        </nav>
        {id === 'archive' ? (
          <OpenArchive />
        ) : open ? (
          <ClassPage key={open.id} open={open} />
        ) : (
          <ClassForm key={draft} onCreate={(request) => create.mutate(request)} error={create.error} busy={create.isPending} />
        )}
      </Layout>
    </Place>
  );
}

const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr);
  & > nav { border-right: 1px solid ${colour.line}; padding: ${space(3)} 0; overflow: auto; }
  @media (max-width: 720px) { display: block; }
`;
const Heading = styled.h2`padding: ${space(4)} ${space(6)} ${space(1)}; font-size: ${sizes.small}; color: ${colour.muted};`;
const Entry = styled(NavLink)`
  display: block;
  padding: ${space(2)} ${space(6)};
  text-decoration: none;
  &:hover { background: ${colour.wash}; }
  &.active { background: ${colour.wash}; }
  b { display: block; font-weight: 600; }
  span { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
