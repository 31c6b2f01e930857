import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton, Select } from '../design/Controls';
import { Failed } from '../design/States';
import { Grained } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { gradeNames, passWords, decimals } from '../words/words';
import { hueName, wheel } from './hues';
import type { Hue } from './hues';
import { formatMessage } from '../words/intl';

type Cell = Schemas['ReachCellView'];

const values = [9, 8, 7, 6, 5, 4, 3, 2, 1, 0];
/** Which values and hues a set makes on a paper with up to three layers, and how two sets differ. */
export function Reach({ kit, paper }: { kit: Schemas['KitView']; paper: string }) {
  const [one, setOne] = useState(kit.sets[0]?.id ?? '');
  const [other, setOther] = useState('none');
  const first = useReach(one, paper);
  const second = useReach(other === 'none' ? '' : other, paper);
  const [open, setOpen] = useState<Cell | null>(null);
  const choices = kit.sets.map((s) => ({ id: s.id, name: s.name }));
  if (kit.sets.length === 0) {
    return <Side>{formatMessage({ id: 'kit.gamut.noSet' })}</Side>;
  }
  return (
    <Layout>
      <Side>
        <Select label={formatMessage({ id: 'kit.set' })} value={one} onChange={setOne} choices={choices} />
        <Select
          label={formatMessage({ id: 'kit.gamut.compare' })}
          value={other}
          onChange={setOther}
          choices={[{ id: 'none', name: formatMessage({ id: 'kit.nothing' }) }, ...choices.filter((c) => c.id !== one)]}
        />
        <Progress reach={first} />
        {other !== 'none' && <Progress reach={second} />}
        {first.cells.length > 0 && <Summary cells={first.cells} />}
        {open && (
          <Recipe aria-live="polite">
            <Grained colour={open.colour} width={120} height={64} />
            <p>{formatMessage({ id: 'kit.gamut.partSpoken' }, { value: open.value, value2: open.value + 1, hue: hueName(open.hue), chroma: decimals(open.chroma, 0) })}</p>
            <ol>
              {open.steps.map((s, i) => (
                <li key={i}>
                  {s.pencil}: {gradeNames[s.grade]}, {passWords(s.passes)}
                </li>
              ))}
            </ol>
          </Recipe>
        )}
      </Side>
      <Grids>
        <Grid title={kit.sets.find((s) => s.id === one)?.name ?? ''} cells={first.cells} against={other === 'none' ? null : second.cells} onOpen={setOpen} />
        {other !== 'none' && <Grid title={kit.sets.find((s) => s.id === other)?.name ?? ''} cells={second.cells} against={first.cells} onOpen={setOpen} />}
      </Grids>
    </Layout>
  );
}

function useReach(set: string, paper: string) {
  const queries = useQueryClient();
  const key = ['reach', set, paper];
  const where = { params: { path: { id: set }, query: { paper } } };
  const found = useQuery({
    queryKey: key,
    queryFn: () => body(api.GET('/api/kit/sets/{id}/reach', { params: { path: { id: set }, query: { paper } } })),
    enabled: set !== '' && paper !== '',
    refetchInterval: (q) => (q.state.data?.state === 'AT_WORK' ? 400 : false),
  });
  const start = useMutation({
    mutationFn: () => body(api.POST('/api/kit/sets/{id}/reach', where)),
    onSuccess: (data) => queries.setQueryData(key, data),
  });
  const { mutate } = start;
  const isNew = found.data?.state === 'NOT_STARTED';
  useEffect(() => {
    if (isNew) {
      mutate();
    }
  }, [isNew, mutate, set, paper]);
  const cancel = useMutation({ mutationFn: () => api.DELETE('/api/kit/sets/{id}/reach', where), onSuccess: () => queries.invalidateQueries({ queryKey: key }) });
  return { data: found.data, error: found.error, cells: found.data?.cells ?? [], start, cancel };
}

function Progress({ reach }: { reach: ReturnType<typeof useReach> }) {
  if (reach.error) {
    return <Failed error={reach.error} />;
  }
  switch (reach.data?.state) {
    case undefined:
    case 'NOT_STARTED':
      return null;
    case 'AT_WORK':
      return (
        <div>
          <Bar
            role="progressbar"
            aria-label={formatMessage({ id: 'kit.gamut.calculating' })}
            aria-valuenow={Math.round(reach.data.progress * 100)}
            aria-valuemin={0}
            aria-valuemax={100}
          >
            <i style={{ width: `${reach.data.progress * 100}%` }} />
          </Bar>
          <small>{Math.round(reach.data.progress * 100)} % · </small>
          <LinkButton onPress={() => reach.cancel.mutate()}>{formatMessage({ id: 'kit.cancel' })}</LinkButton>
        </div>
      );
    case 'DONE':
      return <small>{formatMessage({ id: 'kit.gamut.tried' }, { count: reach.data.tried.toLocaleString() })}</small>;
    default:
      return (
        <div>
          {reach.data?.state === 'FAILED' && <p role="alert">{formatMessage({ id: 'kit.gamut.failed' })}</p>}
          <MainButton onPress={() => reach.start.mutate()}>{formatMessage({ id: 'kit.gamut.calculate' })}</MainButton>
        </div>
      );
  }
}

