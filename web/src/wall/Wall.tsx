import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { useClassAccess } from '../account/useClassAccess';
import { api, body, type Schemas } from '../api/client';
import { Select, Toggle } from '../design/Controls';
import { MetricHelp } from '../design/MetricHelp';
import { grey } from '../design/greys';
import { Level, Spread } from '../design/Level';
import { Place, PlaceLoading } from '../design/Place';
import { Empty, Failed } from '../design/States';
import { Asked } from '../design/Swatch';
import { Under } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import { pictureOf } from '../returns/pictures';
import { causeWords, dayOf, decimals } from '../words/words';
import { Links } from './papers/ClassPapers';
import { Poster } from './Poster';
import { SideBySide } from './SideBySide';
import { ThenAndNow } from './ThenAndNow';
import { ViewChoice } from './ViewChoice';
import { formatMessage } from '../words/intl';

type WallView = Schemas['WallView'];

/** The class as a wall of its own boxes. */
export default function Wall() {
  const { run } = useParams();
  const navigate = useNavigate();
  const { isOwn } = useClassAccess();
  const [squint, setSquint] = useState(false);
  const [two, setTwo] = useState(false);
  const runs = useQuery(served.runs);
  const classes = useQuery(served.classes);
  const runId = run ?? runs.data?.[0]?.id;
  const wall = useQuery({
    queryKey: ['wall', runId],
    queryFn: () => body(api.GET('/api/wall/runs/{id}', { params: { path: { id: runId ?? '' } } })),
    enabled: runId !== undefined,
  });
  const error = runs.error ?? wall.error ?? classes.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (!runs.data || !classes.data || (runId && wall.isPending)) {
    return <PlaceLoading title={formatMessage({ id: 'wall.windowTitle' })} what={formatMessage({ id: 'wall.loading.wall' })} />;
  }
  const className = (id: string) => classes.data.find((c) => c.id === id)?.name ?? '';
  const back = wall.data?.rows.filter((r) => r.page).length ?? 0;
  return (
    <Place
      title={formatMessage({ id: 'wall.windowTitle' })}
      about={wall.data && formatMessage({ id: 'wall.row.returned' }, { className: wall.data.className, title: wall.data.title, returned: back, students: wall.data.rows.length })}
      actions={
        runs.data.length > 0 && (
          <>
            <Picker>
              <Select
                label={formatMessage({ id: 'wall.filter.assignment' })}
                value={runId ?? null}
                onChange={(id) => void navigate(`/wall/${id}`)}
                choices={runs.data.map((r) => ({ id: r.id, name: `${className(r.schoolClass)} · ${r.title}`, note: dayOf(r.printedAt) }))}
              />
            </Picker>
            {isOwn && <ViewChoice view="printing" schoolClass={wall.data?.schoolClass} />}
            {isOwn && wall.data && back > 0 && (
              <Links aria-label={formatMessage({ id: 'wall.prints.heading' })}>
                <Link to={`/wall/${wall.data.run}/redo`}>{formatMessage({ id: 'wall.redo.title' })}</Link>
                {!wall.data.personal && <Poster of={`/api/progress/runs/${wall.data.run}`} />}
              </Links>
            )}
            {!two && (
              <Toggle isSelected={squint} onChange={setSquint}>
                {formatMessage({ id: 'wall.squint' })}
              </Toggle>
            )}
            {back > 1 && !wall.data?.personal && (
              <Toggle isSelected={two} onChange={setTwo}>
                {formatMessage({ id: 'wall.compare.sideBySide' })}
              </Toggle>
            )}
          </>
        )
      }
    >
      {!wall.data && (
        <Empty title={formatMessage({ id: 'wall.empty.noWall' })}>
          <p>{formatMessage({ id: 'wall.empty.help' }, { link: (words) => <Link to="/sheets">{words}</Link> })}</p>
        </Empty>
      )}
      {wall.data && back === 0 && (
        <Empty title={formatMessage({ id: 'wall.empty.returns' })}>
          <p>{formatMessage({ id: 'wall.empty.noReturns' }, { className: wall.data.className, link: (words) => <Link to={`/returns/${wall.data.run}`}>{words}</Link> })}</p>
        </Empty>
      )}
      {wall.data &&
        back > 0 &&
        (wall.data.personal ? (
          <ThenAndNow wall={wall.data} />
        ) : two && back > 1 ? (
          <SideBySide key={wall.data.run} wall={wall.data} />
        ) : (
          <Matrix wall={wall.data} squint={squint} />
        ))}
    </Place>
  );
}

