import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { LinkButton, MainButton } from '../../design/Controls';
import { Notice } from '../../design/States';
import { colour, sizes, space } from '../../design/tokens';
import { decimals, gradeNames } from '../../words/words';
import { formatMessage } from '../../words/intl';
import { Checkbox } from '../../design/Chosen';

type Fit = Schemas['ChartFitView'];
type Found = Schemas['ChartPencilView'];
type Odd = Schemas['OddBoxView'];

/** A colour less sure than this is left for the teacher to tick, ± in units of L*. */
const SURE = 4;

/** What a chart found beside what was thought, and taking it over. */
export function ChartFound({ chart, fit }: { chart: Schemas['ChartView']; fit: Fit }) {
  const queries = useQueryClient();
  const fresh = fit.pencils.filter((p) => p.after && !p.same);
  const [rows, setRows] = useState(() => new Set(fresh.filter((p) => (p.plusMinus ?? 0) <= SURE).map((p) => p.row)));
  const [paper, setPaper] = useState(false);
  const take = useMutation({
    mutationFn: () =>
      body(
        api.POST('/api/charts/{id}/taking', {
          params: { path: { id: chart.id } },
          body: {
            revision: chart.revision,
            pencils: fresh.filter((p) => rows.has(p.row)).map((p) => ({ row: p.row, ...(typeof p.revision === 'number' ? { revision: p.revision } : {}) })),
            paper,
          },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
  const toggle = (row: number) => setRows((before) => new Set(before.has(row) ? [...before].filter((r) => r !== row) : [...before, row]));
  const chosen = fresh.filter((p) => rows.has(p.row)).length;
  const isNew = fit.pencils.every((p) => !p.before);
  return (
    <>
      <Bar>
        <p>
          {isNew ? (
            <>
              {formatMessage(
                { id: 'kit.chart.result' },
                {
                  pencils: fit.pencils.filter((p) => p.after).length,
                  strong: (words) => <b>{words}</b>,
                  boxes: fit.boxes,
                  difference: decimals(fit.after, 1),
                },
              )}
            </>
          ) : (
            <>
              {formatMessage(
                { id: 'kit.chart.comparison' },
                {
                  before: decimals(fit.before, 1),
                  strong: (words) => <b>{words}</b>,
                  boxes: fit.boxes,
                  after: decimals(fit.after, 1),
                  strong2: (words) => <b>{words}</b>,
                },
              )}
            </>
          )}
        </p>
        {fresh.length > 0 ? (
          <>
            <LinkButton onPress={() => setRows(new Set(chosen === fresh.length ? [] : fresh.map((p) => p.row)))}>
              {chosen === fresh.length ? formatMessage({ id: 'kit.stock.none' }) : formatMessage({ id: 'kit.all' })}
            </LinkButton>
            <MainButton onPress={() => take.mutate()} isDisabled={take.isPending || (chosen === 0 && !paper)}>
              {chosen > 0
                ? formatMessage({ id: 'kit.chart.usePencils' }, { pencils: chosen })
                : paper
                  ? formatMessage({ id: 'kit.chart.usePaper' })
                  : formatMessage({ id: 'kit.chart.use' })}
            </MainButton>
          </>
        ) : (
          <b>{formatMessage({ id: 'kit.import.allKnown' })}</b>
        )}
      </Bar>
      {take.error && <Notice role="alert">▲ {take.error.message}</Notice>}
      <Columns>
        <Pencils aria-label={formatMessage({ id: 'kit.pencils' })}>
          {fit.pencils.map((p) => (
            <Pencil key={p.row} pencil={p} isChosen={rows.has(p.row)} onToggle={() => toggle(p.row)} />
          ))}
        </Pencils>
        <Side>
          {fit.odd.length > 0 && (
            <section>
              <h3>{formatMessage({ id: 'kit.chart.boxesSkipped' }, { boxes: fit.odd.length })}</h3>
              <ul>
                {fit.odd.map((o) => (
                  <li key={`${o.page} ${o.box}`}>
                    {formatMessage({ id: 'kit.chart.boxNote' }, { page: o.page, box: o.box, strong: (words) => <b>{words}</b>, finding: oddWords(o) })}
                  </li>
                ))}
              </ul>
            </section>
          )}
          {fit.sheets.length > 0 && (
            <section>
              <h3>{formatMessage({ id: 'kit.chart.changedSheets' })}</h3>
              <ul>
                {fit.sheets.slice(0, 8).map((s) => (
                  <li key={s.id}>
                    {formatMessage(
                      { id: 'kit.chart.sheetChange' },
                      {
                        title: s.title,
                        link: (words) => <Link to={`/sheets/${s.id}`}>{words}</Link>,
                        boxes: s.fields,
                        most: decimals(s.most, 1),
                      },
                    )}
                  </li>
                ))}
                {fit.sheets.length > 8 && <li>{formatMessage({ id: 'kit.stock.moreSheets' }, { sheets: fit.sheets.length - 8 })}</li>}
              </ul>
              <Small>{formatMessage({ id: 'kit.chart.printedStay' })}</Small>
            </section>
          )}
          <section>
            <h3>{formatMessage({ id: 'kit.paper' })}</h3>
            <Tick isSelected={paper} onChange={setPaper}>
              <Box aria-hidden>{paper ? '✓' : ''}</Box>
              {formatMessage(
                { id: 'kit.calibrate.toothOf' },
                {
                  paperName: chart.paperName,
                  depthBefore: decimals(fit.depthBefore, 2),
                  value: decimals(fit.depth.value, 2),
                  strong: (words) => <b>{words}</b>,
                  plusMinus: decimals(fit.depth.plusMinus, 2),
                },
              )}
            </Tick>
          </section>
          {fit.hands.map((h) => (
            <section key={h.copy}>
              <h3>{fit.hands.length > 1 ? formatMessage({ id: 'kit.chart.pressureOf' }, { person: h.copy }) : formatMessage({ id: 'kit.chart.pressure' })}</h3>
              <table>
                <tbody>
                  {h.grades.map((g) => (
                    <tr key={g.grade}>
                      <th scope="row">{gradeNames[g.grade]}</th>
                      <td>
                        <Force $width={100 * g.asked} />
                        <Force $width={100 * g.found.value} $found />
                      </td>
                      <td>
                        {decimals(100 * g.asked)} → <b>{decimals(100 * g.found.value)}</b> ± {decimals(100 * g.found.plusMinus)} %
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </section>
          ))}
          <section>
            <h3>{formatMessage({ id: 'kit.export.heading' })}</h3>
            <a href={`/api/charts/${chart.id}/export?format=CGATS`}>{formatMessage({ id: 'kit.export.cgatsName' })}</a>{' '}
            <a href={`/api/charts/${chart.id}/export?format=CSV`}>{formatMessage({ id: 'kit.export.csvName' })}</a>{' '}
            <a href={`/api/charts/${chart.id}/export?format=GPL`}>{formatMessage({ id: 'kit.export.paletteName' })}</a>
          </section>
        </Side>
      </Columns>
    </>
  );
}

function Pencil({ pencil: p, isChosen, onToggle }: { pencil: Found; isChosen: boolean; onToggle: () => void }) {
  const name = `${p.code} ${p.name}`;
  if (!p.after) {
    return (
      <Tick isDisabled isSelected={false} aria-label={formatMessage({ id: 'kit.chart.tooFewBoxes' }, { name })}>
        <Box aria-hidden />
        <Pair aria-hidden>
          <i style={{ background: p.before?.colour }} />
          <i data-none />
        </Pair>
        <Words>
          <b>{p.code}</b> {p.name}
          <small>{formatMessage({ id: 'kit.chart.tooFewBoxesShort' })}</small>
        </Words>
      </Tick>
    );
  }
  const off = typeof p.off === 'number' ? `ΔE ${decimals(p.off, 1)}` : '';
  return (
    <Tick
      isSelected={isChosen && !p.same}
      isDisabled={p.same}
      onChange={onToggle}
      aria-label={formatMessage(
        { id: 'kit.chart.toothResult' },
        {
          name,
          entered: p.before ? decimals(p.before.value, 1) : 'none',
          value: decimals(p.after.value, 1),
          plusMinus: decimals(p.plusMinus ?? 0, 1),
        },
      )}
    >
      <Box aria-hidden>{p.same ? '=' : isChosen ? '✓' : ''}</Box>
      <Pair aria-hidden>
        {p.before && <i style={{ background: p.before.colour }} />}
        <i style={{ background: p.after.colour }} />
      </Pair>
      <Words>
        <b>{p.code}</b> {p.name}
        <small>
          {formatMessage(
            { id: 'kit.chart.pencilResult' },
            {
              difference: p.same ? formatMessage({ id: 'kit.chart.asInKit' }) : off,
              plusMinus: decimals(p.plusMinus ?? 0, 1),
              opacity: decimals(p.hiding?.value ?? 0, 2),
              softnessNow: decimals(p.softness?.value ?? 0, 2),
            },
          )}
        </small>
      </Words>
    </Tick>
  );
}

const works: Record<Odd['work'], string> = {
  LIGHT_ONCE: formatMessage({ id: 'kit.calibrate.lightOnce' }),
  LIGHT_THRICE: formatMessage({ id: 'kit.calibrate.lightThreeTimes' }),
  MEDIUM_TWICE: formatMessage({ id: 'kit.calibrate.mediumTwice' }),
  FULL: formatMessage({ id: 'kit.pressure.full' }),
  BLENDED: formatMessage({ id: 'kit.chart.blender' }),
  OVER_DARK: formatMessage({ id: 'kit.chart.overDark' }),
  WHISPER: formatMessage({ id: 'kit.whisper' }),
  LIGHT: formatMessage({ id: 'kit.pressure.light' }),
  MEDIUM: formatMessage({ id: 'kit.pressure.medium' }),
  FIRM: formatMessage({ id: 'kit.pressure.firm' }),
  FULL_ONCE: formatMessage({ id: 'kit.calibrate.fullOnce' }),
};

function oddWords(odd: Odd): string {
  const box = `${odd.pencil}, ${works[odd.work]}`;
  if (odd.why === 'EMPTY') {
    return formatMessage({ id: 'kit.chart.boxEmpty' }, { box });
  }
  return odd.like ? formatMessage({ id: 'kit.chart.boxLooksLike' }, { box, pencil: odd.like }) : formatMessage({ id: 'kit.chart.boxFitsNone' }, { box });
}

const Bar = styled.div`
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: ${space(3)};
  padding: ${space(2)} 0;
  border-top: 1px solid ${colour.line};
  border-bottom: 1px solid ${colour.line};
  & > p { margin-right: auto; }
`;
const Columns = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) 300px; gap: ${space(5)}; @media (max-width: 900px) { grid-template-columns: 1fr; }`;
const Pencils = styled.div`display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: ${space(1)} ${space(3)}; align-content: start;`;
const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: ${space(2)};
  padding: 2px;
  cursor: pointer;
  &[data-disabled] { cursor: default; color: ${colour.muted}; }
  &[data-focus-visible] { outline: 2px solid ${colour.ink}; }
`;
const Box = styled.span`flex: none; display: grid; place-items: center; width: 16px; height: 16px; border: 1px solid ${colour.muted}; line-height: 1;`;
const Pair = styled.span`
  flex: none;
  display: flex;
  width: 60px;
  height: 32px;
  border: 1px solid ${colour.line};
  & i { flex: 1; }
  & [data-none] { background: repeating-linear-gradient(135deg, transparent 0 4px, ${colour.line} 4px 5px); }
`;
const Words = styled.span`
  min-width: 0;
  line-height: 1.2;
  & small { display: block; font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Side = styled.aside`
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  font-size: ${sizes.small};
  & h3 { font-size: ${sizes.text}; }
  & ul { margin: 0; padding-left: ${space(4)}; }
  & th { font-weight: 400; text-align: left; padding-right: ${space(2)}; }
  & td:nth-child(2) { width: 90px; }
`;
const Force = styled.span<{ $width: number; $found?: boolean }>`
  display: block;
  height: 5px;
  margin: 1px 0;
  width: ${(p) => p.$width}%;
  background: ${(p) => (p.$found ? colour.ink : colour.line)};
`;
const Small = styled.p`color: ${colour.muted};`;
