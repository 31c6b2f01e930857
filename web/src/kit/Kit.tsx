import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { type Schemas } from '../api/client';
import { Segments, Select, Words } from '../design/Controls';
import { Place, PlaceLoading } from '../design/Place';
import { Failed } from '../design/States';
import { Charts } from './measuring/Charts';
import { Files } from './Files';
import { Stock } from './Stock';
import { Papers } from './Papers';
import { PencilPanel } from './PencilPanel';
import { PencilTable } from './PencilTable';
import { Reach } from './Reach';
import { Sets } from './Sets';
import { count, formatMessage } from '../words/intl';
import { usualPaper } from './usualPaper';

type View = 'pencils' | 'stock' | 'reach' | 'sets' | 'papers' | 'chart' | 'files';

const views = [
  { id: 'pencils', name: formatMessage({ id: 'kit.pencilsShort' }) },
  { id: 'stock', name: formatMessage({ id: 'kit.stock.short' }) },
  { id: 'reach', name: formatMessage({ id: 'kit.gamut.short' }) },
  { id: 'sets', name: formatMessage({ id: 'kit.set.short' }) },
  { id: 'papers', name: formatMessage({ id: 'kit.papers' }) },
  { id: 'chart', name: formatMessage({ id: 'kit.chart.short' }) },
  { id: 'files', name: formatMessage({ id: 'kit.import.short' }) },
] as const;

/** Pencils as on a table, papers, sets, and what a set can make. */
export default function Kit({ isDemo }: { isDemo: boolean }) {
  const { view: named } = useParams();
  const navigate = useNavigate();
  const view: View = views.find((v) => v.id === named)?.id ?? 'pencils';
  const kit = useQuery(served.kit);
  const classes = useQuery(served.taught);
  const [set, setSet] = useState<string | null>(null);
  const [paper, setPaper] = useState<string>();
  const [wanted, setWanted] = useState('');
  const [search] = useSearchParams();
  const asked = search.get('pencil');
  const [seen, setSeen] = useState(asked);
  const [open, setOpen] = useState<string | null>(asked);
  if (asked !== seen) {
    setSeen(asked);
    setOpen(asked);
  }
  if (kit.isError || classes.isError) {
    return <Failed error={(kit.error ?? classes.error) as Error} />;
  }
  if (!kit.data || !classes.data) {
    return <PlaceLoading title={formatMessage({ id: 'kit.kit' })} what={formatMessage({ id: 'kit.loading.kit' })} />;
  }
  const paperId = paper ?? usualPaper(kit.data.papers)?.id ?? '';
  const chosenSet = kit.data.sets.find((s) => s.id === set);
  const shown = kit.data.pencils.filter((p) => !chosenSet || chosenSet.pencils.includes(p.id));
  const setChoices = kit.data.sets.map((s) => ({ id: s.id, name: s.name, note: count(s.pencils.length, 'pencil') }));
  return (
    <Place
      title={formatMessage({ id: 'kit.kit' })}
      about={about(kit.data, chosenSet)}
      actions={
        <>
          {(view === 'pencils' || view === 'reach') && (
            <Pick>
              <Select label={formatMessage({ id: 'kit.onPaper' })} value={paperId} onChange={setPaper} choices={kit.data.papers.map((p) => ({ id: p.id, name: p.name }))} />
            </Pick>
          )}
          {view === 'pencils' && (
            <>
              <Pick>
                <Select
                  label={formatMessage({ id: 'kit.set' })}
                  value={set ?? 'all'}
                  onChange={(id) => setSet(id === 'all' ? null : id)}
                  choices={[{ id: 'all', name: formatMessage({ id: 'kit.set.wholeKit' }) }, ...setChoices]}
                />
              </Pick>
              <Find>
                <Words label={formatMessage({ id: 'kit.filter' })} value={wanted} onChange={setWanted} />
              </Find>
            </>
          )}
          <Segments label={formatMessage({ id: 'kit.show' })} value={view} onChange={(next) => void navigate(`/kit/${next}`)} choices={views} />
        </>
      }
    >
      {view === 'pencils' && (
        <Layout>
          <PencilTable pencils={shown} wanted={wanted} paper={paperId} open={open} onOpen={setOpen} />
          <PencilPanel key={open ?? 'none'} kit={kit.data} paper={paperId} pencil={kit.data.pencils.find((p) => p.id === open)} isNew={open === 'new'} set={set} onOpen={setOpen} />
        </Layout>
      )}
      {view === 'stock' && <Stock />}
      {view === 'reach' && <Reach kit={kit.data} paper={paperId} />}
      {view === 'sets' && <Sets kit={kit.data} classes={classes.data} />}
      {view === 'papers' && <Papers kit={kit.data} />}
      {view === 'chart' && <Charts kit={kit.data} isDemo={isDemo} />}
      {view === 'files' && <Files kit={kit.data} />}
    </Place>
  );
}

function about(kit: Schemas['KitView'], set: Schemas['SetView'] | undefined): string {
  return set ? `${set.name}, ${count(set.pencils.length, 'pencil')}` : `${count(kit.pencils.length, 'pencil')}, ${count(kit.papers.length, 'paper')}`;
}

const Pick = styled.div`width: 170px;`;
const Find = styled.div`width: 120px;`;
const Layout = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  @media (max-width: 820px) { display: block; }
`;