/** What is missing, in words. */
function Summary({ cells }: { cells: Cell[] }) {
  const darkest = Math.min(...cells.map((c) => c.value));
  const missing = wheel.filter((h) => !cells.some((c) => c.hue === h && c.chroma > 25));
  return (
    <p>
      {formatMessage(
        { id: 'kit.gamut.darkest' },
        {
          darkest,
          hues: missing.length > 0 ? formatMessage({ id: 'kit.gamut.missingHues' }, { hues: missing.map(hueName).join(', ') }) : formatMessage({ id: 'kit.gamut.allHues' }),
        },
      )}
    </p>
  );
}

function Grid({ title, cells, against, onOpen }: { title: string; cells: Cell[]; against: Cell[] | null; onOpen: (cell: Cell) => void }) {
  const size = against ? { width: 40, height: 22 } : { width: 56, height: 40 };
  const at = (list: Cell[], value: number, hue: Hue | undefined) => list.find((c) => c.value === value && (c.hue ?? undefined) === hue);
  return (
    <Table>
      <caption>{title}</caption>
      <thead>
        <tr>
          <th scope="col">{formatMessage({ id: 'kit.gamut.value' })}</th>
          {[...wheel, undefined].map((h) => (
            <th key={hueName(h)} scope="col">
              <span>{hueName(h)}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {values.map((v) => (
          <tr key={v}>
            <th scope="row">{v}</th>
            {[...wheel, undefined].map((h) => {
              const cell = at(cells, v, h);
              const only = cell && against && !at(against, v, h);
              return (
                <td key={hueName(h)}>
                  {cell ? (
                    <CellButton
                      onPress={() => onOpen(cell)}
                      aria-label={formatMessage({ id: 'kit.gamut.colourSpoken' }, { value: v, hue: hueName(h), chroma: decimals(cell.chroma, 0), only })}
                    >
                      <Grained colour={cell.colour} {...size} />
                      {only && <Only>{formatMessage({ id: 'kit.gamut.only' })}</Only>}
                    </CellButton>
                  ) : (
                    <Missing aria-label={formatMessage({ id: 'kit.gamut.notReached' })} style={size}>
                      ·
                    </Missing>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

const Layout = styled.div`flex: 1; min-height: 0; display: grid; grid-template-columns: 240px minmax(0, 1fr); @media (max-width: 820px) { display: block; }`;
const Side = styled.div`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)} ${space(5)}; border-right: 1px solid ${colour.line}; overflow: auto; & small { color: ${colour.muted}; font-size: ${sizes.small}; }`;
const Grids = styled.div`display: flex; flex-wrap: wrap; gap: ${space(6)}; align-content: start; padding: ${space(3)} ${space(5)}; overflow: auto;`;
const Bar = styled.div`height: 10px; border: 1px solid ${colour.line}; & i { display: block; height: 100%; background: ${colour.ink}; }`;
const Recipe = styled.section`& ol { margin: ${space(1)} 0 0; padding-left: ${space(5)}; font-size: ${sizes.small}; }`;
const Table = styled.table`
  & caption { text-align: left; font-weight: 600; padding-bottom: ${space(1)}; }
  & th { font-weight: 400; font-size: ${sizes.small}; color: ${colour.muted}; padding: 0 ${space(1)}; }
  & thead th span { display: inline-block; writing-mode: vertical-rl; transform: rotate(180deg); height: 84px; text-align: left; }
  & td { padding: 1px; }
`;
const CellButton = styled(Button)`position: relative; padding: 0; min-height: 0; border: 0; display: block; & svg { display: block; }`;
const Only = styled.span`position: absolute; right: 1px; bottom: 1px; padding: 0 2px; font-size: 10px; line-height: 1.1; background: ${colour.raised}; color: ${colour.ink};`;
const Missing = styled.span`display: grid; place-items: center; color: ${colour.muted}; border: 1px dotted ${colour.line};`;
