import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { ApiError, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton, Segments, Select, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { Asked, Grained } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { count, feasibilityWords, gradeNames, passWords } from '../words/words';
import { PagePreview } from './PagePreview';
import { Stepper } from '../design/Stepper';
import type { SheetRequest } from './Sheets';

interface Props {
  kit: Schemas['KitView'];
  sheets: Schemas['SheetView'][];
  classes: Schemas['ClassView'][];
  open: Schemas['SheetView'] | undefined;
  request: SheetRequest;
  onRequest: (request: SheetRequest) => void;
  draft: Schemas['DraftView'] | undefined;
  stale: boolean;
  error: Error | null;
  changed: boolean;
  onKeep: () => void;
  keeping: boolean;
  classId: string | null;
  onClass: (id: string) => void;
  onPrint: () => void;
  printing: boolean;
  run: Schemas['RunView'] | undefined;
}

/** Parameters at the left, the page in the middle, what follows from them at the right. */
export function Composer(props: Props) {
  const [filled, setFilled] = useState<'blank' | 'asked'>('asked');
  const { draft, request } = props;
  return (
    <Layout>
      <Parameters {...props} />
      <Middle>
        <Segments
          label="Boxes"
          value={filled}
          onChange={setFilled}
          choices={[
            { id: 'asked', name: 'as asked for' },
            { id: 'blank', name: 'as printed' },
          ]}
        />
        {draft && <PagePreview draft={draft} filled={filled === 'asked'} stale={props.stale} />}
      </Middle>
      <Consequences {...props} request={request} />
    </Layout>
  );
}

function Parameters({ kit, sheets, open, request, onRequest, error }: Props) {
  const navigate = useNavigate();
  const fieldError = (path: string) => (error instanceof ApiError ? error.field(path) : undefined);
  const set = (change: Partial<SheetRequest>) => onRequest({ ...request, ...change });
  const retitled = open && request.title !== open.title;
  return (
    <Side>
      <Select
        label="Sheet"
        value={open?.id ?? 'new'}
        onChange={(id) => void navigate(id === 'new' ? '/sheets' : `/sheets/${id}`)}
        choices={[
          { id: 'new', name: 'New sheet' },
          ...sheets.map((s) => ({ id: s.id, name: s.title, note: s.printed ? 'printed' : 'draft' })),
        ]}
      />
      <Select
        label="Pencil"
        value={request.pencil}
        onChange={(pencil) => set(retitled ? { pencil } : { pencil, title: undefined })}
        choices={kit.pencils.filter((p) => !p.colourless).map((p) => ({
          id: p.id,
          name: `${p.code} ${p.name}`,
          note: p.range,
          mark: <Grained colour={p.colour} />,
        }))}
      />
      <Select
        label="Paper"
        value={request.paper}
        onChange={(paper) => set({ paper })}
        choices={kit.papers.map((p) => ({ id: p.id, name: p.name, mark: <Asked $colour={p.colour} /> }))}
      />
      <Stepper label="Steps" value={request.steps} least={3} most={11} onChange={(steps) => set({ steps })} error={fieldError('steps')} />
      <Segments
        label="Direction"
        value={request.direction}
        onChange={(direction) => set({ direction })}
        choices={[
          { id: 'LIGHT_TO_DARK', name: 'light → dark' },
          { id: 'DARK_TO_LIGHT', name: 'dark → light' },
        ]}
      />
      <Stepper label="Box side, mm" value={request.boxMm} least={12} most={30} onChange={(boxMm) => set({ boxMm })} error={fieldError('boxMm')} />
      <Segments
        label="Page"
        value={request.pageSize}
        onChange={(pageSize) => set({ pageSize })}
        choices={[
          { id: 'A4', name: 'A4' },
          { id: 'LETTER', name: 'Letter' },
        ]}
      />
      <Words label="Title" value={request.title ?? ''} onChange={(title) => set({ title: title || undefined })} hint="Left empty, the pencil names it." />
    </Side>
  );
}

function Consequences({ draft, request, onRequest, error, changed, onKeep, keeping, open, classes, classId, onClass, onPrint, printing, run }: Props) {
  const chosen = classes.find((c) => c.id === classId);
  const tooMany = draft?.feasibility.find((f) => f.code === 'TOO_MANY_STEPS' && f.possible >= 3);
  return (
    <Side>
      {draft && (
        <>
          <Facts>
            <dt>Drawing time</dt>
            <dd>about {Math.round(draft.minutes)} min</dd>
            <dt>One step</dt>
            <dd>{draft.askedStep.toFixed(1)} L*</dd>
          </Facts>
          <Steps>
            <thead>
              <tr>
                <th>Box</th>
                <th>Asked</th>
                <th>Pressure</th>
                <th>Gives</th>
              </tr>
            </thead>
            <tbody>
              {draft.asked.map((a) => (
                <tr key={a.field}>
                  <td>{a.field}</td>
                  <td>{a.askedValue.toFixed(1)}</td>
                  <td>
                    {gradeNames[a.grade]}, {passWords(a.passes)}
                  </td>
                  <td>
                    <Grained colour={a.predictedColour} width={26} height={16} /> {a.predictedValue.toFixed(1)}
                  </td>
                </tr>
              ))}
            </tbody>
          </Steps>
          {draft.feasibility.length > 0 ? (
            <Notice>
              {draft.feasibility.map((f) => (
                <span key={`${f.code}${f.field ?? ''}`}>▲ {feasibilityWords(f)}</span>
              ))}
              {tooMany && (
                <LinkButton onPress={() => onRequest({ ...request, steps: tooMany.possible })}>
                  {request.steps} → {tooMany.possible} steps
                </LinkButton>
              )}
            </Notice>
          ) : (
            <Fine>Every box can be done with this pencil on this paper.</Fine>
          )}
        </>
      )}
      {error && <Notice role="alert">▲ {error instanceof ApiError ? error.message : 'Grastel cannot be reached.'}</Notice>}
      <Print>
        {classes.length === 0 ? (
          <p>
            To print, <Link to="/classes">make a class</Link> first.
          </p>
        ) : (
          <>
            <Select label="Print for" value={classId} onChange={onClass} choices={classes.map((c) => ({ id: c.id, name: c.name, note: count(c.students.length, 'student') }))} />
            <MainButton onPress={onPrint} isDisabled={printing || !draft || !chosen}>
              {printing ? 'Preparing …' : `Print ${count(chosen?.students.length ?? 0, 'page')}`}
            </MainButton>
          </>
        )}
        <Button onPress={onKeep} isDisabled={!changed || keeping}>
          {open ? (open.printed ? 'Keep as a new version' : 'Keep changes') : 'Keep for later'}
        </Button>
        {run && (
          <Done role="status">
            {count(run.pages, 'page')} ready.{' '}
            <a href={`/api/sheets/runs/${run.id}/pages.pdf`} target="_blank" rel="noreferrer">
              Open the PDF
            </a>{' '}
            and print it at 100 %.
          </Done>
        )}
      </Print>
    </Side>
  );
}

const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr) 320px;
  @media (max-width: 1100px) { grid-template-columns: 200px minmax(0, 1fr) 280px; }
  @media (max-width: 720px) { display: block; }
`;
const Side = styled.div`
  display: flex;
  flex-direction: column;
  gap: ${space(3)};
  padding: ${space(4)} ${space(5)};
  overflow: auto;
  min-height: 0;
  @media (max-width: 1100px) { padding: ${space(4)} ${space(3)}; }
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
const Facts = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 ${space(4)};
  margin: 0;
  dt { color: ${colour.muted}; }
  dd { margin: 0; font-weight: 600; }
`;
const Steps = styled.table`
  th { font-size: ${sizes.small}; font-weight: 400; color: ${colour.muted}; text-align: left; }
  td, th { padding: 3px ${space(1)}; border-bottom: 1px solid ${colour.line}; white-space: nowrap; }
  td:first-child { font-weight: 600; }
  svg { vertical-align: -2px; }
`;
const Fine = styled.p`color: ${colour.muted};`;
const Print = styled.div`
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  margin-top: auto;
  padding-top: ${space(3)};
  border-top: 1px solid ${colour.line};
`;
const Done = styled.p`font-weight: 600;`;
