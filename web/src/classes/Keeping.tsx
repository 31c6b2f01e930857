import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { dateWords } from '../course/words';
import { Notice } from '../design/States';
import { colour, sizes } from '../design/tokens';
import { count } from '../words/words';

/** What there is of a class, to be handed over or deleted; a reminder where its term is over. */
export function Keeping({ open, today }: { open: Schemas['ClassView']; today: string }) {
  const held = useQuery({
    queryKey: ['classes', open.id, 'holdings'],
    queryFn: () => body(api.GET('/api/progress/classes/{id}/holdings', { params: { path: { id: open.id } } })),
  });
  const h = held.data;
  const ended = open.calendar.term?.to;
  const isOver = ended !== undefined && ended < today;
  if (!h) {
    return null;
  }
  return (
    <Section aria-label="Keeping">
      {isOver && h.pages > 0 && (
        <Notice>
          <span>
            ▲ The term ended on {dateWords(ended)}. Does your school still need these pages? Keep the archive where its rules say, then delete the class.
          </span>
        </Notice>
      )}
      <p>
        {count(h.printings, 'printing')}, {count(h.pages, 'page')} back, {h.confirmed} confirmed, {count(h.marks, 'mark')}.{' '}
        <a href={`/api/progress/classes/${open.id}/archive`}>Archive in one file</a>
      </p>
    </Section>
  );
}

const Section = styled.section`font-size: ${sizes.small}; color: ${colour.muted}; & a { color: ${colour.ink}; }`;
