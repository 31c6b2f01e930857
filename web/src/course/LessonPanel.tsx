import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { Button, LinkButton, Words } from '../design/Controls';
import { NumberBox } from '../design/NumberBox';
import { colour, sizes, space } from '../design/tokens';
import { decimals } from '../words/words';
import { GroupWork } from './GroupWork';
import { changed, copied, draftOf, moved, movedTo, split, unpinned, without } from './draft';
import { Rota } from './Rota';
import { StageBar } from './StageBar';
import type { CourseChanges } from './useCourse';
import { meetingWords, skillNames, warningWords, type Lane, type Lesson, type Period, type Warning } from './words';
import { count, formatMessage } from '../words/intl';

interface Props {
  lane: Lane;
  lanes: Lane[];
  lesson: Lesson;
  /** The one that is open. */
  period?: Period | undefined;
  course: CourseChanges;
  /** Opens the form for a new lesson before a place, with an exercise it suggests. */
  onInsert: (at: number, kind?: string) => void;
}

/** One lesson: what it needs and gives, how long it takes, what to put out, what does not come out, and what can be done. */
export function LessonPanel({ lane, lanes, lesson, period, course, onInsert }: Props) {
  const [sharing, setSharing] = useState(false);
  const at = lane.lessons.findIndex((l) => l.id === lesson.id);
  const title = (id: string) => lane.lessons.find((l) => l.id === id)?.title ?? '';
  const warnings = lane.warnings.filter((w) => w.lesson === lesson.id);
  const first = lane.periods.find((p) => p.pieces.some((piece) => piece.lesson === lesson.id));
  const draft = draftOf(lane);
  const own = draft[at];
  const set = (lessons: typeof draft) => course.set(lane, lessons);
  return (
    <Panel aria-label={formatMessage({ id: 'course.lesson.number' }, { number: at + 1 })}>
      <Head>
        <h2>
          <small>{formatMessage({ id: 'course.lesson.of' }, { name: lane.name, number: at + 1, lessons: lane.lessons.length })}</small>
          {lesson.title}
        </h2>
        <Acts>
          <Link to={`/show/lesson/${lane.schoolClass}/${lesson.id}`}>{formatMessage({ id: 'course.lesson.showToClass' })}</Link>
          <a href={`/api/courses/${lane.schoolClass}/lessons/${lesson.id}/plan.pdf`} target="_blank" rel="noreferrer">
            {formatMessage({ id: 'course.print.plan' })}
          </a>
          <Button isDisabled={at === 0 || course.busy} onPress={() => set(moved(draft, lesson.id, -1))}>
            {formatMessage({ id: 'course.lesson.moveEarlier' })}
          </Button>
          <Button isDisabled={at === lane.lessons.length - 1 || course.busy} onPress={() => set(moved(draft, lesson.id, 1))}>
            {formatMessage({ id: 'course.lesson.moveLater' })}
          </Button>
          {lesson.pin ? (
            <Button onPress={() => set(unpinned(draft, lesson.id))}>{formatMessage({ id: 'course.unpin' })}</Button>
          ) : (
            <Button isDisabled={!first} onPress={() => first && set(changed(draft, lesson.id, { pin: first.starts }))}>
              {formatMessage({ id: 'course.lesson.pin' })}
            </Button>
          )}
          <Button onPress={() => onInsert(at)}>{formatMessage({ id: 'course.lesson.insertBefore' })}</Button>
          {at === lane.lessons.length - 1 && <Button onPress={() => onInsert(at + 1)}>{formatMessage({ id: 'course.lesson.insertAfter' })}</Button>}
          <LinkButton onPress={() => set(without(draft, lesson.id))}>{formatMessage({ id: 'course.lesson.removeShort' })}</LinkButton>
          {own &&
            lanes
              .filter((l) => l.schoolClass !== lane.schoolClass)
              .map((l) => (
                <LinkButton key={l.schoolClass} onPress={() => course.set(l, copied(draftOf(l), own, l.lessons.length, crypto.randomUUID()))}>
                  {formatMessage({ id: 'course.lesson.copyTo' }, { name: l.name })}
                </LinkButton>
              ))}
        </Acts>
      </Head>
      {lesson.pin && <p>{formatMessage({ id: 'course.lesson.pinnedTo' }, { date: meetingWords(lesson.pin) })}</p>}
      {warnings.map((w, i) => (
        <Warn key={`${w.kind}${i}`} role="note">
          <span>▲ {warningWords(w, title)}</span>
          <Remedy warning={w} lane={lane} course={course} onInsert={onInsert} onShare={() => setSharing(true)} />
        </Warn>
      ))}
      {sharing && <Rota schoolClass={lane.schoolClass} lesson={lesson.id} period={period?.key} />}
      <Columns>
        <div>
          <p>{lesson.aim}</p>
          <Facts>
            <dt>{formatMessage({ id: 'course.lesson.needs' })}</dt>
            <dd>
              {lesson.needs.length === 0
                ? formatMessage({ id: 'course.lesson.needsNothing' })
                : lesson.needs.map((n) => n.anyOf.map((s) => `${skillNames[s.skill]}${s.of > 0 ? ` ${s.secure}/${s.of}` : ''}`).join(' or ')).join(' · ')}
            </dd>
            <dt>{formatMessage({ id: 'course.lesson.gives' })}</dt>
            <dd>{lesson.gives.map((s) => `${skillNames[s.skill]}${s.of > 0 ? ` ${s.secure}/${s.of}` : ''}`).join(' · ') || '–'}</dd>
            <dt>{formatMessage({ id: 'course.sheets' })}</dt>
            <dd>
              {lesson.sheets.length === 0 && formatMessage({ id: 'course.none' })}
              {lesson.sheets.map((id) => {
                const sheet = lane.sheets.find((s) => s.id === id);
                return sheet ? (
                  <Link key={id} to={`/sheets/${id}`}>
                    {sheet.title}
                  </Link>
                ) : (
                  <span key={id}>{formatMessage({ id: 'course.lesson.sheetGone' })}</span>
                );
              })}
            </dd>
            <dt>{formatMessage({ id: 'course.lesson.materials' })}</dt>
            <dd>
              {lesson.wants.map((w) => (
                <Pencil key={w.code + w.name}>
                  <i style={{ background: w.colour }} aria-hidden />
                  {lane.students} × {w.code} {w.name}
                  {w.copies != null && w.copies < lane.students && ` (${formatMessage({ id: 'course.pencils.owned' }, { copies: w.copies })})`}
                </Pencil>
              ))}
              {formatMessage({ id: 'course.sharpeners' })}
              {lesson.wants.some((w) => typeof w.copies === 'number' && w.copies < lane.students) && (
                <LinkButton aria-expanded={sharing} onPress={() => setSharing(!sharing)}>
                  {formatMessage({ id: 'course.rota.title' })} {sharing ? '▴' : '▾'}
                </LinkButton>
              )}
            </dd>
            {lesson.beside.length > 0 && (
              <>
                <dt>{formatMessage({ id: 'course.beside.heading' })}</dt>
                <dd>
                  <GroupWork groups={lesson.beside} onRemove={(i) => set(changed(draft, lesson.id, { beside: own?.beside?.filter((_, j) => j !== i) ?? [] }))} />
                </dd>
              </>
            )}
            <dt>{formatMessage({ id: 'course.warning.heading' })}</dt>
            <dd>{lesson.cautions.join(' ') || formatMessage({ id: 'course.lesson.rest' })}</dd>
          </Facts>
        </div>
        <div>
          <StageBar lesson={lesson} onSplit={(stage) => set(split(draft, lesson.id, stage, crypto.randomUUID()))} />
          <Small>{formatMessage({ id: 'course.lesson.threeQuarters' }, { minutes: decimals(lesson.minutes) })}</Small>
          <Edit key={lesson.id + String(lane.revision)} lesson={lesson} onKeep={(change) => set(changed(draft, lesson.id, change))} />
        </div>
      </Columns>
    </Panel>
  );
}

