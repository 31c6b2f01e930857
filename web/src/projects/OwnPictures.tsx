import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body, filesForm } from '../api/client';
import { Button, LinkButton, MainButton, Segments, Select } from '../design/Controls';
import { Notice } from '../design/States';
import { Aside } from '../design/Text';
import { space } from '../design/tokens';
import { rights, type Project, type Rights } from './words';
import { formatMessage } from '../words/intl';

/** The class of a project, with its students; nothing while it has none. */
export function useStudents(schoolClass: string | undefined | null) {
  const classes = useQuery({ ...served.classes, enabled: !!schoolClass });
  return classes.data?.find((c) => c.id === schoolClass)?.students ?? [];
}

/** Pictures that single students draw instead of the class's: those there are, and another taken in. */
export function OwnPictures({ of, own }: { of: Project; own: readonly Project[] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const students = useStudents(of.schoolClass);
  const [adding, setAdding] = useState(false);
  const [student, setStudent] = useState<string | null>(null);
  const [right, setRight] = useState<Rights>('OWN_PHOTO');
  const [file, setFile] = useState<File>();
  const left = students.filter((s) => !own.some((p) => p.student === s.id));
  const take = useMutation({
    mutationFn: ({ whose, picture }: { whose: string; picture: File }) =>
      body(
        api.POST('/api/projects/{id}/own', {
          params: { path: { id: of.id }, query: { student: whose, rights: right } },
          body: { file: '' },
          bodySerializer: () => filesForm('file', [picture]),
        }),
      ),
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: served.projects.queryKey, exact: true });
      await navigate(`/projects/${made.id}`);
    },
  });
  return (
    <Part aria-label={formatMessage({ id: 'projects.own.heading' })}>
      <h2>{formatMessage({ id: 'projects.pictures' })}</h2>
      <Aside>
        {own.length === 0
          ? formatMessage({ id: 'projects.picture.forClass' })
          : formatMessage({ id: 'projects.own.summary' }, { students: students.length - own.length, own: own.length })}
      </Aside>
      {own.map((p) => (
        <LinkButton key={p.id} onPress={() => void navigate(`/projects/${p.id}`)}>
          {students.find((s) => s.id === p.student)?.name ?? formatMessage({ id: 'projects.student.unnamed' })}
        </LinkButton>
      ))}
      {!adding && left.length > 0 && <LinkButton onPress={() => setAdding(true)}>{formatMessage({ id: 'projects.own.add' })}</LinkButton>}
      {adding && (
        <>
          <Select
            label={formatMessage({ id: 'projects.student' })}
            value={student}
            onChange={setStudent}
            placeholder={formatMessage({ id: 'projects.chooseAStudent' })}
            choices={left}
          />
          <FileTrigger acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff']} onSelect={(files) => setFile(files?.[0] ?? undefined)}>
            <Button>{file ? formatMessage({ id: 'projects.own.another' }, { name: file.name }) : formatMessage({ id: 'projects.picture.choose' })}</Button>
          </FileTrigger>
          <Segments label={formatMessage({ id: 'projects.rights.label' })} value={right} onChange={setRight} choices={rights} />
          {take.error && <Notice role="alert">▲ {take.error.message}</Notice>}
          <Line>
            <MainButton isDisabled={!file || !student || take.isPending} onPress={() => file && student && take.mutate({ whose: student, picture: file })}>
              {take.isPending ? formatMessage({ id: 'projects.measuring' }) : formatMessage({ id: 'projects.picture.add' })}
            </MainButton>
            <LinkButton onPress={() => setAdding(false)}>{formatMessage({ id: 'projects.own.cancel' })}</LinkButton>
          </Line>
        </>
      )}
    </Part>
  );
}

const Part = styled.section`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(2)};
  width: 100%;
  & > div { width: 100%; }
`;
const Line = styled.div`display: flex; align-items: center; gap: ${space(3)};`;
