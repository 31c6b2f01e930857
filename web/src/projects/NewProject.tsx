import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body, filesForm } from '../api/client';
import { Button, MainButton, Segments, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { ClassChoice, NOBODY } from './ClassChoice';
import { rights, type Rights } from './words';

/** Takes a picture in, with the right to use it. */
export function NewProject() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [title, setTitle] = useState('');
  const [schoolClass, setSchoolClass] = useState(NOBODY);
  const [right, setRight] = useState<Rights>('OWN_PHOTO');
  const [note, setNote] = useState('');
  const [file, setFile] = useState<File>();
  const create = useMutation({
    mutationFn: (picture: File) =>
      body(
        api.POST('/api/projects', {
          params: { query: { title, rights: right, rightsNote: note, ...(schoolClass === NOBODY ? {} : { schoolClass }) } },
          body: { file: '' },
          bodySerializer: () => filesForm('file', [picture]),
        }),
      ),
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: served.projects.queryKey });
      await navigate(`/projects/${made.id}`);
    },
  });
  return (
    <Form>
      <h2>A picture to draw from</h2>
      <p>Clear light from one side, and the subject large. Take only what the class has the right to use; of people only with their leave, as your school rules.</p>
      <FileTrigger acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff']} onSelect={(files) => setFile(files?.[0] ?? undefined)}>
        <Button>{file ? `${file.name} – another …` : 'Choose a picture …'}</Button>
      </FileTrigger>
      <Words label="Title" value={title} onChange={setTitle} required />
      <ClassChoice value={schoolClass} onChange={setSchoolClass} />
      <Segments label="The right to use it" value={right} onChange={setRight} choices={rights} />
      <Words label="Note on the right (who took it, where it is from)" value={note} onChange={setNote} />
      {create.error && <Notice role="alert">▲ {create.error.message}</Notice>}
      <MainButton isDisabled={!file || title.trim() === '' || create.isPending} onPress={() => file && create.mutate(file)}>
        {create.isPending ? 'Measuring …' : 'Take it in'}
      </MainButton>
    </Form>
  );
}

const Form = styled.section`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(4)};
  max-width: 560px;
  padding: ${space(5)} ${space(6)};
  overflow: auto;
  & > p { color: ${colour.muted}; font-size: ${sizes.small}; }
  & > div { width: 100%; }
`;
