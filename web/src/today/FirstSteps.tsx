import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { Button, LinkButton } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { first } from '../sheets/draft';
import { formatMessage } from '../words/intl';

const DISMISSED = 'first-steps-dismissed';
/** Five boxes from light to dark. */
const TRIED = 'pressure-scale';

/** Not of the made-up ranges that every kit starts with, or changed since. */
const isOwn = (pencil: Schemas['PencilView']) => pencil.revision > 0 || (!pencil.colourless && pencil.source !== 'MEASURED_SPECTRUM');

/** What a new teacher does once. Each step ticks itself off; the list is gone when all are done, or when it is dismissed. */
export function FirstSteps({ day }: { day: Schemas['TodayView'] }) {
  const [dismissed, setDismissed] = useState(() => localStorage.getItem(DISMISSED) !== null);
  const asked = { enabled: !dismissed };
  const classes = useQuery({ ...served.classes, ...asked });
  const kit = useQuery({ ...served.kit, ...asked });
  const courses = useQuery({ ...served.courses, ...asked });
  const runs = useQuery({ ...served.runs, ...asked });
  if (dismissed || !classes.data || !kit.data || !courses.data || !runs.data) {
    return null;
  }
  // what was only tried out is no step
  const own = classes.data.filter((c) => c.name !== formatMessage({ id: 'today.try.className' }));
  const printed = runs.data.filter((run) => own.some((c) => c.id === run.schoolClass));
  const firstClass = own[0];
  const ofClass = firstClass ? `/classes/${firstClass.id}` : '/classes';
  const steps = [
    { name: formatMessage({ id: 'today.first.class' }), to: '/classes', done: firstClass !== undefined },
    { name: formatMessage({ id: 'today.first.periods' }), to: ofClass, done: own.some((c) => c.calendar.slots.length > 0) },
    {
      name: formatMessage({ id: 'today.first.pencils' }),
      to: '/kit',
      done: kit.data.sets.some((x) => x.users.length > 0) || kit.data.pencils.some(isOwn),
    },
    { name: formatMessage({ id: 'today.first.course' }), to: '/course', done: courses.data.lanes.some((lane) => lane.lessons.length > 0) },
    { name: formatMessage({ id: 'today.first.print' }), to: '/sheets', done: printed.length > 0 },
    { name: formatMessage({ id: 'today.first.read' }), to: '/returns', done: day.classes.some((c) => own.some((o) => o.id === c.id) && (c.run?.progress.read ?? 0) > 0) },
  ];
  const next = steps.find((s) => !s.done);
  if (!next) {
    return null;
  }
  return (
    <Section aria-label={formatMessage({ id: 'today.first.heading' })}>
      <div>
        <Head>
          <h2>{formatMessage({ id: 'today.first.heading' })}</h2>
          <LinkButton
            onPress={() => {
              localStorage.setItem(DISMISSED, 'yes');
              setDismissed(true);
            }}
          >
            {formatMessage({ id: 'today.first.dismiss' })}
          </LinkButton>
        </Head>
        <Steps>
          {steps.map((s) => (
            <li key={s.name} data-next={s === next} aria-current={s === next ? 'step' : undefined}>
              <Mark role="img" aria-label={s.done ? formatMessage({ id: 'today.first.done' }) : formatMessage({ id: 'today.first.open' })}>
                {s.done ? '✓' : ''}
              </Mark>
              {s.done ? <s>{s.name}</s> : <Link to={s.to}>{s.name}</Link>}
            </li>
          ))}
        </Steps>
      </div>
      {runs.data.length === 0 && <TryNow kit={kit.data} />}
    </Section>
  );
}

/** One sheet at once, before there is a class: printed, drawn by anyone, photographed, read. */
function TryNow({ kit }: { kit: Schemas['KitView'] }) {
  const queries = useQueryClient();
  const make = useMutation({
    mutationFn: async () => {
      const own = await body(
        api.POST('/api/classes', { body: { name: formatMessage({ id: 'today.try.className' }), band: 'DEVELOPING', names: formatMessage({ id: 'today.try.student' }) } }),
      );
      const sheet = await body(api.POST('/api/sheets', { body: first(kit, TRIED, own.id) }));
      return body(api.POST('/api/sheets/{id}/runs', { params: { path: { id: sheet.id } }, body: { schoolClass: own.id, card: false, variants: false } }));
    },
  });
  return (
    <Try>
      <h3>{formatMessage({ id: 'today.try.heading' })}</h3>
      {make.data ? (
        <>
          <p>
            {formatMessage(
              { id: 'today.try.ready' },
              {
                pdf: (words) => (
                  <a href={`/api/sheets/runs/${make.data.id}/pages.pdf`} target="_blank" rel="noreferrer">
                    {words}
                  </a>
                ),
                returns: (words) => <Link to={`/returns/${make.data.id}`}>{words}</Link>,
              },
            )}
          </p>
          <LinkButton onPress={() => void queries.invalidateQueries()}>{formatMessage({ id: 'today.try.done' })}</LinkButton>
        </>
      ) : (
        <>
          <p>{formatMessage({ id: 'today.try.help' })}</p>
          <Button isDisabled={make.isPending} onPress={() => make.mutate()}>
            {make.isPending ? formatMessage({ id: 'today.try.preparing' }) : formatMessage({ id: 'today.try.now' })}
          </Button>
        </>
      )}
      {make.error && <Notice role="alert">▲ {make.error.message}</Notice>}
    </Try>
  );
}

const Section = styled.section`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(6)} ${space(8)};
  padding: ${space(5)} ${space(6)};
  border-bottom: 1px solid ${colour.line};
  & > * { flex: 1 1 320px; max-width: 520px; }
`;
const Head = styled.div`display: flex; align-items: baseline; justify-content: space-between; gap: ${space(4)};`;
const Steps = styled.ol`
  margin: ${space(3)} 0 0;
  padding: 0;
  list-style: none;
  & li { display: flex; align-items: center; gap: ${space(3)}; min-height: 36px; border-top: 1px solid ${colour.line}; }
  & li[data-next='true'] { font-weight: 600; }
  & s { color: ${colour.muted}; text-decoration: none; }
`;
const Mark = styled.span`
  flex: none;
  display: grid;
  place-items: center;
  width: 20px;
  height: 20px;
  border: 1px solid ${colour.muted};
  font-size: ${sizes.small};
`;
const Try = styled.div`
  padding: ${space(4)};
  border-left: 4px solid ${colour.ink};
  background: ${colour.wash};
  & p { margin: ${space(2)} 0 ${space(3)}; }
`;
