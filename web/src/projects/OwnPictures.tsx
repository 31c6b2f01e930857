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
    <Part aria-label="Pictures of their own">
      <h2>Pictures</h2>
      <Aside>{own.length === 0 ? 'One for the whole class.' : `${students.length - own.length} draw the class’s, ${own.length} their own:`}</Aside>
      {own.map((p) => (
        <LinkButton key={p.id} onPress={() => void navigate(`/projects/${p.id}`)}>
          {students.find((s) => s.id === p.student)?.name ?? 'a student'}
        </LinkButton>
      ))}
      {!adding && left.length > 0 && <LinkButton onPress={() => setAdding(true)}>Another for one student …</LinkButton>}
      {adding && (
        <>
          <Select label="Student" value={student} onChange={setStudent} placeholder="Choose a student" choices={left} />
          <FileTrigger acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff']} onSelect={(files) => setFile(files?.[0] ?? undefined)}>
            <Button>{file ? `${file.name} – another …` : 'Choose a picture …'}</Button>
          </FileTrigger>
          <Segments label="The right to use it" value={right} onChange={setRight} choices={rights} />
          {take.error && <Notice role="alert">▲ {take.error.message}</Notice>}
          <Line>
            <MainButton isDisabled={!file || !student || take.isPending} onPress={() => file && student && take.mutate({ whose: student, picture: file })}>
              {take.isPending ? 'Measuring …' : 'Take it in'}
            </MainButton>
            <LinkButton onPress={() => setAdding(false)}>Leave it</LinkButton>
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
