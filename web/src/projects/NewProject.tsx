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
import { formatMessage } from '../words/intl';

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
      <h2>{formatMessage({ id: 'projects.picture.label' })}</h2>
      <p>{formatMessage({ id: 'projects.picture.advice' })}</p>
      <FileTrigger acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff']} onSelect={(files) => setFile(files?.[0] ?? undefined)}>
        <Button>{file ? formatMessage({ id: 'projects.own.another' }, { name: file.name }) : formatMessage({ id: 'projects.picture.choose' })}</Button>
      </FileTrigger>
      <Words label={formatMessage({ id: 'projects.title' })} value={title} onChange={setTitle} required />
      <ClassChoice value={schoolClass} onChange={setSchoolClass} />
      <Segments label={formatMessage({ id: 'projects.rights.label' })} value={right} onChange={setRight} choices={rights} />
      <Words label={formatMessage({ id: 'projects.rights.note' })} value={note} onChange={setNote} />
      {create.error && <Notice role="alert">▲ {create.error.message}</Notice>}
      <MainButton isDisabled={!file || title.trim() === '' || create.isPending} onPress={() => file && create.mutate(file)}>
        {create.isPending ? formatMessage({ id: 'projects.measuring' }) : formatMessage({ id: 'projects.picture.add' })}
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