interface RemedyProps {
  warning: Warning;
  lane: Lane;
  course: CourseChanges;
  onInsert: (at: number, kind?: string) => void;
  /** Shows who takes which pencil when. */
  onShare: () => void;
}

/** What makes a warning go away, where one press can. */
function Remedy({ warning, lane, course, onInsert, onShare }: RemedyProps) {
  const draft = draftOf(lane);
  const at = lane.lessons.findIndex((l) => l.id === warning.lesson);
  const title = (id: string) => lane.lessons.find((l) => l.id === id)?.title ?? '';
  const sheet = lane.lessons[at]?.sheets[0];
  switch (warning.kind) {
    case 'NEEDED_BEFORE_TAUGHT': {
      const { other } = warning;
      return other ? (
        <LinkButton onPress={() => course.set(lane, movedTo(draft, other, at))}>{formatMessage({ id: 'course.warning.moveBefore' }, { other: title(other) })}</LinkButton>
      ) : (
        <LinkButton onPress={() => onInsert(at, warning.exercise)}>{formatMessage({ id: 'course.lesson.insertHere' })}</LinkButton>
      );
    }
    case 'FEW_SECURE': {
      const giving = lane.lessons.findIndex((l) => l.gives.some((g) => g.skill === warning.skills[0]));
      const again = draft[giving];
      return again ? (
        <LinkButton onPress={() => course.set(lane, copied(draft, again, at, crypto.randomUUID(), formatMessage({ id: 'course.lesson.copyTitle' }, { title: again.title })))}>
          {formatMessage({ id: 'course.warning.teachAgain' }, { title: again.title })}
        </LinkButton>
      ) : null;
    }
    case 'NO_ROOM':
      return <LinkButton onPress={() => course.set(lane, without(draft, warning.lesson))}>{formatMessage({ id: 'course.lesson.remove' })}</LinkButton>;
    case 'PIN_NOT_HELD':
      return <LinkButton onPress={() => course.set(lane, unpinned(draft, warning.lesson))}>{formatMessage({ id: 'course.unpin' })}</LinkButton>;
    case 'QUICK_ARE_IDLE':
      return <LinkButton onPress={() => onInsert(at + 1, lane.sheets.find((s) => s.id === sheet)?.kinds[0])}>{formatMessage({ id: 'course.lesson.insertSameSkill' })}</LinkButton>;
    case 'SOLVENT_NOT_IN_METHOD':
    case 'SOLVENT_FOR_BEGINNERS':
      return <LinkButton onPress={() => onInsert(at + 1, 'burnish-trio')}>{formatMessage({ id: 'course.lesson.insertBurnishTrio' })}</LinkButton>;
    case 'TOO_FEW_COPIES':
      return <LinkButton onPress={onShare}>{formatMessage({ id: 'course.warning.seeRota' })}</LinkButton>;
    case 'PENCIL_MISSING':
      return sheet ? (
        <Link to={`/sheets/${sheet}`}>{formatMessage({ id: 'course.warning.chooseAnotherPencil' })}</Link>
      ) : (
        <Link to="/kit/sets">{formatMessage({ id: 'course.sets' })}</Link>
      );
    case 'POOR_STOP':
      return null;
  }
}