function Matrix({ wall, squint }: { wall: WallView; squint: boolean }) {
  return (
    <Scroll tabIndex={0} role="region" aria-label={formatMessage({ id: 'wall.title' })}>
      <Table $squint={squint}>
        <thead>
          <tr>
            <th scope="col">{formatMessage({ id: 'wall.student' })}</th>
            {wall.columns.map((c) => (
              <th key={c.field} scope="col">
                <ColumnHead>
                  <b>{c.field}</b>
                  <Asked $colour={grey(c.asked)} $size={14} />
                </ColumnHead>
                {c.median != null && (
                  <Range>
                    {Math.round(c.darkest ?? 0)}–{Math.round(c.lightest ?? 0)}
                  </Range>
                )}
              </th>
            ))}
            {wall.goals.map((g) => (
              <GoalHead key={`${g.exercise}${g.goal}`} scope="col">
                {g.title && <Of>{g.title}</Of>}
                <MetricHelp code={g.goal} label={g.label} />
                <Spread
                  counts={g.counts}
                  label={formatMessage({ id: 'wall.skills.countsSpoken' }, { skill: [g.title, g.label].filter(Boolean).join(', '), counts: g.counts.join(', ') })}
                />
                <Common>{g.commonest ? `${g.commonestCount} × ${causeWords(g.commonest)}` : formatMessage({ id: 'wall.mistake.none' })}</Common>
              </GoalHead>
            ))}
          </tr>
        </thead>
        <tbody>
          {wall.rows.map((row) => (
            <tr key={row.student}>
              <th scope="row">
                <Link to={`/students/${row.student}`}>{row.name}</Link>
                {row.page && !row.confirmed && <Under>{formatMessage({ id: 'wall.row.notConfirmed' })}</Under>}
              </th>
              {row.page
                ? wall.columns.map((column) => {
                    const cell = row.cells.find((c) => c.field === column.field);
                    return (
                      <Box key={column.field}>
                        {cell &&
                          (squint ? (
                            <Tone style={{ background: cell.blank ? 'transparent' : grey(cell.lightness) }} title={`L* ${decimals(cell.lightness, 0)}`} />
                          ) : (
                            <Crop
                              src={pictureOf(cell.page, cell.read, column.field)}
                              alt={formatMessage({ id: 'wall.box.picture' }, { name: row.name, field: column.field })}
                              loading="lazy"
                            />
                          ))}
                      </Box>
                    );
                  })
                : wall.columns.map((column) => <Box key={column.field} />)}
              {wall.goals.map((g) => {
                const mark = row.marks.find((m) => m.goal === g.goal && m.exercise === g.exercise);
                return (
                  <Mark key={`${g.exercise}${g.goal}`}>
                    {mark ? (
                      <Level level={mark.level} size={26} />
                    ) : (
                      <Under>{g === wall.goals[0] && !row.page ? formatMessage({ id: row.absent ? 'wall.absent' : 'wall.missing' }) : ''}</Under>
                    )}
                  </Mark>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Table>
    </Scroll>
  );
}

const Picker = styled.div`width: 320px;`;
const Scroll = styled.div`flex: 1; min-height: 0; overflow: auto;`;
const Table = styled.table<{ $squint: boolean }>`
  min-width: 100%;
  thead th { position: sticky; top: 0; z-index: 2; background: ${colour.paper}; vertical-align: bottom; padding: ${space(2)} ${space(1)}; border-bottom: 1px solid ${colour.ink}; font-weight: 400; text-align: left; }
  thead th:first-child { z-index: 3; left: 0; }
  tbody th { position: sticky; left: 0; z-index: 1; background: ${colour.paper}; text-align: left; font-weight: 400; white-space: nowrap; padding: 0 ${space(4)} 0 ${space(6)}; }
  thead th:first-child { padding-left: ${space(6)}; color: ${colour.muted}; font-size: ${sizes.small}; }
  tbody tr { border-bottom: 1px solid ${colour.line}; }
  && tr > :last-child { padding-right: ${space(5)}; }
`;
const ColumnHead = styled.span`display: flex; align-items: center; gap: ${space(1)};`;
const Range = styled.span`font-size: ${sizes.small}; color: ${colour.muted}; white-space: nowrap;`;
const GoalHead = styled.th`min-width: 86px; max-width: 112px; && { font-weight: 600; } padding-right: ${space(2)};`;
const Of = styled.span`display: block; font-size: ${sizes.small}; font-weight: 400; color: ${colour.muted};`;
const Common = styled.span`display: block; min-height: 3.6em; margin-top: 2px; font-size: ${sizes.small}; font-weight: 400; line-height: 1.2; color: ${colour.muted};`;
const Box = styled.td`padding: 2px 3px; min-width: 52px;`;
const Mark = styled.td`padding: 2px ${space(1)};`;
const Crop = styled.img`display: block; width: 52px; height: 52px; object-fit: cover;`;
const Tone = styled.span`display: block; width: 52px; height: 52px;`;
