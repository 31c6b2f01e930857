import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton } from '../design/Controls';
import { Notice } from '../design/States';
import { Asked, Grained } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { signed } from '../bench/words';
import { hueOf } from './hues';
import { Calibrate } from './measuring/Calibrate';
import { PencilForm } from './PencilForm';
import { decimals } from '../words/words';
import { mediumNames } from './Medium';
import { formatMessage } from '../words/intl';

type Pencil = Schemas['PencilView'];

const sources: Record<Pencil['source'], string> = {
  MEASURED_SPECTRUM: formatMessage({ id: 'kit.source.spectrum' }),
  MEASURED_LAB: formatMessage({ id: 'kit.source.colour' }),
  CHART: formatMessage({ id: 'kit.source.chart' }),
  PICKED: formatMessage({ id: 'kit.source.eye' }),
};

interface Props {
  kit: Schemas['KitView'];
  paper: string;
  pencil: Pencil | undefined;
  isNew: boolean;
  set: string | null;
  onOpen: (id: string | null) => void;
}

/** One pencil: what is known of it, what stands in for it, and what can be done with it. */
export function PencilPanel({ kit, paper, pencil, isNew, set, onOpen }: Props) {
  const [doing, setDoing] = useState<'nothing' | 'edit' | 'calibrate'>('nothing');
  const queries = useQueryClient();
  const remove = useMutation({
    mutationFn: () => api.DELETE('/api/kit/pencils/{id}', { params: { path: { id: pencil?.id ?? '' } } }),
    onSuccess: async () => {
      onOpen(null);
      await queries.invalidateQueries();
    },
  });
  if (isNew) {
    return (
      <Panel>
        <h2>{formatMessage({ id: 'kit.pencil.new' })}</h2>
        <PencilForm kit={kit} onDone={(id) => onOpen(id)} />
      </Panel>
    );
  }
  if (!pencil) {
    return (
      <Panel>
        <p>{formatMessage({ id: 'kit.pencil.chooseHint' })}</p>
        <p>{formatMessage({ id: 'kit.pencil.pressuresHelp' })}</p>
        <MainButton onPress={() => onOpen('new')}>{formatMessage({ id: 'kit.addAPencil' })}</MainButton>
        <p>{formatMessage({ id: 'kit.pencil.chartHint' }, { link: (words) => <Link to="/kit/chart?chart=new">{words}</Link> })}</p>
      </Panel>
    );
  }
  return (
    <Panel aria-label={`${pencil.code} ${pencil.name}`}>
      <Head>
        <Grained colour={pencil.colour} width={64} height={48} />
        <div>
          <h2>{pencil.name}</h2>
          <small>
            {pencil.code} · {pencil.range} · {mediumNames[pencil.binder]}
          </small>
        </div>
      </Head>
      {doing === 'edit' && <PencilForm kit={kit} pencil={pencil} onDone={() => setDoing('nothing')} />}
      {doing === 'calibrate' && <Calibrate pencil={pencil} paper={paper} paperName={kit.papers.find((p) => p.id === paper)?.name ?? ''} onDone={() => setDoing('nothing')} />}
      {doing === 'nothing' && (
        <>
          <Facts>
            <dt>{formatMessage({ id: 'kit.hue' })}</dt>
            <dd>{hueOf(pencil)}</dd>
            <dt>{formatMessage({ id: 'kit.value' })}</dt>
            <dd>{decimals(pencil.value, 1)}</dd>
            <dt>{formatMessage({ id: 'kit.lAB' })}</dt>
            <dd>
              {decimals(pencil.lab.l, 1)} {decimals(pencil.lab.a, 1)} {decimals(pencil.lab.b, 1)}
            </dd>
            <dt>{formatMessage({ id: 'kit.pencil.colourSource' })}</dt>
            <dd>{sources[pencil.source]}</dd>
            <dt>{formatMessage({ id: 'kit.pencil.opacity' })}</dt>
            <dd>{decimals(pencil.hiding, 2)}</dd>
            <dt>{formatMessage({ id: 'kit.softness' })}</dt>
            <dd>{decimals(pencil.softness, 2)}</dd>
            <dt>{formatMessage({ id: 'kit.copies' })}</dt>
            <dd>{copies(pencil)}</dd>
            <dt>{formatMessage({ id: 'kit.stock.leadLeft' })}</dt>
            <dd>{formatMessage({ id: 'kit.stock.leadMm' }, { leadMm: pencil.leadMm })}</dd>
          </Facts>
          <Row>
            <Button onPress={() => setDoing('edit')}>{formatMessage({ id: 'kit.edit' })}</Button>
            {!pencil.colourless && <Button onPress={() => setDoing('calibrate')}>{formatMessage({ id: 'kit.calibrate' })}</Button>}
          </Row>
          {!pencil.colourless && <Substitutes pencil={pencil} set={set} onOpen={onOpen} />}
          {remove.error && <Notice role="alert">▲ {remove.error instanceof ApiError ? remove.error.message : formatMessage({ id: 'kit.unreachable' })}</Notice>}
          <Row>
            <LinkButton onPress={() => onOpen('new')}>{formatMessage({ id: 'kit.addAPencil' })}</LinkButton>
            <LinkButton onPress={() => remove.mutate()}>{formatMessage({ id: 'kit.pencil.remove' })}</LinkButton>
          </Row>
        </>
      )}
    </Panel>
  );
}

