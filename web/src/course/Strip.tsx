import { Fragment, memo, useEffect, type KeyboardEvent } from 'react';
import styled, { css } from 'styled-components';
import { colour, faces, levelGreys, sizes, space } from '../design/tokens';
import { useLatest } from '../design/useLatest';
import { useSize } from '../design/useSize';
import { later, weekOf } from '../words/dates';
import { byWeek, weeksOf } from './weeks';
import { dateWords, paceWords, periodWords, type Lane, type Period } from './words';
import { formatMessage } from '../words/intl';

export type Zoom = 'term' | 'month' | 'week';

/** Width of one period, px; a term takes what there is, within these. */
const widths: Record<Zoom, number> = { term: 40, month: 128, week: 300 };
const NARROWEST = 22;
const NAMES = 156;
/** Height of a minute, px. */
const MINUTE = 1.5;

interface Props {
  lanes: Lane[];
  today: string;
  zoom: Zoom;
  open: { lane?: string | undefined; lesson?: string | undefined; period?: string | undefined };
  onOpen: (lane: Lane, period: Period) => void;
  /** Moves a lesson so many places on. */
  onMove: (lane: Lane, lesson: string, by: number) => void;
  /** Drops a lesson before the one that a period holds. */
  onDrop: (lane: Lane, lesson: string, period: Period) => void;
}

/** The term: a lane for each class, a box for each period, as high as it is long. */
export function Strip({ lanes, today, zoom, open, onOpen, onMove, onDrop }: Props) {
  const [frame, size] = useSize({ width: 1100, height: 400 }, 4000);
  const weeks = weeksOf(lanes);
  useEffect(() => {
    const box = document.querySelector('[data-strip] [data-open="true"][data-box]');
    const strip = box?.closest('[data-strip]');
    if (box && strip) {
      strip.scrollLeft += box.getBoundingClientRect().left - strip.getBoundingClientRect().left - strip.clientWidth / 2;
    }
  }, [zoom]);
  const periods = new Map(lanes.map((l) => [l, byWeek(l)]));
  const most = Math.max(1, ...lanes.flatMap((l) => [...(periods.get(l)?.values() ?? [])].map((p) => p.length)));
  const room = (size.width - NAMES - 24) / Math.max(1, weeks.length);
  const width = zoom === 'term' && size.width > 0 ? Math.max(NARROWEST, Math.min(widths.term, (room - 7) / most - 4)) : widths[zoom];
  const column = Math.max(46, most * (width + 4) + 7);

  const go = (event: KeyboardEvent<HTMLButtonElement>, lane: Lane, period: Period) => {
    const lesson = period.pieces.at(-1)?.lesson;
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (event.altKey && way !== undefined && lesson) {
      event.preventDefault();
      onMove(lane, lesson, way);
      return;
    }
    const row = lanes.indexOf(lane);
    const at = lane.periods.indexOf(period);
    const nextLane = { ArrowUp: lanes[row - 1], ArrowDown: lanes[row + 1] }[event.key];
    const target =
      way === undefined ? nextLane && (nextLane.periods.find((p) => p.starts.slice(0, 10) >= period.starts.slice(0, 10)) ?? nextLane.periods.at(-1)) : lane.periods[at + way];
    if (target) {
      event.preventDefault();
      event.currentTarget
        .closest('[data-strip]')
        ?.querySelector<HTMLElement>(`[data-box="${(nextLane ?? lane).schoolClass} ${target.key}"]`)
        ?.focus();
    }
  };

  /** What a box stands for now: boxes know their class and period by name, so that a change draws only those anew that show it. */
  const meant = (of: string, key: string, then: (lane: Lane, period: Period) => void) => {
    const lane = lanes.find((l) => l.schoolClass === of);
    const period = lane?.periods.find((p) => p.key === key);
    if (lane && period) {
      then(lane, period);
    }
  };
  const opened = useLatest((of: string, key: string) => meant(of, key, onOpen));
  const gone = useLatest((event: KeyboardEvent<HTMLButtonElement>, of: string, key: string) => meant(of, key, (l, p) => go(event, l, p)));
  const dropped = useLatest((of: string, lesson: string, key: string) => meant(of, key, (l, p) => onDrop(l, lesson, p)));

  return (
    <Frame ref={frame} data-strip tabIndex={0} role="region" aria-label={formatMessage({ id: 'course.calendar.keys' })}>
      <Grid style={{ gridTemplateColumns: `${NAMES}px repeat(${weeks.length}, ${column}px)` }}>
        <Corner />
        {weeks.map((w) => (
          <Head key={w.monday} data-today={w.monday <= today && today < later(w.monday, 7)}>
            <b>{weekOf(w.monday)}</b>
            <span>{dateWords(w.monday)}</span>
          </Head>
        ))}
        {lanes.map((lane) => (
          <Fragment key={lane.schoolClass}>
            <Name data-open={lane.schoolClass === open.lane}>
              <b>{lane.name}</b>
              <span>{paceWords(lane.pace)}</span>
            </Name>
            {weeks.map((w) => (
              <Cell key={w.monday} data-holiday={w.holiday !== undefined}>
                {w.holiday !== undefined && <Holiday title={w.holiday}>{w.holiday || formatMessage({ id: 'course.holiday' })}</Holiday>}
                {periods
                  .get(lane)
                  ?.get(w.monday)
                  ?.map((p) => (
                    <Box
                      key={p.key}
                      of={lane.schoolClass}
                      period={p}
                      {...faceOf(lane, p)}
                      zoom={zoom}
                      width={width}
                      past={p.starts.slice(0, 10) < today}
                      open={open.lane === lane.schoolClass && open.period === p.key}
                      lit={open.lane === lane.schoolClass && p.pieces.some((piece) => piece.lesson === open.lesson)}
                      onPress={opened}
                      onKeyDown={gone}
                      onDrop={dropped}
                    />
                  ))}
              </Cell>
            ))}
          </Fragment>
        ))}
      </Grid>
      <Legend>
        <i data-holiday /> {formatMessage({ id: 'course.legend.holiday' })} <i data-cancelled /> {formatMessage({ id: 'course.legend.cancelled' })}
      </Legend>
    </Frame>
  );
}

