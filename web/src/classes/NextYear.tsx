import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, MainButton, Segments, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { Tick, useLeftOut } from '../design/Tick';
import { sizes, space } from '../design/tokens';
import { bandNames, type Band } from '../words/words';
import { formatMessage } from '../words/intl';
import { nextName } from './nextName';

/** A class goes on in the next school year: a new class with its students, method and sets; this one stays for what they did. */
export function NextYear({ open }: { open: Schemas['ClassView'] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [isOpen, setOpen] = useState(false);
  const [name, setName] = useState(nextName(open.name));
  const [band, setBand] = useState<Band>(open.band);
  const { out, toggle } = useLeftOut();
  const students = open.students.filter((s) => !out.has(s.id)).map((s) => s.id);
  const promote = useMutation({
    mutationFn: () => body(api.POST('/api/classes/{id}/promotion', { params: { path: { id: open.id } }, body: { revision: open.revision, students, name, band } })),
    onSuccess: async (made) => {
      await queries.invalidateQueries();
      await navigate(`/classes/${made.id}`);
    },
  });
  if (!isOpen) {
    return <Button onPress={() => setOpen(true)}>{formatMessage({ id: 'classes.nextYear.open' })}</Button>;
  }
  return (
    <Form
      aria-label={formatMessage({ id: 'classes.nextYear.title' })}
      onSubmit={(e) => {
        e.preventDefault();
        promote.mutate();
      }}
    >
      <h3>{formatMessage({ id: 'classes.nextYear.title' })}</h3>
      <p>{formatMessage({ id: 'classes.nextYear.help' }, { name: open.name })}</p>
      <Words label={formatMessage({ id: 'classes.nextYear.name' })} value={name} onChange={setName} />
      <Segments
        label={formatMessage({ id: 'classes.band.label' })}
        value={band}
        onChange={setBand}
        choices={(Object.keys(bandNames) as Band[]).map((id) => ({ id, name: bandNames[id] }))}
      />
      <Going>
        {open.students.map((s) => (
          <Tick key={s.id} label={s.name} isOn={!out.has(s.id)} onChange={() => toggle(s.id)}>
            {s.name}
          </Tick>
        ))}
      </Going>
      {promote.error && (
        <Notice role="alert">
          ▲ {promote.error.message}
          {promote.error instanceof ApiError && promote.error.fields.map((f) => <span key={f.path}>{f.message}</span>)}
        </Notice>
      )}
      <Buttons>
        <MainButton type="submit" isDisabled={students.length === 0 || name.trim() === '' || promote.isPending}>
          {formatMessage({ id: 'classes.nextYear.start' }, { students: students.length })}
        </MainButton>
        <Button onPress={() => setOpen(false)}>{formatMessage({ id: 'classes.deletion.cancel' })}</Button>
      </Buttons>
    </Form>
  );
}

const Form = styled.form`display: flex; flex-direction: column; gap: ${space(3)}; p { font-size: ${sizes.small}; }`;
const Going = styled.div`max-height: 240px; overflow: auto;`;
const Buttons = styled.div`display: flex; flex-wrap: wrap; gap: ${space(2)};`;
