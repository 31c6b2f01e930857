import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { ApiError } from '../api/client';
import { Button, MainButton, Segments, Select } from '../design/Controls';
import { ConflictNotice } from '../design/ConflictNotice';
import { Notice } from '../design/States';
import { colour, space } from '../design/tokens';
import { cardWords, printWords } from '../words/words';
import type { ComposerProps } from './composing';
import { Consequences } from './Consequences';
import { type Draft, withThreshold, withValues } from './draft';
import { type Filled, PagePreview } from './PagePreview';
import { Parameters } from './Parameters';
import { count, said, say } from '../words/say';

/** Parameters at the left, the page in the middle, what follows from them at the right. */
export function Composer(props: ComposerProps) {
  const { draft, request, onRequest, error } = props;
  return (
    <Layout>
      <Parameters {...props} />
      <Middle>{draft && <Pages draft={draft} stale={props.stale} />}</Middle>
      <Side>
        {draft && (
          <Consequences
            draft={draft}
            paper={request.data.paper}
            onValues={(i, change) => onRequest(withValues(request, i, change))}
            onThreshold={(i, goal, factor) => onRequest(withThreshold(request, i, goal, factor))}
            schoolClass={props.classes.find((c) => c.id === request.data.schoolClass)}
          />
        )}
        {draft?.pageProblem && <Notice role="alert">▲ {draft.pageProblem}</Notice>}
        <ConflictNotice error={error instanceof ApiError ? error : null} onMine={props.onSaveMine} />
        {error && !(error instanceof ApiError) && <Notice role="alert">▲ {say('sheets.grastel-cannot-be-reached')}</Notice>}
        <Printing {...props} />
      </Side>
    </Layout>
  );
}

function Pages({ draft, stale }: { draft: Draft; stale: boolean }) {
  const [filled, setFilled] = useState<Filled>('predicted');
  const [at, setAt] = useState(0);
  const number = Math.min(at, draft.pages.length - 1);
  const page = draft.pages[number];
  return (
    <>
      <Bar>
        <Segments
          label={say('sheets.fields')}
          value={filled}
          onChange={setFilled}
          choices={[
            { id: 'predicted', name: say('sheets.as-predicted') },
            { id: 'asked', name: say('sheets.as-asked-for') },
            { id: 'blank', name: say('sheets.as-printed') },
          ]}
        />
        {draft.pages.length > 1 && (
          <Turner>
            <Button onPress={() => setAt(number - 1)} isDisabled={number === 0} aria-label={say('sheets.page-before')}>
              ←
            </Button>
            <span aria-live="polite">{say('sheets.page-of', { number: number + 1, pages: draft.pages.length })}</span>
            <Button onPress={() => setAt(number + 1)} isDisabled={number === draft.pages.length - 1} aria-label={say('sheets.next-page')}>
              →
            </Button>
          </Turner>
        )}
      </Bar>
      {page && <RoomNote draft={draft} />}
      {page ? <PagePreview page={page} exercises={draft.exercises} grainMm={draft.grainMm} filled={filled} stale={stale} /> : <None>{say('sheets.no-page-yet-see-what')}</None>}
    </>
  );
}

/** What the room on the page made of boxes and words. */
function RoomNote({ draft }: { draft: Draft }) {
  if (draft.smallWords) {
    return <p>{say('sheets.words-are-smaller-than-is')}</p>;
  }
  return draft.grown > 1 ? <p>{say('sheets.the-page-has-room-fields', { grown: draft.grown })}</p> : null;
}

/** Whether something of a sheet draws itself anew by a number. */
const draws = (draft: Draft | undefined) => draft?.exercises.some((e) => e.parameters.some((p) => p.name === 'variant')) === true;