/** What of its lane a box shows, in a few words: the same words mean the same picture. */
function faceOf(lane: Lane, period: Period) {
  const warnings = lane.warnings.filter(
    (w) => w.period === period.key || (w.kind !== 'NO_ROOM' && !w.period && period.pieces.some((p) => p.lesson === w.lesson && startsHere(lane, p.lesson, period))),
  ).length;
  const places = period.pieces.map((p) => lane.lessons.findIndex((l) => l.id === p.lesson));
  return {
    numbers: places.map((n) => n + 1).join('·'),
    titles: places.map((n) => lane.lessons[n]?.title ?? '').join('\n'),
    warned: warnings > 0,
    words: periodWords(period, lane, warnings),
  };
}

interface BoxProps extends ReturnType<typeof faceOf> {
  of: string;
  period: Period;
  zoom: Zoom;
  width: number;
  past: boolean;
  open: boolean;
  lit: boolean;
  onPress: (of: string, period: string) => void;
  onKeyDown: (event: KeyboardEvent<HTMLButtonElement>, of: string, period: string) => void;
  onDrop: (of: string, lesson: string, period: string) => void;
}

/** One period: its stages from the top in steps of grey, what is left open below. Drawn anew only where what it shows has changed. */
const Box = memo(function Box({ of, period, numbers, titles, warned, words, zoom, width, past, open, lit, onPress, onKeyDown, onDrop }: BoxProps) {
  const [first] = period.pieces;
  const onward = period.pieces.at(-1)?.goesOn === true;
  const places = numbers.split('·');
  return (
    <Stack>
      <Label>
        {places.slice(0, warned ? 1 : 2).join('·') || '–'}
        {warned && <span aria-hidden>▲</span>}
      </Label>
      <Plate
        type="button"
        data-box={`${of} ${period.key}`}
        data-open={open}
        data-lit={lit}
        data-past={past}
        data-cancelled={period.state === 'CANCELLED'}
        aria-label={words}
        aria-pressed={open}
        draggable={first !== undefined}
        style={{ width, height: Math.max(24, (period.room || period.minutes) * MINUTE) }}
        onClick={() => onPress(of, period.key)}
        onKeyDown={(event) => onKeyDown(event, of, period.key)}
        onDragStart={(event) => first && event.dataTransfer.setData('text/plain', `${of} ${first.lesson}`)}
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          const [from, lesson] = event.dataTransfer.getData('text/plain').split(' ');
          if (from === of && lesson) {
            onDrop(of, lesson, period.key);
          }
        }}
      >
        {period.state !== 'CANCELLED' &&
          period.pieces.flatMap((piece, at) =>
            piece.stages.map((s, i) => (
              <Tone key={piece.lesson + s.id} $grey={tone(s.kind, Number(places[at]) + i)} style={{ height: s.minutes * MINUTE }} data-begins={i === 0} />
            )),
          )}
        {zoom !== 'term' && (
          <Titles>
            {period.pieces.map((p, i) => (
              <span key={p.lesson}>{titles.split('\n')[i]}</span>
            ))}
          </Titles>
        )}
        {(period.logged || onward) && (
          <Tick aria-hidden>
            {period.logged ? '✓' : ''}
            {onward ? '↦' : ''}
          </Tick>
        )}
      </Plate>
    </Stack>
  );
});

