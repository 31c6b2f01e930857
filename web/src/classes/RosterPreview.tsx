import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { formatMessage } from '../words/intl';

/** What a list of names would bring, before anything is added: who, who not, and why. */
export function RosterPreview({ names }: { names: string }) {
  const asked = useDeferredValue(names);
  const roster = useQuery({
    queryKey: ['roster', asked],
    queryFn: ({ signal }) => body(api.POST('/api/classes/roster', { body: { names: asked }, signal })),
    enabled: asked.trim() !== '',
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  if (asked.trim() === '' || !roster.data) {
    return null;
  }
  const { names: found, notes, problems } = roster.data;
  return (
    <Preview aria-label={formatMessage({ id: 'classes.students.preview' })}>
      {found.length > 0 && (
        <>
          <b>{formatMessage({ id: 'classes.students.wouldBeAdded' }, { students: found.length })}</b>
          <ol>
            {found.map((name) => (
              <li key={name}>
                <bdi>{name}</bdi>
              </li>
            ))}
          </ol>
        </>
      )}
      {notes.slice(0, MOST).map((note) => (
        <Small key={note}>{note}</Small>
      ))}
      {notes.length > MOST && <Small>{formatMessage({ id: 'classes.students.moreNotes' }, { count: notes.length - MOST })}</Small>}
      {problems.length > 0 && (
        <Notice>
          {problems.slice(0, MOST).map((p) => (
            <span key={p.path + p.code}>▲ {p.message}</span>
          ))}
          {problems.length > MOST && <span>{formatMessage({ id: 'classes.deletion.moreProblems' }, { count: problems.length - MOST })}</span>}
        </Notice>
      )}
    </Preview>
  );
}

const MOST = 8;
const Preview = styled.section`
  font-size: ${sizes.small};
  border-left: 3px solid ${colour.ink};
  padding-left: ${space(3)};
  ol { margin: ${space(1)} 0; padding-left: ${space(5)}; columns: 2; column-gap: ${space(5)}; }
`;
const Small = styled.p`color: ${colour.muted};`;
