import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { Button, LinkButton, Segments } from '../design/Controls';
import { Place, PlaceLoading } from '../design/Place';
import { Empty, Failed, Notice } from '../design/States';
import { colour, space } from '../design/tokens';
import { useKeys } from '../design/useKeys';
import { CalendarLink } from './CalendarLink';
import { draftOf, moved, movedTo } from './draft';
import { LessonPanel, PeriodLine } from './LessonPanel';
import { NewLesson } from './NewLesson';
import { StartCourse } from './StartCourse';
import { Strip, type Zoom } from './Strip';
import { useCourse, useCourses } from './useCourse';
import { meetingWords, type Lane, type Period } from './words';
import { formatMessage } from '../words/intl';

/** The term of every class on its periods, and below it the lesson that is chosen. */
export default function Course() {
  const { schoolClass, lesson: wanted } = useParams();
  const navigate = useNavigate();
  const courses = useCourses();
  const course = useCourse();
  const [zoom, setZoom] = useState<Zoom>('term');
  const [period, setPeriod] = useState<string>();
  const [starting, setStarting] = useState<{ lane: string; at?: number; kind?: string | undefined }>();
  const [said, setSaid] = useState('');
  const lanes = courses.data?.lanes ?? [];
  const lane = lanes.find((l) => l.schoolClass === schoolClass) ?? lanes[0];
  const today = courses.data?.today ?? '';
  const current = lane && (lane.periods.find((p) => p.starts.slice(0, 10) >= today && p.pieces.length > 0) ?? lane.periods.at(-1));
  const lesson = lane?.lessons.find((l) => l.id === wanted) ?? lane?.lessons.find((l) => l.id === current?.pieces[0]?.lesson) ?? lane?.lessons[0];
  const holds = (p: Period) => p.pieces.some((piece) => piece.lesson === lesson?.id);
  const shown = lane?.periods.find((p) => p.key === period) ?? (current && holds(current) ? current : lane?.periods.find(holds));

  useKeys((key) => {
    const step = { 'mod+z': course.undo, 'mod+shift+z': course.redo }[key];
    if (!step || !lane) {
      return false;
    }
    step(lane);
    return true;
  });

  if (courses.isPending) {
    return <PlaceLoading title={formatMessage({ id: 'course.course' })} what={formatMessage({ id: 'course.loading.courses' })} />;
  }
  if (courses.isError) {
    return <Failed error={courses.error} />;
  }
  if (!lane) {
    return (
      <Place title={formatMessage({ id: 'course.course' })}>
        <Empty title={formatMessage({ id: 'course.beginWithAClass' })}>
          <p>{formatMessage({ id: 'course.noClass' })}</p>
          <Link to="/classes">{formatMessage({ id: 'course.createClass' })}</Link>
        </Empty>
      </Place>
    );
  }
  /** A period's lesson; pressed again, its next. */
  const open = (l: Lane, p: Period) => {
    const again = l.schoolClass === lane.schoolClass && p.key === shown?.key ? p.pieces.findIndex((piece) => piece.lesson === lesson?.id) + 1 : 0;
    const next = p.pieces[again % Math.max(1, p.pieces.length)];
    setPeriod(p.key);
    setStarting(undefined);
    void navigate(`/course/${l.schoolClass}${next ? `/${next.lesson}` : ''}`, { replace: true });
  };
  /** What was moved is opened, so that Undo is its class's. */
  const announce = (l: Lane, id: string, to: number) => {
    setSaid(formatMessage({ id: 'course.lesson.moved' }, { title: l.lessons.find((x) => x.id === id)?.title ?? '', number: to + 1, name: l.name }));
    if (l.schoolClass !== lane.schoolClass) {
      setPeriod(undefined);
      void navigate(`/course/${l.schoolClass}/${id}`, { replace: true });
    }
  };
  const move = (l: Lane, id: string, by: number) => {
    const next = moved(draftOf(l), id, by);
    course.set(l, next);
    announce(
      l,
      id,
      next.findIndex((x) => x.id === id),
    );
  };
  const drop = (l: Lane, id: string, p: Period) => {
    const target = p.pieces[0]?.lesson;
    if (target === id) {
      return;
    }
    const rest = draftOf(l).filter((x) => x.id !== id);
    const from = l.lessons.findIndex((x) => x.id === id);
    const onto = l.lessons.findIndex((x) => x.id === target);
    const at = target ? rest.findIndex((x) => x.id === target) + (from < onto ? 1 : 0) : rest.length;
    course.set(l, movedTo(draftOf(l), id, at));
    announce(l, id, at);
  };
  const left = lane.warnings.filter((w) => w.kind === 'NO_ROOM');
  const ahead = lane.warnings.length;
  return (
    <Place
      title={formatMessage({ id: 'course.course' })}
      about={
        lane.term
          ? formatMessage(
              { id: 'course.course.summary' },
              {
                name: lane.term.name || formatMessage({ id: 'course.print.termShort' }),
                periods: lane.periods.filter((p) => p.state !== 'CANCELLED').length,
                className: lane.name,
              },
            )
          : lane.name
      }
      actions={
        <>
          <Segments
            label={formatMessage({ id: 'course.lesson.show' })}
            value={zoom}
            onChange={setZoom}
            choices={[
              { id: 'term', name: formatMessage({ id: 'course.print.termShort' }) },
              { id: 'month', name: formatMessage({ id: 'course.month' }) },
              { id: 'week', name: formatMessage({ id: 'course.week' }) },
            ]}
          />
          <Button isDisabled={!course.canUndo(lane) || course.busy} onPress={() => course.undo(lane)}>
            {formatMessage({ id: 'course.undo' })}
          </Button>
          <Button isDisabled={!course.canRedo(lane) || course.busy} onPress={() => course.redo(lane)}>
            {formatMessage({ id: 'course.redo' })}
          </Button>
          <Button onPress={() => setStarting({ lane: lane.schoolClass })}>{formatMessage({ id: 'course.outlines.open' })}</Button>
          <CalendarLink lane={lane} />
          {lane.lessons.length > 0 && (
            <a href={`/api/courses/${lane.schoolClass}/term.pdf`} target="_blank" rel="noreferrer">
              {formatMessage({ id: 'course.print.term' })}
            </a>
          )}
          {lane.lessons.length > 0 && (
            <a href={`/api/courses/${lane.schoolClass}/outline`} download>
              {formatMessage({ id: 'course.outlines.save' })}
            </a>
          )}
        </>
      }
    >
      <Upper>
        <Strip lanes={lanes} today={today} zoom={zoom} open={{ lane: lane.schoolClass, lesson: lesson?.id, period: shown?.key }} onOpen={open} onMove={move} onDrop={drop} />
        {lanes.every((l) => !l.term) && (
          <Empty title={formatMessage({ id: 'course.noTermYet' })}>
            <p>{formatMessage({ id: 'course.calendar.noPeriods' }, { name: lane.name })}</p>
            <Link to={`/classes/${lane.schoolClass}`}>{formatMessage({ id: 'course.calendar.periods' })}</Link>
          </Empty>
        )}
      </Upper>
      <Live role="status" aria-live="polite">
        {said}
      </Live>
      {course.error && <Notice role="alert">▲ {course.error.message}</Notice>}
      {shown && <PeriodLine lane={lane} period={shown} />}
      {left.length > 0 && (
        <Left>
          {formatMessage({ id: 'course.notScheduled.heading' })}{' '}
          {left.map((w) => (
            <LinkButton key={w.lesson} onPress={() => void navigate(`/course/${lane.schoolClass}/${w.lesson}`)}>
              {lane.lessons.find((l) => l.id === w.lesson)?.title}
            </LinkButton>
          ))}
        </Left>
      )}
      <Lower>
        {starting?.at !== undefined ? (
          <NewLesson key={`${starting.at}${starting.kind ?? ''}`} lane={lane} course={course} at={starting.at} kind={starting.kind} onDone={() => setStarting(undefined)} />
        ) : starting ? (
          <StartCourse lane={lane} others={lanes.filter((l) => l !== lane && l.lessons.length > 0)} today={today} course={course} onDone={() => setStarting(undefined)} />
        ) : lesson ? (
          <LessonPanel
            key={lesson.id}
            lane={lane}
            lanes={lanes}
            lesson={lesson}
            period={shown}
            course={course}
            onInsert={(at, kind) => setStarting({ lane: lane.schoolClass, at, kind })}
          />
        ) : (
          <StartCourse lane={lane} others={lanes.filter((l) => l !== lane && l.lessons.length > 0)} today={today} course={course} onDone={() => setStarting(undefined)} />
        )}
      </Lower>
      <Live>
        {shown
          ? formatMessage({ id: 'course.period.freeMinutes' }, { warnings: ahead, name: lane.name, starts: meetingWords(shown.starts) })
          : formatMessage({ id: 'course.warning.count' }, { warnings: ahead, name: lane.name })}
      </Live>
    </Place>
  );
}

const Upper = styled.div`min-height: 0; max-height: 62%; overflow: hidden; display: flex; flex-direction: column; flex: none;`;
const Lower = styled.div`flex: 1 0 auto;`;
const Left = styled.p`display: flex; flex-wrap: wrap; gap: ${space(3)}; padding: ${space(2)} ${space(6)}; border-top: 1px solid ${colour.line}; font-weight: 600;`;
const Live = styled.p`position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%);`;
