import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../../api/served';
import { ApiError, api, body, type Schemas } from '../../api/client';
import { MainButton, Segments, Select, Words } from '../../design/Controls';
import { NumberBox } from '../../design/NumberBox';
import { Notice } from '../../design/States';
import { Small } from '../../design/Text';
import { colour, sizes, space } from '../../design/tokens';
import { type Medium, MediumChoice } from '../Medium';
import { count, formatMessage } from '../../words/intl';
import { usualPaper } from '../usualPaper';

type Size = Schemas['ChartRequest']['pageSize'];
type Named = Schemas['NamedView'];

const NEW = 'new';
const NONE = 'none';

/** What to make a chart of: a set of the kit, or one that is only a list of names yet. */
export function ChartForm({ kit, onPrinted }: { kit: Schemas['KitView']; onPrinted: (id: string) => void }) {
  const queries = useQueryClient();
  const [search] = useSearchParams();
  const [of, setOf] = useState(search.get('pencils') === NEW ? NEW : (kit.sets[0]?.id ?? NEW));
  const [paper, setPaper] = useState(usualPaper(kit.papers)?.id ?? '');
  const [pageSize, setPageSize] = useState<Size>('A4');
  const [copies, setCopies] = useState(1);
  const [name, setName] = useState('');
  const [binder, setBinder] = useState<Medium>('WAX');
  const [lines, setLines] = useState('');
  const [white, setWhite] = useState<string>();
  const [dark, setDark] = useState<string>();
  const asked = useDeferredValue(lines.trim());
  const named = useQuery({
    queryKey: ['chart lines', asked],
    queryFn: () => body(api.POST('/api/charts/lines', { body: { lines: asked } })),
    enabled: of === NEW && asked !== '',
    retry: false,
    placeholderData: (before) => before,
  });
  const pencils = asked === '' ? [] : (named.data ?? []);
  const isWhite = white ?? find(pencils, /white/i) ?? NONE;
  const isDark = dark ?? find(pencils, /black|indigo|navy|night|dark|deep/i) ?? (pencils.length > 0 ? '0' : NONE);
  const print = useMutation({
    mutationFn: () =>
      body(
        api.POST('/api/charts', {
          body: {
            paper,
            pageSize,
            copies,
            ...(of === NEW
              ? { newSet: { name, binder, lines, ...(isWhite === NONE ? {} : { white: Number(isWhite) }), ...(isDark === NONE ? {} : { dark: Number(isDark) }) } }
              : { set: of }),
          },
        }),
      ),
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: served.charts.queryKey });
      onPrinted(made.id);
    },
  });
  const ready = of !== NEW || (name.trim() !== '' && pencils.length > 0 && !named.isError);
  const choices = pencils.map((p, i) => ({ id: String(i), name: `${p.code} ${p.name}` }));
  const problem = print.error ?? (asked !== '' ? named.error : null);
  return (
    <Form>
      <h2>{formatMessage({ id: 'kit.chart.heading' })}</h2>
      <p>{formatMessage({ id: 'kit.chart.help' })}</p>
      <Segments
        label={formatMessage({ id: 'kit.chart.of' })}
        value={of === NEW ? 'new' : 'set'}
        onChange={(next) => setOf(next === 'new' ? NEW : (kit.sets[0]?.id ?? NEW))}
        choices={[
          { id: 'set', name: formatMessage({ id: 'kit.gamut.aSet' }) },
          { id: 'new', name: formatMessage({ id: 'kit.chart.newPencils' }) },
        ]}
      />
      {of === NEW ? (
        <>
          <Row>
            <Words label={formatMessage({ id: 'kit.names.rangeName' })} value={name} onChange={setName} required />
            <MediumChoice value={binder} onChange={setBinder} />
          </Row>
          <Lines>
            <Words
              label={formatMessage({ id: 'kit.names.label' })}
              value={lines}
              onChange={setLines}
              rows={7}
              hint={formatMessage({ id: 'kit.names.help' })}
              error={named.error instanceof ApiError && asked !== '' ? named.error.message : undefined}
            />
            <Taken aria-label={formatMessage({ id: 'kit.chart.asUsed' })}>
              {pencils.map((p, i) => (
                <li key={p.code}>
                  <span>{i + 1}</span> <b>{p.code}</b> {p.name}
                </li>
              ))}
            </Taken>
          </Lines>
          {pencils.length > 0 && (
            <Row>
              <Pick>
                <Select
                  label={formatMessage({ id: 'kit.chart.whitePencil' })}
                  value={isWhite}
                  onChange={setWhite}
                  choices={[{ id: NONE, name: formatMessage({ id: 'kit.names.noRange' }) }, ...choices]}
                />
              </Pick>
              <Pick>
                <Select label={formatMessage({ id: 'kit.chart.darkPencil' })} value={isDark} onChange={setDark} choices={choices} />
              </Pick>
            </Row>
          )}
        </>
      ) : (
        <Pick>
          <Select
            label={formatMessage({ id: 'kit.set' })}
            value={of}
            onChange={setOf}
            choices={kit.sets.map((s) => ({ id: s.id, name: s.name, note: count(s.pencils.length, 'pencil') }))}
          />
        </Pick>
      )}
      <Row>
        <Pick>
          <Select label={formatMessage({ id: 'kit.onPaper' })} value={paper} onChange={setPaper} choices={kit.papers.map((p) => ({ id: p.id, name: p.name }))} />
        </Pick>
        <Segments
          label={formatMessage({ id: 'kit.page' })}
          value={pageSize}
          onChange={setPageSize}
          choices={[
            { id: 'A4', name: 'A4' },
            { id: 'LETTER', name: 'Letter' },
          ]}
        />
        <Few>
          <NumberBox label={formatMessage({ id: 'kit.chart.people' })} value={copies} least={1} most={6} step={1} digits={0} onChange={setCopies} />
        </Few>
      </Row>
      {problem && !(problem === named.error) && <Notice role="alert">▲ {problem.message}</Notice>}
      <MainButton onPress={() => print.mutate()} isDisabled={!ready || print.isPending}>
        {formatMessage({ id: 'kit.chart.create' })}
      </MainButton>
      <Small>{formatMessage({ id: 'kit.chart.peopleHelp' })}</Small>
    </Form>
  );
}

/** The first line whose name is like this. */
function find(pencils: Named[], like: RegExp): string | undefined {
  const at = pencils.findIndex((p) => like.test(p.name));
  return at < 0 ? undefined : String(at);
}

const Form = styled.section`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(3)};
  padding: ${space(5)} ${space(6)} ${space(8)};
  overflow: auto;
  & > p { max-width: 70ch; }
`;
const Row = styled.div`display: flex; gap: ${space(4)}; align-items: flex-end; flex-wrap: wrap;`;
const Pick = styled.div`width: 260px;`;
const Few = styled.div`width: 150px;`;
const Lines = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: ${space(4)};
  width: 100%;
  max-width: 860px;
  @media (max-width: 820px) { grid-template-columns: 1fr; }
`;
const Taken = styled.ol`
  list-style: none;
  margin: ${space(5)} 0 0;
  padding: 0;
  columns: 2;
  font-size: ${sizes.small};
  max-height: 240px;
  overflow: auto;
  & span { display: inline-block; width: 2em; color: ${colour.muted}; }
`;
