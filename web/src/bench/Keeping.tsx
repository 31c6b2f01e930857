import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { served } from '../api/served';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { Row } from '../design/Text';
import { colour, space } from '../design/tokens';
import type { StackData } from './stack';
import { formatMessage } from '../words/intl';

type Saved = Schemas['StackView'];

interface Props {
  stack: StackData;
  open: Saved | undefined;
  changed: boolean;
  onKept: (saved: Saved) => void;
  onReload: () => void;
  onClose: () => void;
}

/** Keeps the stack by name, and says so when another window changed it meanwhile. */
export function Keeping({ stack, open, changed, onKept, onReload, onClose }: Props) {
  const queries = useQueryClient();
  const [name, setName] = useState(open?.name ?? '');
  const [note, setNote] = useState(open?.note ?? '');
  const done = async (saved: Saved) => {
    await queries.invalidateQueries({ queryKey: served.stacks.queryKey });
    onKept(saved);
  };
  const keep = useMutation({
    mutationFn: (asNew: boolean) =>
      open && !asNew
        ? body(api.PUT('/api/bench/stacks/{id}', { params: { path: { id: open.id } }, body: { name, note, stack, version: open.version } }))
        : body(api.POST('/api/bench/stacks', { body: { name, note, stack } })),
    onSuccess: done,
  });
  const remove = useMutation({
    mutationFn: () => api.DELETE('/api/bench/stacks/{id}', { params: { path: { id: open?.id ?? '' } } }),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: served.stacks.queryKey });
      onReload();
      onClose();
    },
  });
  const error = keep.error instanceof ApiError ? keep.error : undefined;
  const elsewhere = error?.code === 'CHANGED_ELSEWHERE';
  return (
    <Panel>
      <Words label={formatMessage({ id: 'bench.name' })} value={name} onChange={setName} error={error?.field('name')} required />
      <Words label={formatMessage({ id: 'bench.note' })} value={note} onChange={setNote} rows={2} error={error?.field('note')} />
      {elsewhere && (
        <Notice role="alert">
          <span>▲ {error.message}</span>
          <LinkButton
            onPress={() => {
              void queries.invalidateQueries({ queryKey: served.stacks.queryKey });
              onReload();
              onClose();
            }}
          >
            {formatMessage({ id: 'bench.conflict.openTheirs' })}
          </LinkButton>
        </Notice>
      )}
      {keep.error && !elsewhere && error?.fields.length === 0 && <Notice role="alert">▲ {keep.error.message}</Notice>}
      <Row>
        {open && !elsewhere && (
          <MainButton onPress={() => keep.mutate(false)} isDisabled={!name.trim() || keep.isPending || (!changed && name === open.name && note === open.note)}>
            {formatMessage({ id: 'bench.stack.save' })}
          </MainButton>
        )}
        <Button onPress={() => keep.mutate(true)} isDisabled={!name.trim() || keep.isPending}>
          {open ? formatMessage({ id: 'bench.stack.saveAsNew' }) : formatMessage({ id: 'bench.stack.save' })}
        </Button>
        <LinkButton onPress={onClose}>{formatMessage({ id: 'bench.close' })}</LinkButton>
        {open && <LinkButton onPress={() => remove.mutate()}>{formatMessage({ id: 'bench.stack.delete' }, { name: open.name })}</LinkButton>}
      </Row>
    </Panel>
  );
}

const Panel = styled.section`
  display: grid;
  grid-template-columns: minmax(180px, 1fr) minmax(240px, 2fr) auto;
  gap: ${space(3)};
  align-items: end;
  padding: ${space(3)} ${space(5)};
  border-bottom: 1px solid ${colour.line};
  background: ${colour.wash};
  @media (max-width: 900px) { grid-template-columns: 1fr; }
`;
