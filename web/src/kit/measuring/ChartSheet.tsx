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
import { said, say } from '../../words/say';

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
    return <Loading what={say('kit.the-chart')} />;
  }
  const c = chart.data;
  return (
    <Sheet>
      <Head>
        <div>
          <h2>{say('kit.chart-of-2', { title: c.title })}</h2>
          <p>{said('kit.printed-on', { printedAt: dayOf(c.printedAt), paperName: c.paperName, takenAt: c.takenAt && say('kit.taken-over', { takenAt: dayOf(c.takenAt) }) })}</p>
        </div>
        <a href={`/api/charts/${id}/pdf`} target="_blank" rel="noreferrer">
          {say('kit.print-the-pdf')}
        </a>
        <Upload />
        {isDemo && c.pages.some((p) => !p.readAt) && <Simulate id={id} />}
        <LinkButton onPress={() => remove.mutate()}>{say('kit.delete')}</LinkButton>
      </Head>
      {remove.error && <Notice role="alert">▲ {remove.error.message}</Notice>}
      <Pages chart={c} />
      {c.state === 'WAITING' && (
        <Next>
          <li>{say('kit.print-it-at-true-size', { paperName: c.paperName })}</li>
          <li>{say('kit.let-one-person-fill-in')}</li>
          <li>{say('kit.scan-it-in-colour-with')}</li>
        </Next>
      )}
      {c.state === 'FITTING' && <Loading what={say('kit.what-the-boxes-tell')} />}
      {c.state === 'EMPTY' && <Notice role="alert">{say('kit.no-box-was-filled-was')}</Notice>}
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
            {said('kit.page-3', {
              more: chart.pages.some((q) => q.copy > 1) && say('kit.person', { copy: p.copy }),
              part: p.part,
              more2: p.readAt ? say('kit.came-back') : say('kit.not-back-yet'),
              small: (words) => <small>{words}</small>,
            })}
          </Page>
        ))}
      </Row>
      {flags.map((f) => (
        <Small key={f}>▲ {noticeWords[f]}</Small>
      ))}
      {open !== undefined && <Picture src={`/api/charts/${chart.id}/pages/${open}/picture?r=${chart.revision}`} alt={say('kit.page-as-it-came-back', { open })} />}
    </div>
  );
}

/** The demo's simulated hand and scanner. */
function Simulate({ id }: { id: string }) {
  const scan = useMutation({ mutationFn: () => api.POST('/api/demo/scanner/charts/{id}', { params: { path: { id } } }) });
  return (
    <>
      <Button isDisabled={scan.isPending || scan.isSuccess} onPress={() => scan.mutate()}>
        {scan.isSuccess ? say('kit.being-filled-in-and-scanned') : say('kit.simulate-hand-and-scan')}
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
