import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type MouseEvent, useState } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { LinkButton, MainButton, Select } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { namedIn } from './named';

type Point = Schemas['Point'];
const cornerNames = ['top left', 'top right', 'bottom right', 'bottom left'] as const;
/** Problems after which the page's place in the picture must be pointed at. */
const needsCorners = new Set(['NO_MARKERS', 'TOO_FEW_MARKERS', 'NOT_FLAT']);

/** Says by hand whose page it is and, where the markers were not found, where they are. */
export function MatchByHand({ page, rows, runId }: { page: Schemas['PageRow']; rows: Schemas['PageRow'][]; runId: string | undefined }) {
  const queries = useQueryClient();
  const [chosen, setPrintedPage] = useState<string | null>(page.place?.printedPage ?? null);
  const [corners, setCorners] = useState<Point[]>([]);
  const students = useQuery({
    queryKey: ['printed', runId],
    queryFn: () => body(api.GET('/api/sheets/runs/{id}/pages', { params: { path: { id: runId ?? '' } } })),
    enabled: runId !== undefined,
  });
  const named = namedIn(page.file, students.data ?? []);
  const printedPage = chosen ?? named?.id ?? null;
  // Who has nothing back yet comes first: it is most likely one of them.
  const back = new Set(rows.filter((r) => r.state === 'READ').map((r) => r.place?.printedPage));
  const choices = [...(students.data ?? [])]
    .sort((a, b) => Number(back.has(a.id)) - Number(back.has(b.id)))
    .map((s) => ({ id: s.id, name: s.student, note: back.has(s.id) ? 'back already' : '' }));
  const pointing = needsCorners.has(page.problem ?? '');
  const match = useMutation({
    mutationFn: (target: string) =>
      body(
        api.POST('/api/returns/pages/{id}/match', {
          params: { path: { id: page.id } },
          body: { printedPage: target, ...(corners.length === 4 ? { corners } : {}) },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
  const point = (event: MouseEvent<HTMLElement>) => {
    const frame = event.currentTarget.getBoundingClientRect();
    if (corners.length < 4) {
      setCorners([...corners, { x: (event.clientX - frame.left) / frame.width, y: (event.clientY - frame.top) / frame.height }]);
    }
  };
  const next = cornerNames[corners.length];
  const ready = printedPage !== null && (!pointing || corners.length === 4);

  return (
    <section aria-label="Match by hand">
      <Line>
        <h3>Match by hand</h3>
        <Who>
          <Select
            label="Whose page"
            value={printedPage}
            onChange={setPrintedPage}
            placeholder="Choose a student"
            choices={choices}
          />
        </Who>
        <MainButton isDisabled={!ready || match.isPending} onPress={() => printedPage && match.mutate(printedPage)}>
          Read it as theirs
        </MainButton>
      </Line>
      {named && chosen === null && <Hint>{named.student} is named in the file’s name: look whether it is theirs.</Hint>}
      {pointing && (
        <Hint>
          {next ? (
            <>
              Now click the middle of the <b>{next}</b> marker as printed on the sheet ({corners.length} of 4 done).
            </>
          ) : (
            'All four markers are set.'
          )}{' '}
          {corners.length > 0 && <LinkButton onPress={() => setCorners([])}>Start over</LinkButton>}
        </Hint>
      )}
      {match.error && <Notice role="alert">▲ {match.error.message}</Notice>}
      <Frame onClick={pointing ? point : undefined} $pointing={pointing}>
        <img src={`/api/returns/pages/${page.id}/original`} alt="The page as it came in" />
        {corners.map((c, i) => (
          <Pin key={i} style={{ left: `${c.x * 100}%`, top: `${c.y * 100}%` }}>
            {i + 1}
          </Pin>
        ))}
      </Frame>
    </section>
  );
}

const Line = styled.div`display: flex; align-items: flex-end; flex-wrap: wrap; gap: ${space(4)};`;
const Who = styled.div`width: 240px;`;
const Hint = styled.p`margin: ${space(2)} 0;`;
const Frame = styled.div<{ $pointing: boolean }>`
  position: relative;
  display: inline-block;
  margin-top: ${space(3)};
  background: ${colour.wash};
  cursor: ${(p) => (p.$pointing ? 'crosshair' : 'default')};
  img { display: block; max-width: 100%; max-height: 62vh; }
`;
const Pin = styled.span`
  position: absolute;
  translate: -50% -50%;
  display: grid;
  place-items: center;
  width: 22px;
  height: 22px;
  border-radius: 50%;
  background: ${colour.ink};
  color: ${colour.paper};
  font-size: ${sizes.small};
  font-weight: 600;
  pointer-events: none;
`;
