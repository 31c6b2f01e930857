import { useQuery } from '@tanstack/react-query';
import { Fragment } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { Place, PlaceLoading } from '../design/Place';
import { SideEntry, SideList } from '../design/SideList';
import { sizes, space } from '../design/tokens';
import { Failed } from '../design/States';
import { NewProject } from './NewProject';
import { useStudents } from './OwnPictures';
import { ProjectEditor } from './ProjectEditor';
import type { Project } from './words';
import { count, formatMessage } from '../words/intl';

/** Pictures that classes draw from: at the left all of them, in the middle one with what is measured in it. */
export default function Projects() {
  const { id } = useParams();
  const navigate = useNavigate();
  const projects = useQuery(served.projects);
  const chosen = projects.data?.find((p) => p.id === id);
  const students = useStudents(chosen?.schoolClass ?? projects.data?.find((p) => !p.ofProject)?.schoolClass);
  if (projects.isError) {
    return <Failed error={projects.error} />;
  }
  if (!projects.data) {
    return <PlaceLoading title={formatMessage({ id: 'projects.projects' })} what={formatMessage({ id: 'projects.loading.projects' })} />;
  }
  const classes = projects.data.filter((p) => !p.ofProject);
  const open = chosen ?? (id === 'new' ? undefined : classes[0]);
  const nameOf = (of: Project) => students.find((s) => s.id === of.student)?.name;
  const ownOf = (of: Project) => projects.data.filter((p) => p.ofProject === of.id);
  return (
    <Place
      title={formatMessage({ id: 'projects.projects' })}
      about={open ? [open.title, open.className, nameOf(open)].filter(Boolean).join(', ') : count(classes.length, 'project')}
    >
      <Layout>
        <SideList aria-label={formatMessage({ id: 'projects.projects' })}>
          {classes.map((p) => (
            <Fragment key={p.id}>
              <SideEntry data-open={p.id === open?.id} onPress={() => void navigate(`/projects/${p.id}`)}>
                <b>{p.title}</b>
                <small>{p.className ?? formatMessage({ id: 'projects.class.none' })}</small>
              </SideEntry>
              {(open?.id === p.id || open?.ofProject === p.id) &&
                ownOf(p).map((own) => (
                  <Own key={own.id} data-open={own.id === open.id} onPress={() => void navigate(`/projects/${own.id}`)}>
                    {nameOf(own) ?? formatMessage({ id: 'projects.student.unnamed' })}
                  </Own>
                ))}
            </Fragment>
          ))}
          <SideEntry data-open={!open} onPress={() => void navigate('/projects/new')}>
            <b>{formatMessage({ id: 'projects.newProject' })}</b>
          </SideEntry>
        </SideList>
        {open ? <ProjectEditor key={open.id} open={open} own={ownOf(open)} whose={nameOf(open)} /> : <NewProject />}
      </Layout>
    </Place>
  );
}

const Own = styled(SideEntry)`margin-left: ${space(3)}; font-size: ${sizes.small};`;
const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 176px minmax(0, 1fr);
  & > nav { overflow: auto; }
  @media (max-width: 720px) { display: block; }
`;
