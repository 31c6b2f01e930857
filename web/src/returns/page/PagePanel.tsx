import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { useClassAccess } from '../../account/useClassAccess';
import { asked } from '../../api/sharedClass';
import { api, type Schemas } from '../../api/client';
import { Button, LinkButton } from '../../design/Controls';
import { Empty, Failed, Loading, Notice } from '../../design/States';
import { Small } from '../../design/Text';
import { colour, sizes, space } from '../../design/tokens';
import { noticeWords, problemWords, timeOf, decimals } from '../../words/words';
import { BoxTable } from './BoxTable';
import { PageHand } from './HandHabit';
import { MeasuredFigures } from './MeasuredFigures';
import { Judgement } from './Judgement';
import { MatchByHand } from './MatchByHand';
import { PageMore } from './PageMore';
import { pageQuery } from '../pageQuery';
import { PageNote } from './PageNote';
import { PagePicture } from './PagePicture';
import { Strips } from './Strips';
import { formatMessage } from '../../words/intl';

type Row = Schemas['PageRow'];

/** More boxes than this need the whole width. */
const MOST_BESIDE = 7;

interface Props {
  row: Row;
  rows: Row[];
  runId: string | undefined;
  onConfirmed: () => void;
  onStep: (by: 1 | -1) => void;
}