function copies({ copies, extra }: Pencil) {
  if (extra === 0) {
    return copies;
  }
  return extra < 0 ? formatMessage({ id: 'kit.pencil.copiesLost' }, { copies, lost: -extra }) : formatMessage({ id: 'kit.pencil.copiesOf' }, { copies, besides: extra });
}

function Substitutes({ pencil, set, onOpen }: { pencil: Pencil; set: string | null; onOpen: (id: string) => void }) {
  const found = useQuery({
    queryKey: ['substitutes', pencil.id, set],
    queryFn: () => body(api.GET('/api/kit/pencils/{id}/substitutes', { params: { path: { id: pencil.id }, query: set ? { set } : {} } })),
  });
  return (
    <section>
      <h3>{formatMessage({ id: 'kit.pencil.substitutes' })}</h3>
      {found.data?.length === 0 && <p>{formatMessage({ id: 'kit.pencil.noSubstitute' })}</p>}
      <Instead>
        {found.data?.slice(0, 5).map((s) => (
          <li key={s.pencil.id}>
            <Asked $colour={s.pencil.colour} $size={18} />
            <LinkButton onPress={() => onOpen(s.pencil.id)}>
              {s.pencil.code} {s.pencil.name}
            </LinkButton>
            <small>{formatMessage({ id: 'kit.pencil.substituteDifference' }, { deltaValue: signed(s.deltaValue), deltaHue: signed(s.deltaHue, 0) })}</small>
          </li>
        ))}
      </Instead>
    </section>
  );
}

const Panel = styled.aside`
  display: flex;
  flex-direction: column;
  align-items: stretch;
  gap: ${space(4)};
  padding: ${space(4)} ${space(5)};
  border-left: 1px solid ${colour.line};
  overflow: auto;
  & > button { align-self: flex-start; }
`;
const Head = styled.div`display: flex; gap: ${space(3)}; align-items: center; & small { color: ${colour.muted}; font-size: ${sizes.small}; }`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px ${space(4)};
  margin: 0;
  dt { color: ${colour.muted}; }
  dd { margin: 0; font-weight: 600; }
`;
const Row = styled.div`display: flex; flex-wrap: wrap; gap: ${space(3)}; font-size: ${sizes.text};`;
const Instead = styled.ul`
  list-style: none;
  padding: 0;
  margin: ${space(1)} 0 0;
  & li { display: grid; grid-template-columns: 18px 1fr; gap: 0 ${space(2)}; align-items: center; padding: 3px 0; text-align: left; }
  & li button { text-align: left; }
  & small { grid-column: 2; color: ${colour.muted}; font-size: ${sizes.small}; line-height: 1.1; }
`;