const startsHere = (lane: Lane, lesson: string, period: Period) => lane.periods.find((p) => !p.logged && p.pieces.some((piece) => piece.lesson === lesson))?.key === period.key;

/** Showing and looking are light, work is darker, one stage told from the next. */
function tone(kind: string, n: number): string {
  return kind === 'SHOW' || kind === 'LOOK_TOGETHER' ? levelGreys[1] : kind === 'DISSOLVE' ? levelGreys[4] : levelGreys[n % 2 === 0 ? 3 : 2];
}

const hatched = css`background: repeating-linear-gradient(135deg, transparent 0 5px, ${colour.wash} 5px 7px);`;
const crossed = css`background: linear-gradient(to top right, transparent calc(50% - 1px), ${colour.muted} 50%, transparent calc(50% + 1px));`;
const Frame = styled.div`overflow: auto; padding: 0 ${space(6)} ${space(3)} 0; max-height: 100%;`;
const Legend = styled.p`
  position: sticky;
  left: 0;
  display: flex;
  align-items: center;
  gap: ${space(2)};
  width: max-content;
  padding: ${space(2)} ${space(4)};
  font-size: ${sizes.small};
  color: ${colour.muted};
  & i { width: 26px; height: 16px; border: 1px solid ${colour.line}; }
  & i[data-holiday] { ${hatched} }
  & i[data-cancelled] { margin-left: ${space(4)}; ${crossed} }
`;
const Grid = styled.div`display: grid; width: max-content;`;
const Corner = styled.div`position: sticky; left: 0; top: 0; z-index: 3; background: ${colour.paper}; border-bottom: 1px solid ${colour.line};`;
const Head = styled.div`
  position: sticky;
  top: 0;
  z-index: 2;
  background: ${colour.paper};
  padding: ${space(2)} 3px ${space(1)};
  border-bottom: 1px solid ${colour.line};
  border-left: 1px solid ${colour.line};
  font-size: ${sizes.small};
  white-space: nowrap;
  b { display: block; font-weight: 600; }
  span { color: ${colour.muted}; }
  &[data-today='true'] { border-bottom: 3px solid ${colour.ink}; }
`;
const Name = styled.div`
  position: sticky;
  left: 0;
  z-index: 1;
  background: ${colour.paper};
  padding: ${space(3)} ${space(3)} ${space(3)} ${space(6)};
  border-bottom: 1px solid ${colour.line};
  b { display: block; font: 600 ${sizes.lead} / 1.2 ${faces.text}; }
  span { font-size: ${sizes.small}; color: ${colour.muted}; display: block; line-height: 1.3; }
  & b { width: fit-content; margin-bottom: 2px; border-bottom: 3px solid transparent; }
  &[data-open='true'] b { border-bottom-color: ${colour.ink}; }
`;
const Cell = styled.div`
  position: relative;
  display: flex;
  align-items: flex-start;
  gap: 4px;
  padding: ${space(2)} 3px ${space(3)};
  border-left: 1px solid ${colour.line};
  border-bottom: 1px solid ${colour.line};
  &[data-holiday='true'] { ${hatched} }
`;
const Holiday = styled.span`writing-mode: vertical-rl; font-size: ${sizes.small}; color: ${colour.muted}; max-height: 90px; overflow: hidden; background: ${colour.paper};`;
const Stack = styled.div`display: flex; flex-direction: column; align-items: flex-start;`;
const Label = styled.span`font-size: ${sizes.small}; line-height: 1.3; white-space: nowrap;`;
const Plate = styled.button`
  position: relative;
  display: block;
  padding: 0;
  border: 1px solid ${colour.muted};
  border-radius: 0;
  background: ${colour.raised};
  overflow: hidden;
  cursor: pointer;
  text-align: left;
  &[data-past='true'] { border-style: dotted; opacity: 0.75; }
  &[data-lit='true'] { outline: 2px solid ${colour.ink}; outline-offset: 0; opacity: 1; }
  &[data-open='true'] { outline-width: 4px; }
  &[data-cancelled='true'] { ${crossed} }
  &:focus-visible { outline: 3px solid ${colour.ink}; outline-offset: 2px; }
`;
const Tone = styled.span<{ $grey: string }>`
  display: block;
  background: ${(p) => p.$grey};
  border-bottom: 1px solid ${colour.raised};
`;
const Titles = styled.span`
  position: absolute;
  left: 4px;
  right: 4px;
  bottom: 4px;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 2px;
  font-size: ${sizes.small};
  line-height: 1.2;
  span { background: ${colour.paper}; padding: 1px 3px; max-width: 100%; overflow: hidden; text-overflow: ellipsis; }
`;
const Tick = styled.span`
  position: absolute;
  right: 0;
  bottom: 0;
  padding: 0 2px;
  background: ${colour.paper};
  font-size: 11px;
  line-height: 1.2;
  font-weight: 600;
`;