type Change = Pick<Lesson, 'title' | 'aim' | 'notes' | 'showMinutes' | 'lookMinutes' | 'workMinutes'>;

/** What the teacher says of a lesson. */
function Edit({ lesson, onKeep }: { lesson: Lesson; onKeep: (change: Change) => void }) {
  const [draft, setDraft] = useState<Change>({
    title: lesson.title,
    aim: lesson.aim,
    notes: lesson.notes,
    showMinutes: lesson.showMinutes,
    lookMinutes: lesson.lookMinutes,
    workMinutes: lesson.workMinutes,
  });
  const put = (change: Partial<Change>) => setDraft({ ...draft, ...change });
  const same = (Object.keys(draft) as (keyof Change)[]).every((k) => draft[k] === lesson[k]);
  return (
    <details>
      <summary>{formatMessage({ id: 'course.lesson.edit' })}</summary>
      <Fields>
        <Words label={formatMessage({ id: 'course.title' })} value={draft.title} onChange={(title) => put({ title })} />
        <Words label={formatMessage({ id: 'course.aim' })} value={draft.aim} onChange={(aim) => put({ aim })} />
        <Numbers>
          <NumberBox
            label={formatMessage({ id: 'course.lesson.showMinutes' })}
            value={draft.showMinutes}
            least={0}
            most={90}
            digits={0}
            onChange={(showMinutes) => put({ showMinutes })}
          />
          <NumberBox
            label={formatMessage({ id: 'course.lesson.drawMinutes' })}
            value={draft.workMinutes}
            least={0}
            most={600}
            digits={0}
            onChange={(workMinutes) => put({ workMinutes })}
          />
          <NumberBox
            label={formatMessage({ id: 'course.lesson.lookMinutes' })}
            value={draft.lookMinutes}
            least={0}
            most={90}
            digits={0}
            onChange={(lookMinutes) => put({ lookMinutes })}
          />
        </Numbers>
        <Words label={formatMessage({ id: 'course.notes' })} value={draft.notes} onChange={(notes) => put({ notes })} rows={3} />
        <Button isDisabled={same || draft.title.trim() === ''} onPress={() => onKeep(draft)}>
          {formatMessage({ id: 'course.lesson.save' })}
        </Button>
      </Fields>
    </details>
  );
}