/** One page: its picture with what was measured, box by box, and the proposed levels. */
export function PagePanel({ row, rows, runId, onConfirmed, onStep }: Props) {
  const queries = useQueryClient();
  const { isOwn, mayMark } = useClassAccess();
  const [field, setField] = useState<string | null>(null);
  const path = { id: row.id };
  const detail = useQuery(pageQuery(row.id));
  const refresh = () => queries.invalidateQueries();
  const cancel = useMutation({
    mutationFn: () => api.POST('/api/returns/pages/{id}/cancellation', { params: { path } }),
    onSuccess: refresh,
  });
  const again = useMutation({ mutationFn: () => api.POST('/api/returns/pages/{id}/again', { params: { path } }), onSuccess: refresh });
  const remove = useMutation({ mutationFn: () => api.DELETE('/api/returns/pages/{id}', { params: { path } }), onSuccess: refresh });

  if (detail.isPending) {
    return <Loading what={formatMessage({ id: 'returns.loading.page' })} />;
  }
  if (detail.isError) {
    return <Failed error={detail.error} />;
  }
  const { boxes, goals, figures, quality, pageWidth, pageHeight } = detail.data;
  const before = detail.data.before ?? undefined;
  const strips = boxes.filter((b) => b.along.read.length > 0);
  const even = boxes.filter((b) => b.along.read.length === 0);
  const spots = goals.flatMap((g) => (g.found.field && g.found.atMm != null ? [{ field: g.found.field, atMm: g.found.atMm }] : []));
  const table = even.length > 0 && <BoxTable pageId={row.id} read={detail.data.row.read} boxes={even} before={before} field={field} onField={setField} />;
  const wide = even.length > MOST_BESIDE;
  const now = detail.data.row;

  if (now.state === 'QUEUED' || now.state === 'READING') {
    return (
      <Empty title={now.state === 'QUEUED' ? formatMessage({ id: 'returns.page.waitingToBeRead' }) : formatMessage({ id: 'returns.page.readingHeading' })}>
        <p>{now.file}</p>
        {isOwn && <Button onPress={() => cancel.mutate()}>{formatMessage({ id: 'returns.cancel' })}</Button>}
      </Empty>
    );
  }
  if (now.state !== 'READ' || !pageWidth || !pageHeight) {
    return (
      <Trouble>
        <Notice>
          <strong>▲ {now.state === 'CANCELLED' ? formatMessage({ id: 'returns.page.cancelled' }) : problemWords(now.problem ?? '', now.problemFigure)}</strong>
          <span>
            {formatMessage(
              { id: 'returns.page.source' },
              {
                file: now.file,
                page: now.pageInFile,
                received: timeOf(now.received),
                code: now.code || 'none',
              },
            )}
          </span>
          {isOwn && (
            <Actions>
              <LinkButton onPress={() => again.mutate()}>{formatMessage({ id: 'returns.readAgain' })}</LinkButton>
              <LinkButton onPress={() => remove.mutate()}>{formatMessage({ id: 'returns.page.delete' })}</LinkButton>
            </Actions>
          )}
        </Notice>
        {isOwn && <MatchByHand page={now} rows={rows} runId={runId} />}
      </Trouble>
    );
  }
  return (
    <Layout>
      <Evidence>
        <Strips pageId={row.id} read={now.read} strips={strips} spots={spots} before={before} field={field} onField={setField} />
        <PagePicture id={now.id} read={now.read} width={pageWidth} height={pageHeight} boxes={boxes} field={field} onField={setField} />
        <Small>
          {now.file} ·{' '}
          {quality &&
            formatMessage(
              { id: 'returns.page.quality' },
              {
                dpi: Math.round(quality.dpi),
                flatMm: decimals(quality.flatnessMm, 2),
                light: decimals(quality.lightSpread * 100, 1),
              },
            )}
          {quality &&
            quality.keys.used > 0 &&
            ` · ${formatMessage({ id: 'returns.page.keyBoxes' }, { boxes: quality.keys.used, before: decimals(quality.keys.before, 1), after: decimals(quality.keys.after, 1) })}`}
        </Small>
        <Actions>
          <a href={asked(`/api/returns/pages/${now.id}/original`)} target="_blank" rel="noreferrer">
            {formatMessage({ id: 'returns.page.original' })}
          </a>
          {isOwn && !now.confirmed && <LinkButton onPress={() => again.mutate()}>{formatMessage({ id: 'returns.readAgain' })}</LinkButton>}
          {isOwn && <LinkButton onPress={() => remove.mutate()}>{formatMessage({ id: 'returns.page.delete' })}</LinkButton>}
        </Actions>
        {!wide && table}
      </Evidence>
      <div>
        {now.notices.length > 0 && (
          <Notice>
            {now.notices.map((n) => (
              <span key={n}>▲ {noticeWords[n]}</span>
            ))}
          </Notice>
        )}
        {quality?.keys.suspects.map((s) => (
          <Notice key={s.asked}>{formatMessage({ id: 'returns.page.wrongPencil' }, { pencil: s.asked, other: s.looksLike })}</Notice>
        ))}
        <Judgement key={`${now.id}.${String(now.confirmed)}`} page={now} goals={goals} before={before} onField={setField} onConfirmed={onConfirmed} onStep={onStep} />
        <MeasuredFigures figures={figures} />
        <PageHand page={now.id} read={now.read} />
        {mayMark && <PageNote key={`note ${now.id}`} page={now} note={detail.data.note} />}
        <PageMore page={now} others={rows} history={detail.data.history} />
      </div>
      {wide && <Boxes>{table}</Boxes>}
    </Layout>
  );
}

const Layout = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 6fr) minmax(0, 7fr);
  align-content: start;
  gap: ${space(4)} ${space(5)};
  padding: ${space(4)} ${space(5)};
  min-height: 0;
  overflow: auto;
  @media (max-width: 900px) { grid-template-columns: minmax(0, 1fr); }
  @media (max-width: 720px) { display: block; }
`;
const Evidence = styled.div`
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  min-width: 0;
  & > svg { border: 1px solid ${colour.line}; }
`;
const Actions = styled.div`display: flex; gap: ${space(4)}; font-size: ${sizes.small};`;
const Boxes = styled.div`grid-column: 1 / -1;`;
const Trouble = styled.div`display: flex; flex-direction: column; gap: ${space(4)}; padding: ${space(4)} ${space(5)}; overflow: auto; min-height: 0;`;
