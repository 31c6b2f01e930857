import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import styled from 'styled-components';
import { keysOf, served } from '../../api/served';
import { api, body, type Schemas } from '../../api/client';
import { Button, LinkButton, Toggle } from '../../design/Controls';
import { colour, faces, sizes, space } from '../../design/tokens';
import { useDraft } from '../../design/useDraft';
import { useKeys } from '../../design/useKeys';
import { formatMessage } from '../../words/intl';
import { pageQuery } from '../pageQuery';
import { ConflictNotice } from '../../design/ConflictNotice';

interface Props {
  page: Schemas['PageRow'];
  note: string;
}

/** The teacher's own words to the student, from kept phrases or new, and the flag for a second look. F flags, C writes. */
export function PageNote({ page, note }: Props) {
  const queries = useQueryClient();
  const field = useRef<HTMLTextAreaElement>(null);
  const [words, setWords, forgetDraft] = useDraft(`note/${page.id}`, () => note);
  const phrases = useQuery(served.phrases);
  const save = useMutation({
    mutationFn: (change: Omit<Schemas['NoteRequest'], 'seen'> & { seen?: string }) =>
      body(api.PUT('/api/returns/pages/{id}/note', { params: { path: { id: page.id } }, body: { seen: note, ...change } })),
    onSuccess: () => {
      forgetDraft();
      return Promise.all([queries.invalidateQueries({ queryKey: keysOf.returns }), queries.invalidateQueries({ queryKey: ['page', page.id] })]);
    },
  });
  const keep = useMutation({
    mutationFn: () => body(api.POST('/api/returns/phrases', { body: { words } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: served.phrases.queryKey }),
  });
  const forget = useMutation({
    mutationFn: (id: string) => body(api.DELETE('/api/returns/phrases/{id}', { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: served.phrases.queryKey }),
  });
  const fetched = () => queries.query({ ...pageQuery(page.id), staleTime: 0 });
  const showTheirs = async () => {
    setWords((await fetched()).note);
    forgetDraft();
    save.reset();
  };
  const saveMine = async () => save.mutate({ note: words, seen: (await fetched()).note });
  const flag = () => save.mutate({ flagged: !page.flagged });
  useKeys((key) => {
    if (key === 'f') {
      flag();
    } else if (key === 'c') {
      field.current?.focus();
    }
    return key === 'f' || key === 'c';
  });
  const add = (phrase: string) => {
    const next = [words.trim(), phrase].filter(Boolean).join(' ');
    setWords(next);
    save.mutate({ note: next });
  };
  const unkept = words.trim() !== '' && words.length <= 200 && !phrases.data?.some((p) => p.words === words.trim());

  return (
    <section aria-label={formatMessage({ id: 'returns.note' })}>
      <Line>
        <label htmlFor={`note-${page.id}`}>{formatMessage({ id: 'returns.comment.label' })}</label>
        <Toggle isSelected={page.flagged} onChange={flag} isDisabled={save.isPending}>
          {formatMessage({ id: 'returns.flag.withKey' }, { label: page.flagged ? formatMessage({ id: 'returns.flag.list' }) : formatMessage({ id: 'returns.flag' }) })}
        </Toggle>
      </Line>
      <Area
        id={`note-${page.id}`}
        ref={field}
        value={words}
        rows={2}
        maxLength={600}
        placeholder={formatMessage({ id: 'returns.comment.hint' })}
        onChange={(e) => setWords(e.target.value)}
        onBlur={() => words !== note && save.mutate({ note: words })}
        onKeyDown={(e) => e.key === 'Escape' && e.currentTarget.blur()}
      />
      <ConflictNotice error={save.error} onTheirs={() => void showTheirs()} onMine={() => void saveMine()} />
      {(phrases.data?.length ?? 0) > 0 && (
        <Kept aria-label={formatMessage({ id: 'returns.comment.phrases' })}>
          {phrases.data?.map((p) => (
            <li key={p.id}>
              <Button onPress={() => add(p.words)}>{p.words}</Button>
              <LinkButton aria-label={formatMessage({ id: 'returns.comment.deletePhrase' }, { phrase: p.words })} onPress={() => forget.mutate(p.id)}>
                {formatMessage({ id: 'returns.comment.delete' })}
              </LinkButton>
            </li>
          ))}
        </Kept>
      )}
      {unkept && <LinkButton onPress={() => keep.mutate()}>{formatMessage({ id: 'returns.comment.savePhrase' })}</LinkButton>}
    </section>
  );
}

const Line = styled.div`display: flex; justify-content: space-between; align-items: center; margin-top: ${space(3)}; label { font-weight: 600; }`;
const Area = styled.textarea`
  width: 100%;
  margin-top: ${space(1)};
  padding: ${space(2)};
  border: 1px solid ${colour.line};
  background: ${colour.raised};
  color: ${colour.ink};
  font-family: ${faces.text};
  font-size: ${sizes.text};
  resize: vertical;
  &:focus-visible { outline: 2px solid ${colour.ink}; }
`;
const Kept = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(1)} ${space(3)};
  margin: ${space(1)} 0 0;
  padding: 0;
  list-style: none;
  font-size: ${sizes.small};
  li { display: flex; gap: ${space(1)}; align-items: center; }
  button { font-size: ${sizes.small}; min-height: 28px; }
`;