/** The period that is open: its minutes, and what happened in it. */
export function PeriodLine({ lane, period, children }: { lane: Lane; period: Period; children?: React.ReactNode }) {
  const last = period.pieces.at(-1);
  return (
    <Line>
      <b>{meetingWords(period.starts)}</b>
      {period.state === 'CANCELLED' ? (
        <span>{formatMessage({ id: 'course.period.cancelled' })}</span>
      ) : (
        <span>
          {formatMessage(
            { id: 'course.period.use' },
            {
              planned: decimals(period.planned),
              available: decimals(period.room),
              median: decimals(period.median),
              quick: decimals(period.quick),
              continues: last?.goesOn ?? false,
            },
          )}
        </span>
      )}
      {period.place && <span>{period.place}</span>}
      <span>{count(lane.students, 'student')}</span>
      {children}
    </Line>
  );
}

const Panel = styled.section`padding: ${space(3)} ${space(6)} ${space(6)}; display: flex; flex-direction: column; gap: ${space(3)};`;
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: ${space(2)} ${space(6)};
  h2 { display: flex; flex-direction: column; }
  small { font-size: ${sizes.small}; font-weight: 400; color: ${colour.muted}; }
`;
const Acts = styled.div`display: flex; flex-wrap: wrap; align-items: center; gap: ${space(2)};`;
const Warn = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(1)} ${space(4)};
  align-items: baseline;
  padding: ${space(1)} ${space(3)};
  border-left: 4px solid ${colour.ink};
  background: ${colour.wash};
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(280px, 2fr) minmax(320px, 3fr);
  gap: ${space(8)};
  @media (max-width: 900px) { grid-template-columns: minmax(0, 1fr); }
`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr);
  gap: ${space(1)} ${space(3)};
  margin: ${space(3)} 0 0;
  dt { color: ${colour.muted}; font-size: ${sizes.small}; padding-top: 2px; }
  dd { margin: 0; display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(3)}; }
`;
const Pencil = styled.span`
  display: inline-flex;
  align-items: center;
  gap: ${space(1)};
  i { width: 14px; height: 14px; border: 1px solid ${colour.line}; }
`;
const Small = styled.p`font-size: ${sizes.small}; color: ${colour.muted}; margin: ${space(2)} 0;`;
const Fields = styled.div`display: flex; flex-direction: column; gap: ${space(2)}; margin-top: ${space(2)}; max-width: 520px; & > button { align-self: flex-start; }`;
const Numbers = styled.div`display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: ${space(3)}; align-items: end;`;
const Line = styled.div`display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(5)}; align-items: baseline; padding: ${space(2)} ${space(6)}; border-top: 1px solid ${colour.line}; background: ${colour.wash};`;
