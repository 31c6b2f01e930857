import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Place } from '../design/Place';
import { SideEntry, SideList } from '../design/SideList';
import { Failed, Loading } from '../design/States';
import { count } from '../words/words';
import { NewProject } from './NewProject';
import { ProjectDesk } from './ProjectDesk';

/** Pictures that classes draw from: at the left all of them, in the middle one with what is measured in it. */
export default function Projects() {
  const { id } = useParams();
  const navigate = useNavigate();
  const projects = useQuery({ queryKey: ['projects'], queryFn: () => body(api.GET('/api/projects')) });
  if (projects.isError) {
    return <Failed error={projects.error} />;
  }
  if (!projects.data) {
    return <Loading what="the projects" />;
  }
  const open = projects.data.find((p) => p.id === id) ?? (id === 'new' ? undefined : projects.data[0]);
  return (
    <Place title="Projects" about={open ? [open.title, open.className].filter(Boolean).join(', ') : count(projects.data.length, 'project')}>
      <Layout>
        <SideList aria-label="Projects">
          {projects.data.map((p) => (
            <SideEntry key={p.id} data-open={p.id === open?.id} onPress={() => void navigate(`/projects/${p.id}`)}>
              <b>{p.title}</b>
              <small>{p.className ?? 'no class yet'}</small>
            </SideEntry>
          ))}
          <SideEntry data-open={!open} onPress={() => void navigate('/projects/new')}>
            <b>New project</b>
          </SideEntry>
        </SideList>
        {open ? <ProjectDesk key={open.id} open={open} /> : <NewProject />}
      </Layout>
    </Place>
  );
}

const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 176px minmax(0, 1fr);
  & > nav { overflow: auto; }
`;
