import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { dateWords } from '../course/words';
import { Notice } from '../design/States';
import { colour, sizes } from '../design/tokens';
import { count, said, say } from '../words/say';

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
    <Section aria-label={say('classes.keeping')}>
      {h.ended && h.pages > 0 && (
        <Notice>
          <span>{say('classes.the-term-ended-on-does', { ended: dateWords(h.ended) })}</span>
        </Notice>
      )}
      <p>
        {said('classes.back-confirmed-archive-in-one', {
          printings: count(h.printings, 'printing'),
          pages: count(h.pages, 'page'),
          confirmed: h.confirmed,
          marks: count(h.marks, 'mark'),
          a: (words) => <a href={`/api/progress/classes/${schoolClass}/archive`}>{words}</a>,
        })}
      </p>
    </Section>
  );
}

const Section = styled.section`font-size: ${sizes.small}; color: ${colour.muted}; & a { color: ${colour.ink}; }`;
