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
import { say } from '../words/say';

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
    <Part aria-label={say('projects.pictures-of-their-own')}>
      <h2>{say('projects.pictures')}</h2>
      <Aside>
        {own.length === 0 ? say('projects.one-for-the-whole-class') : say('projects.draw-the-classs-their-own', { students: students.length - own.length, own: own.length })}
      </Aside>
      {own.map((p) => (
        <LinkButton key={p.id} onPress={() => void navigate(`/projects/${p.id}`)}>
          {students.find((s) => s.id === p.student)?.name ?? say('projects.a-student')}
        </LinkButton>
      ))}
      {!adding && left.length > 0 && <LinkButton onPress={() => setAdding(true)}>{say('projects.another-for-one-student')}</LinkButton>}
      {adding && (
        <>
          <Select label={say('projects.student')} value={student} onChange={setStudent} placeholder={say('projects.choose-a-student')} choices={left} />
          <FileTrigger acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff']} onSelect={(files) => setFile(files?.[0] ?? undefined)}>
            <Button>{file ? say('projects.another', { name: file.name }) : say('projects.choose-a-picture')}</Button>
          </FileTrigger>
          <Segments label={say('projects.the-right-to-use-it')} value={right} onChange={setRight} choices={rights} />
          {take.error && <Notice role="alert">▲ {take.error.message}</Notice>}
          <Line>
            <MainButton isDisabled={!file || !student || take.isPending} onPress={() => file && student && take.mutate({ whose: student, picture: file })}>
              {take.isPending ? say('projects.measuring') : say('projects.take-it-in')}
            </MainButton>
            <LinkButton onPress={() => setAdding(false)}>{say('projects.leave-it')}</LinkButton>
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
