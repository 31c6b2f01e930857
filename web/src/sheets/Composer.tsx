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
import { count, formatMessage } from '../words/intl';

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
        {error && !(error instanceof ApiError) && <Notice role="alert">▲ {formatMessage({ id: 'sheets.unreachable' })}</Notice>}
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
          label={formatMessage({ id: 'sheets.boxes' })}
          value={filled}
          onChange={setFilled}
          choices={[
            { id: 'predicted', name: formatMessage({ id: 'sheets.view.predicted' }) },
            { id: 'asked', name: formatMessage({ id: 'sheets.box.planned' }) },
            { id: 'blank', name: formatMessage({ id: 'sheets.view.printed' }) },
          ]}
        />
        {draft.pages.length > 1 && (
          <Turner>
            <Button onPress={() => setAt(number - 1)} isDisabled={number === 0} aria-label={formatMessage({ id: 'sheets.page.previous' })}>
              ←
            </Button>
            <span aria-live="polite">{formatMessage({ id: 'sheets.page.number' }, { number: number + 1, pages: draft.pages.length })}</span>
            <Button onPress={() => setAt(number + 1)} isDisabled={number === draft.pages.length - 1} aria-label={formatMessage({ id: 'sheets.page.next' })}>
              →
            </Button>
          </Turner>
        )}
      </Bar>
      {page && <RoomNote draft={draft} />}
      {page ? (
        <PagePreview page={page} exercises={draft.exercises} grainMm={draft.grainMm} filled={filled} stale={stale} />
      ) : (
        <None>{formatMessage({ id: 'sheets.page.none' })}</None>
      )}
    </>
  );
}

/** What the room on the page made of boxes and words. */
function RoomNote({ draft }: { draft: Draft }) {
  if (draft.smallWords) {
    return <p>{formatMessage({ id: 'sheets.page.smallText' })}</p>;
  }
  return draft.grown > 1 ? <p>{formatMessage({ id: 'sheets.page.roomy' }, { factor: draft.grown })}</p> : null;
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
        <p>{formatMessage({ id: 'sheets.print.noClass' }, { link: (words) => <Link to="/classes">{words}</Link> })}</p>
      ) : (
        <>
          <Select
            label={formatMessage({ id: 'sheets.print.for' })}
            value={classId}
            onChange={onClass}
            choices={classes.map((c) => ({ id: c.id, name: c.name, note: count(c.students.length, 'student') }))}
          />
          <Segments
            label={formatMessage({ id: 'sheets.print.as' })}
            value={form}
            onChange={onAs}
            choices={[
              { id: 'pages', name: formatMessage({ id: 'sheets.pages' }) },
              ...(varied ? [{ id: 'variants' as const, name: formatMessage({ id: 'sheets.print.variants' }) }] : []),
              { id: 'card', name: formatMessage({ id: 'sheets.print.card' }) },
            ]}
          />
          {form === 'card' && <p>{cardWords}</p>}
          <MainButton onPress={onPrint} isDisabled={printing || impossible || !chosen}>
            {printing ? formatMessage({ id: 'sheets.preparing' }) : printWords(form, chosen?.students.length ?? 0, Math.max(1, pages))}
          </MainButton>
        </>
      )}
      <Button onPress={onKeep} isDisabled={!changed || keeping || impossible}>
        {open ? (open.printed ? formatMessage({ id: 'sheets.saveVersion' }) : formatMessage({ id: 'sheets.save' })) : formatMessage({ id: 'sheets.saveFirst' })}
      </Button>
      {run?.card && (
        <Done role="status">
          {formatMessage(
            { id: 'sheets.print.cardReady' },
            {
              cards: run.parts,
              labels: run.pages,
              a: (words) => (
                <a href={`/api/sheets/runs/${run.id}/pages.pdf`} target="_blank" rel="noreferrer">
                  {words}
                </a>
              ),
            },
          )}
        </Done>
      )}
      {run && !run.card && (
        <Done role="status">
          {formatMessage(
            { id: 'sheets.print.ready' },
            {
              pages: run.pages,
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
            },
          )}
        </Done>
      )}
      {open && !changed && (
        <Links>
          <Link to={`/show/sheet/${open.id}`}>{formatMessage({ id: 'sheets.show' })}</Link>
          <a href={`/api/sheets/${open.id}/teacher.pdf`} target="_blank" rel="noreferrer">
            {formatMessage({ id: 'sheets.print.answers' })}
          </a>
          {draft?.pages.map((_, i) => (
            <a key={i} href={`/api/sheets/${open.id}/pages/${String(i + 1)}.svg`} target="_blank" rel="noreferrer">
              {formatMessage({ id: 'sheets.page.svg' }, { page: draft.pages.length > 1 ? ` ${String(i + 1)}` : '' })}
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
