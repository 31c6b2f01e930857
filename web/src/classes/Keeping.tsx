import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { dateWords } from '../course/words';
import { Notice } from '../design/States';
import { colour, sizes } from '../design/tokens';
import { count } from '../words/words';

/** What there is of a class, to be handed over or deleted; a reminder where its term is over. */
export function Keeping({ schoolClass }: { schoolClass: string }) {
  const held = useQuery({
    queryKey: ['classes', schoolClass, 'holdings'],
    queryFn: () => body(api.GET('/api/progress/classes/{id}/holdings', { params: { path: { id: schoolClass } } })),
  });
  const h = held.data;
  if (!h) {
    return null;
  }
  return (
    <Section aria-label="Keeping">
      {h.ended && h.pages > 0 && (
        <Notice>
          <span>▲ The term ended on {dateWords(h.ended)}. Does your school still need these pages? Keep the archive where its rules say, then delete the class.</span>
        </Notice>
      )}
      <p>
        {count(h.printings, 'printing')}, {count(h.pages, 'page')} back, {h.confirmed} confirmed, {count(h.marks, 'mark')}.{' '}
        <a href={`/api/progress/classes/${schoolClass}/archive`}>Archive in one file</a>
      </p>
    </Section>
  );
}

const Section = styled.section`font-size: ${sizes.small}; color: ${colour.muted}; & a { color: ${colour.ink}; }`;
