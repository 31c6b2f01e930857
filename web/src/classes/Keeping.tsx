import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { dateWords } from '../course/words';
import { Notice } from '../design/States';
import { colour, sizes } from '../design/tokens';
import { formatMessage } from '../words/intl';

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
    <Section aria-label={formatMessage({ id: 'classes.archive.heading' })}>
      {h.ended && h.pages > 0 && (
        <Notice>
          <span>{formatMessage({ id: 'classes.deletion.termEnded' }, { date: dateWords(h.ended) })}</span>
        </Notice>
      )}
      <p>
        {formatMessage(
          { id: 'classes.archive.summary' },
          {
            printings: h.printings,
            pages: h.pages,
            confirmed: h.confirmed,
            marks: h.marks,
            a: (words) => <a href={`/api/progress/classes/${schoolClass}/archive`}>{words}</a>,
          },
        )}
      </p>
    </Section>
  );
}

const Section = styled.section`font-size: ${sizes.small}; color: ${colour.muted}; & a { color: ${colour.ink}; }`;
