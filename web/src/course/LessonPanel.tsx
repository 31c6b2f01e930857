import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { Button, LinkButton, Words } from '../design/Controls';
import { NumberBox } from '../design/NumberBox';
import { colour, sizes, space } from '../design/tokens';
import { count, decimals } from '../words/words';
import { changed, copied, draftOf, moved, movedTo, split, unpinned, without } from './draft';
import { Rota } from './Rota';
import { StageBar } from './StageBar';
import type { CourseChanges } from './useCourse';
import { meetingWords, skillNames, warningWords, type Lane, type Lesson, type Period, type Warning } from './words';

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
    <Panel aria-label={`Lesson ${at + 1}`}>
      <Head>
        <h2>
          <small>
            {lane.name}, lesson {at + 1} of {lane.lessons.length}
          </small>
          {lesson.title}
        </h2>
        <Acts>
          <Link to={`/show/lesson/${lane.schoolClass}/${lesson.id}`}>Show to the class</Link>
          <a href={`/api/courses/${lane.schoolClass}/lessons/${lesson.id}/plan.pdf`} target="_blank" rel="noreferrer">
            Plan (PDF)
          </a>
          <Button isDisabled={at === 0 || course.busy} onPress={() => set(moved(draft, lesson.id, -1))}>
            ← Move earlier
          </Button>
          <Button isDisabled={at === lane.lessons.length - 1 || course.busy} onPress={() => set(moved(draft, lesson.id, 1))}>
            Move later →
          </Button>
          {lesson.pin ? (
            <Button onPress={() => set(unpinned(draft, lesson.id))}>Unpin</Button>
          ) : (
            <Button isDisabled={!first} onPress={() => first && set(changed(draft, lesson.id, { pin: first.starts }))}>
              Pin to its date
            </Button>
          )}
          <Button onPress={() => onInsert(at)}>Insert before …</Button>
          <LinkButton onPress={() => set(without(draft, lesson.id))}>Take out</LinkButton>
          {own &&
            lanes
              .filter((l) => l.schoolClass !== lane.schoolClass)
              .map((l) => (
                <LinkButton key={l.schoolClass} onPress={() => course.set(l, copied(draftOf(l), own, l.lessons.length, crypto.randomUUID()))}>
                  Copy to {l.name}
                </LinkButton>
              ))}
        </Acts>
      </Head>
      {lesson.pin && <p>Pinned to {meetingWords(lesson.pin)}.</p>}
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
            <dt>Needs</dt>
            <dd>
              {lesson.needs.length === 0
                ? 'nothing before it'
                : lesson.needs.map((n) => n.anyOf.map((s) => `${skillNames[s.skill]}${s.of > 0 ? ` ${s.secure}/${s.of}` : ''}`).join(' or ')).join(' · ')}
            </dd>
            <dt>Gives</dt>
            <dd>{lesson.gives.map((s) => `${skillNames[s.skill]}${s.of > 0 ? ` ${s.secure}/${s.of}` : ''}`).join(' · ') || '–'}</dd>
            <dt>Sheets</dt>
            <dd>
              {lesson.sheets.length === 0 && 'none'}
              {lesson.sheets.map((id) => {
                const sheet = lane.sheets.find((s) => s.id === id);
                return sheet ? (
                  <Link key={id} to={`/sheets/${id}`}>
                    {sheet.title}
                  </Link>
                ) : (
                  <span key={id}>▲ a sheet that is gone</span>
                );
              })}
            </dd>
            <dt>Put out</dt>
            <dd>
              {lesson.wants.map((w) => (
                <Pencil key={w.code + w.name}>
                  <i style={{ background: w.colour }} aria-hidden />
                  {lane.students} × {w.code} {w.name}
                  {w.copies != null && w.copies < lane.students ? ` (${w.copies} owned)` : ''}
                </Pencil>
              ))}
              sharpeners
              {lesson.wants.some((w) => typeof w.copies === 'number' && w.copies < lane.students) && (
                <LinkButton aria-expanded={sharing} onPress={() => setSharing(!sharing)}>
                  Who takes what when {sharing ? '▴' : '▾'}
                </LinkButton>
              )}
            </dd>
            <dt>Mind</dt>
            <dd>{lesson.cautions.join(' ') || 'Rest hand and eyes half way. School rules decide.'}</dd>
          </Facts>
        </div>
        <div>
          <StageBar lesson={lesson} onSplit={(stage) => set(split(draft, lesson.id, stage, crypto.randomUUID()))} />
          <Small>{decimals(lesson.minutes)} min for three of four students; without setting up and clearing.</Small>
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
        <LinkButton onPress={() => course.set(lane, movedTo(draft, other, at))}>Move “{title(other)}” before it</LinkButton>
      ) : (
        <LinkButton onPress={() => onInsert(at, warning.exercise)}>Insert a lesson before it …</LinkButton>
      );
    }
    case 'FEW_SECURE': {
      const giving = lane.lessons.findIndex((l) => l.gives.some((g) => g.skill === warning.skills[0]));
      const again = draft[giving];
      return again ? (
        <LinkButton onPress={() => course.set(lane, copied(draft, again, at, crypto.randomUUID(), `${again.title}, again`))}>Do “{again.title}” again before it</LinkButton>
      ) : null;
    }
    case 'NO_ROOM':
      return <LinkButton onPress={() => course.set(lane, without(draft, warning.lesson))}>Take the lesson out</LinkButton>;
    case 'PIN_NOT_HELD':
      return <LinkButton onPress={() => course.set(lane, unpinned(draft, warning.lesson))}>Unpin</LinkButton>;
    case 'QUICK_ARE_IDLE':
      return <LinkButton onPress={() => onInsert(at + 1, lane.sheets.find((s) => s.id === sheet)?.kinds[0])}>Insert more of the same skill …</LinkButton>;
    case 'SOLVENT_NOT_IN_METHOD':
    case 'SOLVENT_FOR_BEGINNERS':
      return <LinkButton onPress={() => onInsert(at + 1, 'burnish-trio')}>Insert a burnish trio …</LinkButton>;
    case 'TOO_FEW_COPIES':
      return <LinkButton onPress={onShare}>See who takes it when</LinkButton>;
    case 'PENCIL_MISSING':
      return sheet ? <Link to={`/sheets/${sheet}`}>Choose another pencil</Link> : <Link to="/kit/sets">Sets</Link>;
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
      <summary>Change title, minutes, notes</summary>
      <Fields>
        <Words label="Title" value={draft.title} onChange={(title) => put({ title })} />
        <Words label="Aim" value={draft.aim} onChange={(aim) => put({ aim })} />
        <Numbers>
          <NumberBox label="Show, min" value={draft.showMinutes} least={0} most={90} digits={0} onChange={(showMinutes) => put({ showMinutes })} />
          <NumberBox label="Draw without a sheet, min" value={draft.workMinutes} least={0} most={600} digits={0} onChange={(workMinutes) => put({ workMinutes })} />
          <NumberBox label="Look together, min" value={draft.lookMinutes} least={0} most={90} digits={0} onChange={(lookMinutes) => put({ lookMinutes })} />
        </Numbers>
        <Words label="Notes" value={draft.notes} onChange={(notes) => put({ notes })} rows={3} />
        <Button isDisabled={same || draft.title.trim() === ''} onPress={() => onKeep(draft)}>
          Keep
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
        <span>cancelled</span>
      ) : (
        <span>
          {decimals(period.planned)} of {decimals(period.room)} min used (half of them done after {decimals(period.median)}, the quickest quarter after {decimals(period.quick)})
          {last?.goesOn ? '; goes on next time' : ''}
          {period.place && ` · ${period.place}`}
        </span>
      )}
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
