import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { useClassAccess } from '../account/useClassAccess';
import { Select } from '../design/Controls';
import { Place, PlaceLoading } from '../design/Place';
import { Empty, Failed, Notice } from '../design/States';
import { colour, space } from '../design/tokens';
import { dayOf } from '../words/words';
import { useKeys } from '../design/useKeys';
import { pageQuery } from './pageQuery';
import { AllConfirmed } from './AllConfirmed';
import { PageList } from './PageList';
import { PagePanel } from './page/PagePanel';
import { PhoneUpload } from './intake/PhoneUpload';
import { ScannerButton } from './intake/ScannerButton';
import { SureSheet } from './SureSheet';
import { Upload } from './intake/Upload';
import { useTimeLeft } from './intake/useTimeLeft';
import { usePrefetchedPages } from './usePrefetchedPages';
import { formatMessage } from '../words/intl';

type Row = Schemas['PageRow'];

/** Where the address names a page: all that are sure together. */
const SHEET = 'sure';
/** One page alone is as well opened. */
const FEWEST_TOGETHER = 2;

/** Returned pages of one printing: the list, one page, and its judgement. */
export default function Returns({ isDemo }: { isDemo: boolean }) {
  const { run, page } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { isOwn } = useClassAccess();
  const runs = useQuery(served.runs);
  const classes = useQuery(served.classes);
  const chosen = runs.data?.find((r) => r.id === run) ?? runs.data?.[0];
  const runId = chosen?.id;
  const pages = useQuery({
    queryKey: ['returns', runId],
    queryFn: () => body(api.GET('/api/returns/runs/{run}/pages', { params: { path: { run: runId ?? '' } } })),
    enabled: runId !== undefined,
  });
  const sure = useQuery({
    queryKey: ['returns', runId, 'sure'],
    queryFn: () => body(api.GET('/api/returns/runs/{run}/sure', { params: { path: { run: runId ?? '' } } })),
    enabled: isOwn && runId !== undefined,
  });
  const unplaced = useQuery({ ...served.unplaced, enabled: isOwn });
  const rows = [...sorted(pages.data ?? []), ...(unplaced.data ?? [])];
  const together = sure.data ?? [];
  const isSheet = page === SHEET || (page === undefined && together.length >= FEWEST_TOGETHER);
  const open = rows.find((r) => r.id === page) ?? nextOpen(rows, undefined) ?? rows[0];

  const timeLeft = useTimeLeft(rows.filter((r) => r.state === 'QUEUED' || r.state === 'READING').length, Math.max(pages.dataUpdatedAt, unplaced.dataUpdatedAt));
  useEffect(() => {
    if (runId && open && page === undefined && open.state === 'READ' && !sure.isLoading && !isSheet) {
      void navigate(`/returns/${runId}/${open.id}`, { replace: true });
    }
  }, [runId, open, page, navigate, sure.isLoading, isSheet]);

  const at = rows.findIndex((r) => r.id === open?.id);
  // Where Enter leads and where N leads: there before the key is pressed.
  usePrefetchedPages(nextOpen(rows, open?.id)?.id, rows[at + 1]?.id);

  const [last, setLast] = useState<string>();
  const undo = useMutation({
    mutationFn: async (id: string) => {
      const { row } = await queries.query({ ...pageQuery(id), staleTime: 0 });
      await api.POST('/api/returns/pages/{id}/reopening', { params: { path: { id } }, body: { seen: row.seen } });
      return id;
    },
    onSuccess: async (id) => {
      setLast(undefined);
      await queries.invalidateQueries();
      await navigate(`/returns/${runId ?? ''}/${id}`);
    },
  });
  // of a page that is confirmed itself, its judgement takes the key
  useKeys((key) => {
    const takes = key === 'u' && last !== undefined && (isSheet || open?.confirmed === false) && !undo.isPending;
    if (takes) {
      undo.mutate(last);
    }
    return takes;
  });

  const error = runs.error ?? classes.error ?? pages.error ?? unplaced.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (!runs.data || !classes.data || unplaced.isLoading) {
    return <PlaceLoading title={formatMessage({ id: 'shell.returns' })} what={formatMessage({ id: 'returns.loading.pages' })} />;
  }
  const className = (id: string) => classes.data.find((c) => c.id === id)?.name ?? '';
  const read = rows.filter((r) => r.state === 'READ').length;
  const confirmed = rows.filter((r) => r.confirmed).length;
  const isDone = isOwn && rows.length > 0 && confirmed === rows.length;
  const goTo = (row: Row | undefined) => runId && row && void navigate(`/returns/${runId}/${row.id}`);

  return (
    <Place
      title={formatMessage({ id: 'returns.returns' })}
      about={chosen && formatMessage({ id: 'returns.progress.read' }, { read, pages: chosen.pages, confirmed }) + (timeLeft && `, ${timeLeft}`)}
      actions={
        <>
          {runs.data.length > 0 && (
            <Picker>
              <Select
                label={formatMessage({ id: 'returns.filter.assignment' })}
                value={runId ?? null}
                onChange={(id) => void navigate(`/returns/${id}`)}
                choices={runs.data.map((r) => ({ id: r.id, name: `${className(r.schoolClass)} · ${r.title}`, note: dayOf(r.printedAt) }))}
              />
            </Picker>
          )}
          {isDemo && chosen && <ScannerButton className={className(chosen.schoolClass)} />}
          {isOwn && confirmed > 0 && chosen && (
            <Afterwards>
              {!isDone && (
                <>
                  <a href={`/api/returns/runs/${chosen.id}/slips.pdf`} target="_blank" rel="noreferrer">
                    {formatMessage({ id: 'returns.print.slips' })}
                  </a>
                  <Link to={`/wall/${chosen.id}/redo`}>{formatMessage({ id: 'returns.print.redoSheets' })}</Link>
                </>
              )}
              <Link to={`/returns/agreement?class=${chosen.schoolClass}`}>{formatMessage({ id: 'returns.agreement.title' })}</Link>
            </Afterwards>
          )}
          {isOwn && chosen && <PhoneUpload schoolClass={chosen.schoolClass} className={className(chosen.schoolClass)} />}
          {isOwn && <Upload />}
        </>
      }
    >
      {rows.length === 0 ? (
        <Empty title={chosen ? formatMessage({ id: 'returns.empty.title' }) : formatMessage({ id: 'returns.empty.nothingPrinted' })}>
          {!isOwn ? (
            <p>{formatMessage({ id: 'returns.empty.later' })}</p>
          ) : chosen ? (
            <p>{formatMessage({ id: 'returns.empty.help' }, { strong: (words) => <b>{words}</b> })}</p>
          ) : (
            <p>{formatMessage({ id: 'returns.empty.printFirst' }, { link: (words) => <Link to="/sheets">{words}</Link> })}</p>
          )}
        </Empty>
      ) : (
        <>
          {isDone && chosen && <AllConfirmed run={chosen} />}
          {undo.error && <Notice role="alert">▲ {undo.error.message}</Notice>}
          <Layout>
            <PageList rows={rows} openId={isSheet ? SHEET : open?.id} runId={runId} together={together.length} />
            {isSheet && runId && <SureSheet pages={together} runId={runId} onAccepted={() => void navigate(`/returns/${runId}`)} />}
            {open && !isSheet && (page !== undefined || !sure.isLoading) && (
              <PagePanel
                key={open.id}
                row={open}
                rows={rows}
                runId={runId}
                onConfirmed={() => {
                  setLast(open.id);
                  goTo(nextOpen(sorted(queries.getQueryData<Row[]>(['returns', runId]) ?? rows), open.id));
                }}
                onStep={(by) => goTo(rows[at + by])}
              />
            )}
          </Layout>
        </>
      )}
    </Place>
  );
}

/** The page that waits to be confirmed and wants a look most; of equals the next down the list, from the top again after its end. */
function nextOpen(rows: Row[], from: string | undefined): Row | undefined {
  const at = rows.findIndex((r) => r.id === from);
  const waiting = [...rows.slice(at + 1), ...rows.slice(0, Math.max(0, at))].filter((r) => r.state === 'READ' && !r.confirmed);
  return waiting.sort((a, b) => b.doubts - a.doubts)[0];
}

/** By name; two pages of one student in the order they came. */
function sorted(rows: readonly Row[]): Row[] {
  const name = (r: Row) => r.place?.student.name ?? '';
  return [...rows].sort((a, b) => name(a).localeCompare(name(b)) || a.received.localeCompare(b.received));
}

const Picker = styled.div`width: 236px;`;
const Afterwards = styled.span`display: flex; gap: ${space(3)}; align-self: flex-end; padding-bottom: 8px; white-space: nowrap;`;
const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr);
  border-top: 1px solid ${colour.paper};
  @media (max-width: 1100px) { grid-template-columns: 190px minmax(0, 1fr); }
  @media (max-width: 720px) { display: block; padding-bottom: ${space(8)}; }
`;
