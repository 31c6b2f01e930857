import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { served } from '../../api/served';
import { api, body, type Schemas } from '../../api/client';
import { Button, LinkButton } from '../../design/Controls';
import { Failed, Loading, Notice } from '../../design/States';
import { colour, sizes, space } from '../../design/tokens';
import { Upload } from '../../returns/intake/Upload';
import { dayOf, noticeWords } from '../../words/words';
import { ChartFound } from './ChartFound';
import { formatMessage } from '../../words/intl';

type Chart = Schemas['ChartView'];

/** Looks again so often while a chart is fitted, and while pages of it may come back, ms. */
const FITTING = 1500;
const WAITING = 4000;

/** One chart: its pages, and what they tell. */
export function ChartSheet({ id, isDemo, onDeleted }: { id: string; isDemo: boolean; onDeleted: () => void }) {
  const queries = useQueryClient();
  const chart = useQuery({
    queryKey: ['charts', id],
    queryFn: () => body(api.GET('/api/charts/{id}', { params: { path: { id } } })),
    refetchInterval: (query) => again(query.state.data),
  });
  const back = chart.data?.pages.filter((p) => p.readAt).length ?? 0;
  useEffect(() => {
    void queries.invalidateQueries({ queryKey: served.charts.queryKey, exact: true });
  }, [queries, back]);
  const remove = useMutation({
    mutationFn: () => api.DELETE('/api/charts/{id}', { params: { path: { id } } }),
    onSuccess: async () => {
      onDeleted();
      await queries.invalidateQueries({ queryKey: served.charts.queryKey, exact: true });
    },
  });
  if (chart.isError) {
    return <Failed error={chart.error} />;
  }
  if (!chart.data) {
    return <Loading what={formatMessage({ id: 'kit.loading.chart' })} />;
  }
  const c = chart.data;
  return (
    <Sheet>
      <Head>
        <div>
          <h2>{formatMessage({ id: 'kit.chart.title' }, { title: c.title })}</h2>
          <p>{formatMessage({ id: 'kit.chart.printed' }, { date: dayOf(c.printedAt), paper: c.paperName, used: c.takenAt ? dayOf(c.takenAt) : 'no' })}</p>
        </div>
        <a href={`/api/charts/${id}/pdf`} target="_blank" rel="noreferrer">
          {formatMessage({ id: 'kit.chart.print' })}
        </a>
        <Upload />
        {isDemo && c.pages.some((p) => !p.readAt) && <Simulate id={id} />}
        <LinkButton onPress={() => remove.mutate()}>{formatMessage({ id: 'kit.delete' })}</LinkButton>
      </Head>
      {remove.error && <Notice role="alert">▲ {remove.error.message}</Notice>}
      <Pages chart={c} />
      {c.state === 'WAITING' && (
        <Next>
          <li>{formatMessage({ id: 'kit.chart.printSize' }, { paper: c.paperName })}</li>
          <li>{formatMessage({ id: 'kit.chart.fillIn' })}</li>
          <li>{formatMessage({ id: 'kit.chart.scan' })}</li>
        </Next>
      )}
      {c.state === 'FITTING' && <Loading what={formatMessage({ id: 'kit.loading.results' })} />}
      {c.state === 'EMPTY' && <Notice role="alert">{formatMessage({ id: 'kit.chart.empty' })}</Notice>}
      {c.fit && <ChartFound key={c.id} chart={c} fit={c.fit} />}
    </Sheet>
  );
}

function again(c: Chart | undefined): number | false {
  if (c?.state === 'FITTING') {
    return FITTING;
  }
  return c?.pages.some((p) => !p.readAt) ? WAITING : false;
}

function Pages({ chart }: { chart: Chart }) {
  const [open, setOpen] = useState<number>();
  const flags = [...new Set(chart.pages.flatMap((p) => p.flags))];
  return (
    <div>
      <Row>
        {chart.pages.map((p) => (
          <Page key={p.number} isDisabled={!p.readAt} onPress={() => setOpen(open === p.number ? undefined : p.number)} data-open={open === p.number}>
            {formatMessage(
              { id: 'kit.chart.page' },
              {
                person: chart.pages.some((q) => q.copy > 1) ? p.copy : 0,
                part: p.part,
                state: p.readAt ? formatMessage({ id: 'kit.chart.returned' }) : formatMessage({ id: 'kit.chart.notReturned' }),
                small: (words) => <small>{words}</small>,
              },
            )}
          </Page>
        ))}
      </Row>
      {flags.map((f) => (
        <Small key={f}>▲ {noticeWords[f]}</Small>
      ))}
      {open !== undefined && (
        <Picture src={`/api/charts/${chart.id}/pages/${open}/picture?r=${chart.revision}`} alt={formatMessage({ id: 'kit.chart.pageImage' }, { page: open })} />
      )}
    </div>
  );
}

/** The demo's simulated hand and scanner. */
function Simulate({ id }: { id: string }) {
  const scan = useMutation({ mutationFn: () => api.POST('/api/demo/scanner/charts/{id}', { params: { path: { id } } }) });
  return (
    <>
      <Button isDisabled={scan.isPending || scan.isSuccess} onPress={() => scan.mutate()}>
        {scan.isSuccess ? formatMessage({ id: 'kit.chart.simulating' }) : formatMessage({ id: 'kit.chart.simulate' })}
      </Button>
      {scan.error && <span role="alert">▲ {scan.error.message}</span>}
    </>
  );
}

const Sheet = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)} ${space(5)} ${space(6)}; overflow: auto;`;
const Head = styled.header`
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: ${space(2)} ${space(4)};
  & > div:first-child { margin-right: auto; }
  & p { color: ${colour.muted}; }
`;
const Row = styled.div`display: flex; flex-wrap: wrap; gap: ${space(2)};`;
const Page = styled(Button)`
  flex-direction: column;
  gap: 0;
  line-height: 1.2;
  & small { font-size: ${sizes.small}; font-weight: 400; }
  &[data-open='true'] { background: ${colour.ink}; color: ${colour.paper}; }
`;
const Small = styled.p`font-size: ${sizes.small};`;
const Picture = styled.img`display: block; margin-top: ${space(2)}; max-width: 100%; max-height: 620px; border: 1px solid ${colour.line};`;
const Next = styled.ol`
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  padding-left: ${space(5)};
  font-size: ${sizes.lead};
`;
