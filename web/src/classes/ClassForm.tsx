import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger, Form } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError, api, body, filesForm, type Schemas } from '../api/client';
import { Button, MainButton, Segments, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { Small } from '../design/Text';
import { space } from '../design/tokens';
import { bandNames, type Band } from '../words/words';
import { RosterPreview } from './RosterPreview';
import { formatMessage } from '../words/intl';

interface Props {
  onCreate: (request: Schemas['NewClass']) => void;
  error: Error | null;
  busy: boolean;
}

/** A new class: its name, how far it is, and its list pasted or read from a file. */
export function ClassForm({ onCreate, error, busy }: Props) {
  const [name, setName] = useState('');
  const [band, setBand] = useState<Band>('DEVELOPING');
  const [names, setNames] = useState('');
  const [notes, setNotes] = useState<string[]>([]);
  const roster = useMutation({
    mutationFn: (file: File) =>
      body(
        api.POST('/api/classes/roster', {
          body: { file: '' },
          bodySerializer: () => filesForm('file', [file]),
        }),
      ),
    onSuccess: (read) => {
      if (read.problems.length === 0) {
        setNames(read.names.join('\n'));
        setNotes(read.notes);
      }
    },
  });
  const failed = error instanceof ApiError ? error : undefined;
  const listProblems = [...(failed?.code === 'ROSTER' ? failed.fields : []), ...(roster.data?.problems ?? [])];
  const lines = names.split('\n').filter((l) => l.trim() !== '').length;

  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        onCreate({ name, band, names });
      }}
    >
      <Sheet>
        <Column>
          <h2>{formatMessage({ id: 'classes.newClass' })}</h2>
          <Words
            label={formatMessage({ id: 'classes.name.label' })}
            value={name}
            onChange={setName}
            required
            hint={formatMessage({ id: 'classes.name.example' })}
            error={failed?.field('name')}
          />
          <Segments
            label={formatMessage({ id: 'classes.band.label' })}
            value={band}
            onChange={setBand}
            choices={(Object.keys(bandNames) as Band[]).map((id) => ({ id, name: bandNames[id] }))}
          />
          <Small>{formatMessage({ id: 'classes.create.next' })}</Small>
        </Column>
        <Column>
          <Words label={formatMessage({ id: 'classes.students.label' }, { lines: lines })} value={names} onChange={setNames} rows={16} />
          <FileTrigger acceptedFileTypes={['text/csv', 'text/plain', '.csv', '.txt', '.tsv']} onSelect={(files) => files?.[0] && roster.mutate(files[0])}>
            <Button>{formatMessage({ id: 'classes.students.import' })}</Button>
          </FileTrigger>
          {notes.slice(0, 8).map((note) => (
            <Small key={note}>{note}</Small>
          ))}
          <RosterPreview names={names} />
          {listProblems.length > 0 && (
            <Notice role="alert">
              {listProblems.slice(0, 8).map((p) => (
                <span key={p.path + p.code}>▲ {p.message}</span>
              ))}
              {listProblems.length > 8 && <span>{formatMessage({ id: 'classes.students.moreProblems' }, { count: listProblems.length - 8 })}</span>}
            </Notice>
          )}
          {(roster.error ?? (failed && !failed.fields.length ? failed : null)) && <Notice role="alert">▲ {(roster.error ?? failed)?.message}</Notice>}
          <MainButton type="submit" isDisabled={busy || name.trim() === '' || lines === 0}>
            {formatMessage({ id: 'classes.create' })}
          </MainButton>
          <Small>{formatMessage({ id: 'classes.students.privacy' })}</Small>
        </Column>
      </Sheet>
    </Form>
  );
}

const Sheet = styled.div`
  display: grid;
  grid-template-columns: minmax(220px, 320px) minmax(260px, 460px);
  gap: ${space(8)};
  padding: ${space(5)} ${space(6)};
  @media (max-width: 1000px) { grid-template-columns: minmax(0, 1fr); }
`;
const Column = styled.div`display: flex; flex-direction: column; align-items: stretch; gap: ${space(4)}; & > button { align-self: flex-start; }`;
