import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../../api/served';
import { type Schemas } from '../../api/client';
import { Button } from '../../design/Controls';
import { SideEntry, SideList } from '../../design/SideList';
import { Failed, Loading } from '../../design/States';
import { dayOf } from '../../words/words';
import { ChartForm } from './ChartForm';
import { ChartSheet } from './ChartSheet';
import { formatMessage } from '../../words/intl';

/** Charts by which the kit measures itself: those that were printed, one of them, or a new one. */
export function Charts({ kit, isDemo }: { kit: Schemas['KitView']; isDemo: boolean }) {
  const [search, setSearch] = useSearchParams();
  const charts = useQuery(served.charts);
  if (charts.isError) {
    return <Failed error={charts.error} />;
  }
  if (!charts.data) {
    return <Loading what={formatMessage({ id: 'kit.loading.charts' })} />;
  }
  const asked = search.get('chart');
  const open = asked === 'new' ? undefined : (charts.data.find((c) => c.id === asked) ?? charts.data[0]);
  const go = (id: string) => setSearch({ chart: id });
  return (
    <Layout>
      {charts.data.length > 0 && (
        <SideList aria-label={formatMessage({ id: 'kit.charts' })}>
          <Button onPress={() => go('new')}>{formatMessage({ id: 'kit.newChart' })}</Button>
          {charts.data.map((c) => (
            <SideEntry key={c.id} onPress={() => go(c.id)} data-open={c.id === open?.id}>
              <b>{c.title}</b>
              <small>
                {dayOf(c.printedAt)} ·{' '}
                {c.takenAt
                  ? formatMessage({ id: 'kit.chart.used' })
                  : c.read > 0
                    ? formatMessage({ id: 'kit.chart.pagesReturned' }, { pages: c.read })
                    : formatMessage({ id: 'kit.chart.nothingReturned' })}
              </small>
            </SideEntry>
          ))}
        </SideList>
      )}
      {open ? <ChartSheet key={open.id} id={open.id} isDemo={isDemo} onDeleted={() => setSearch({})} /> : <ChartForm kit={kit} onPrinted={go} />}
    </Layout>
  );
}

const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: flex;
  & > nav { width: 200px; }
  & > section { flex: 1; min-width: 0; }
  @media (max-width: 820px) { display: block; & > nav { width: auto; } }
`;
