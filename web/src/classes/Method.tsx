import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Label, RadioGroup } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { useRevision } from '../api/useRevision';
import { ConflictNotice, useSaveMine } from '../design/ConflictNotice';
import { Button, Toggle } from '../design/Controls';
import { Failed, Loading } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { count, formatMessage } from '../words/intl';
import { Radio } from '../design/Chosen';

type School = Schemas['ClassView']['method'][number];

/** How a class is taught: one answer for each question on which teachers differ, with its reason beside it. */
export function Method({ open }: { open: Schemas['ClassView'] }) {
  const queries = useQueryClient();
  const revision = useRevision(open, (c) => [c.method, c.namesHidden]);
  const [schools, setSchools] = useState<School[]>(open.method);
  const [hidden, setHidden] = useState(open.namesHidden);
  const questions = useQuery({ queryKey: ['questions'], queryFn: () => body(api.GET('/api/classes/method-questions')), staleTime: Infinity });
  const changed = JSON.stringify(schools) !== JSON.stringify(open.method);
  const effect = useQuery({
    queryKey: ['method-effect', open.id, schools],
    queryFn: () => body(api.POST('/api/sheets/method-effect', { body: { schoolClass: open.id, schools } })),
    enabled: changed,
  });
  const keep = useMutation({
    mutationFn: () => body(api.PUT('/api/classes/{id}/method', { params: { path: { id: open.id } }, body: { revision: revision.known, schools, namesHidden: hidden } })),
    onSuccess: (saved) => {
      revision.saved(saved);
      return queries.invalidateQueries();
    },
  });
  const saveMine = useSaveMine(keep, revision);
  if (questions.error) {
    return <Failed error={questions.error} />;
  }
  if (!questions.data) {
    return <Loading what={formatMessage({ id: 'classes.loading.method' })} />;
  }
  return (
    <section aria-label={formatMessage({ id: 'classes.method' })}>
      <Head>
        <h3>{formatMessage({ id: 'classes.method' })}</h3>
        <p>{formatMessage({ id: 'classes.method.help' })}</p>
      </Head>
      <Questions>
        {questions.data.map((q) => (
          <RadioGroup
            key={q.question}
            value={schools.find((s) => q.schools.some((x) => x.school === s)) ?? ''}
            onChange={(value) => setSchools(schools.map((s) => (q.schools.some((x) => x.school === s) ? (value as School) : s)))}
          >
            <Question>{q.label}</Question>
            {q.schools.map((s) => (
              <Answer key={s.school} value={s.school}>
                {({ isSelected }) => (
                  <>
                    <span aria-hidden>{isSelected ? '●' : '○'}</span>
                    <span>
                      {s.label}
                      <Why>{s.reason}</Why>
                    </span>
                  </>
                )}
              </Answer>
            ))}
          </RadioGroup>
        ))}
      </Questions>
      <Foot>
        <Toggle isSelected={hidden} onChange={setHidden}>
          {formatMessage({ id: 'classes.students.codes' })}
        </Toggle>
        <Button onPress={() => keep.mutate()} isDisabled={(!changed && hidden === open.namesHidden) || keep.isPending}>
          {formatMessage({ id: 'classes.method.save' })}
        </Button>
        {changed && effect.data && (
          <span role="status">
            {effect.data.length === 0 ? (
              formatMessage({ id: 'classes.method.noChange' })
            ) : (
              <>
                {formatMessage({ id: 'classes.method.wouldChange' }, { sheets: effect.data.length })}{' '}
                {effect.data.map((e, i) => (
                  <span key={e.sheet}>
                    {i > 0 && ', '}
                    <Link to={`/sheets/${e.sheet}`}>{e.title}</Link> ({e.problem ?? count(e.fields, 'box')})
                  </span>
                ))}
                . {formatMessage({ id: 'classes.method.printedStays' })}
              </>
            )}
          </span>
        )}
      </Foot>
      <ConflictNotice error={keep.error} onMine={() => void saveMine()} />
    </section>
  );
}

const Head = styled.div`p { color: ${colour.muted}; }`;
const Questions = styled.div`
  columns: 3 260px;
  column-gap: ${space(8)};
  margin-top: ${space(3)};
  & > div { break-inside: avoid; padding: ${space(2)} 0; border-top: 1px solid ${colour.line}; }
`;
const Question = styled(Label)`font-weight: 600;`;
const Answer = styled(Radio)`
  display: flex;
  gap: ${space(2)};
  padding: 2px 0;
  cursor: pointer;
  &[data-focus-visible] { outline: 2px solid ${colour.ink}; outline-offset: 1px; }
`;
const Why = styled.span`display: block; font-size: ${sizes.small}; color: ${colour.muted}; line-height: 1.25;`;
const Foot = styled.div`display: flex; flex-wrap: wrap; align-items: center; gap: ${space(3)}; margin-top: ${space(4)}; max-width: 720px;`;
