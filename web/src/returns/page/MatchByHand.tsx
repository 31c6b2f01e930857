import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { MainButton, Segments, Select } from '../../design/Controls';
import { Notice } from '../../design/States';
import { space } from '../../design/tokens';
import { CornerPins } from './CornerPins';
import { namedIn } from './named';
import { formatMessage } from '../../words/intl';

type Point = Schemas['Point'];
type Kind = 'markers' | 'drawing';
/** Problems after which the page's place in the picture must be pointed at. */
const needsCorners = new Set(['NO_MARKERS', 'TOO_FEW_MARKERS', 'NOT_FLAT', 'NO_PAPER']);
/** Where corners are put for a start: markers stand near those of the page. */
const nearEdges: Point[] = [
  { x: 0.08, y: 0.06 },
  { x: 0.92, y: 0.06 },
  { x: 0.92, y: 0.94 },
  { x: 0.08, y: 0.94 },
];

/** Says by hand whose page it is and, where it was not found, where it lies: its markers, or a drawing that has none. */
export function MatchByHand({ page, rows, runId }: { page: Schemas['PageRow']; rows: Schemas['PageRow'][]; runId: string | undefined }) {
  const queries = useQueryClient();
  const [chosen, setPrintedPage] = useState<string | null>(page.place?.printedPage ?? null);
  const [pointed, setPointed] = useState<Partial<Record<Kind, Point[]>>>({});
  const [wanted, setKind] = useState<Kind | null>(null);
  const pointing = needsCorners.has(page.problem ?? '');
  const students = useQuery({
    queryKey: ['printed', runId],
    queryFn: () => body(api.GET('/api/sheets/runs/{id}/pages', { params: { path: { id: runId ?? '' } } })),
    enabled: runId !== undefined,
  });
  const drawing = useQuery({
    queryKey: ['drawing', page.id, runId],
    queryFn: () => body(api.GET('/api/returns/pages/{id}/drawing', { params: { path: { id: page.id }, query: { run: runId ?? '' } } })),
    enabled: pointing && runId !== undefined,
  });
  const offered = drawing.data?.offered === true;
  const proposed = drawing.data?.corners.length === 4 ? drawing.data.corners : null;
  // A picture without any marker, for a sheet that holds a drawing, is most likely a page of a sketchbook.
  const kind: Kind = !offered ? 'markers' : (wanted ?? (page.problem === 'NO_MARKERS' || page.problem === 'NO_PAPER' ? 'drawing' : 'markers'));
  const corners = pointed[kind] ?? (kind === 'drawing' && proposed ? proposed : nearEdges);
  const named = namedIn(page.file, students.data ?? []);
  const printedPage = chosen ?? named?.id ?? null;
  // Who has nothing back yet comes first: it is most likely one of them.
  const back = new Set(rows.filter((r) => r.state === 'READ').map((r) => r.place?.printedPage));
  const choices = [...(students.data ?? [])]
    .sort((a, b) => Number(back.has(a.id)) - Number(back.has(b.id)))
    .map((s) => ({ id: s.id, name: s.student, note: back.has(s.id) ? formatMessage({ id: 'returns.page.alreadyReturned' }) : '' }));
  const match = useMutation({
    mutationFn: (target: string) =>
      body(
        api.POST('/api/returns/pages/{id}/match', {
          params: { path: { id: page.id } },
          body: { printedPage: target, ...(pointing ? { corners, drawing: kind === 'drawing' } : {}) },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
  const ready = printedPage !== null && !(pointing && drawing.isLoading);

  return (
    <section aria-label={formatMessage({ id: 'returns.match.open' })}>
      <Line>
        <h3>{formatMessage({ id: 'returns.match.open' })}</h3>
        <Who>
          <Select
            label={formatMessage({ id: 'returns.page.whose' })}
            value={printedPage}
            onChange={setPrintedPage}
            placeholder={formatMessage({ id: 'returns.student.choose' })}
            choices={choices}
          />
        </Who>
        {pointing && offered && (
          <Segments<Kind>
            label={formatMessage({ id: 'returns.match.kind' })}
            value={kind}
            onChange={setKind}
            choices={[
              { id: 'markers', name: formatMessage({ id: 'returns.page.printed' }) },
              { id: 'drawing', name: formatMessage({ id: 'returns.page.freeDrawing' }) },
            ]}
          />
        )}
        <MainButton isDisabled={!ready || match.isPending} onPress={() => printedPage && match.mutate(printedPage)}>
          {formatMessage({ id: 'returns.page.assign' })}
        </MainButton>
      </Line>
      {named && chosen === null && <Hint>{formatMessage({ id: 'returns.page.fileNames' }, { student: named.student })}</Hint>}
      {pointing && <Hint>{formatMessage({ id: 'returns.match.hint' }, { instruction: hint(kind, proposed !== null) })}</Hint>}
      {match.error && <Notice role="alert">▲ {match.error.message}</Notice>}
      {pointing ? (
        <CornerPins
          src={`/api/returns/pages/${page.id}/original`}
          alt={formatMessage({ id: 'returns.page.originalPicture' })}
          corners={corners}
          onChange={(moved) => setPointed({ ...pointed, [kind]: moved })}
        />
      ) : (
        <Shown src={`/api/returns/pages/${page.id}/original`} alt={formatMessage({ id: 'returns.page.originalPicture' })} />
      )}
    </section>
  );
}

function hint(kind: Kind, proposed: boolean) {
  if (kind === 'markers') return formatMessage({ id: 'returns.match.markers' });
  return proposed ? formatMessage({ id: 'returns.match.found' }) : formatMessage({ id: 'returns.match.frameCorners' });
}

const Line = styled.div`display: flex; align-items: flex-end; flex-wrap: wrap; gap: ${space(4)};`;
const Who = styled.div`width: 240px;`;
const Hint = styled.p`margin: ${space(2)} 0;`;
const Shown = styled.img`display: block; max-width: 100%; max-height: 62vh; margin-top: ${space(3)};`;