function Printing({ draft, changed, onKeep, keeping, open, classes, classId, onClass, as, onAs, onPrint, printing, run }: ComposerProps) {
  const chosen = classes.find((c) => c.id === classId);
  const pages = draft?.pages.length ?? 0;
  const varied = draws(draft);
  const form = as === 'variants' && !varied ? 'pages' : as;
  const impossible = !draft || draft.exercises.some((e) => e.problems.length > 0) || pages === 0;
  return (
    <Print>
      {classes.length === 0 ? (
        <p>{said('sheets.to-print-make-a-class', { link: (words) => <Link to="/classes">{words}</Link> })}</p>
      ) : (
        <>
          <Select
            label={say('sheets.print-for')}
            value={classId}
            onChange={onClass}
            choices={classes.map((c) => ({ id: c.id, name: c.name, note: count(c.students.length, 'student') }))}
          />
          <Segments
            label={say('sheets.as')}
            value={form}
            onChange={onAs}
            choices={[
              { id: 'pages', name: say('sheets.pages') },
              ...(varied ? [{ id: 'variants' as const, name: say('sheets.a-variant-each') }] : []),
              { id: 'card', name: say('sheets.card-with-windows') },
            ]}
          />
          {form === 'card' && <p>{cardWords}</p>}
          <MainButton onPress={onPrint} isDisabled={printing || impossible || !chosen}>
            {printing ? say('sheets.preparing') : printWords(form, chosen?.students.length ?? 0, Math.max(1, pages))}
          </MainButton>
        </>
      )}
      <Button onPress={onKeep} isDisabled={!changed || keeping || impossible}>
        {open ? (open.printed ? say('sheets.keep-as-a-new-version') : say('sheets.keep-changes')) : say('sheets.keep-for-later')}
      </Button>
      {run?.card && (
        <Done role="status">
          {said('sheets.and-ready-open-the-pdf', {
            cards: count(run.parts, 'card'),
            labels: count(run.pages, 'label'),
            a: (words) => (
              <a href={`/api/sheets/runs/${run.id}/pages.pdf`} target="_blank" rel="noreferrer">
                {words}
              </a>
            ),
          })}
        </Done>
      )}
      {run && !run.card && (
        <Done role="status">
          {said('sheets.ready-open-the-pdf-and', {
            pages: count(run.pages, 'page'),
            a: (words) => (
              <a href={`/api/sheets/runs/${run.id}/pages.pdf`} target="_blank" rel="noreferrer">
                {words}
              </a>
            ),
            a2: (words) => (
              <a href={`/api/sheets/runs/${run.id}/pages.pdf?backs=true`} target="_blank" rel="noreferrer">
                {words}
              </a>
            ),
          })}
        </Done>
      )}
      {open && !changed && (
        <Links>
          <Link to={`/show/sheet/${open.id}`}>{say('sheets.show-to-the-class')}</Link>
          <a href={`/api/sheets/${open.id}/teacher.pdf`} target="_blank" rel="noreferrer">
            {say('sheets.answers-and-rubric')}
          </a>
          {draft?.pages.map((_, i) => (
            <a key={i} href={`/api/sheets/${open.id}/pages/${String(i + 1)}.svg`} target="_blank" rel="noreferrer">
              {say('sheets.svg', { more: draft.pages.length > 1 ? ` ${String(i + 1)}` : '' })}
            </a>
          ))}
        </Links>
      )}
    </Print>
  );
}

const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 244px minmax(0, 1fr) 348px;
  @media (max-width: 1100px) { grid-template-columns: 204px minmax(0, 1fr) 300px; }
  @media (max-width: 720px) { display: block; }
`;
const Side = styled.div`
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  padding: ${space(4)} ${space(5)} 0;
  overflow: auto;
  min-height: 0;
  @media (max-width: 1100px) { padding: ${space(4)} ${space(3)} 0; }
`;
const Middle = styled.div`
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: ${space(3)};
  padding: ${space(4)};
  background: ${colour.wash};
  min-height: 0;
`;
const Bar = styled.div`display: flex; flex-wrap: wrap; align-items: flex-end; justify-content: center; gap: ${space(2)} ${space(5)};`;
const Turner = styled.div`display: flex; align-items: center; gap: ${space(2)}; white-space: nowrap;`;
const None = styled.p`margin: auto; color: ${colour.muted};`;
const Print = styled.div`
  position: sticky;
  bottom: 0;
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  margin-top: auto;
  padding: ${space(3)} 0 ${space(4)};
  border-top: 1px solid ${colour.ink};
  background: ${colour.paper};
`;
const Done = styled.p`font-weight: 600;`;
const Links = styled.p`display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(4)};`;
