import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { Button, MainButton, Segments, Select, Words } from '../design/Controls';
import { NumberBox } from '../design/NumberBox';
import { draftOf, inserted, type LessonDraft } from './draft';
import { Form, Row } from './StartCourse';
import { useMaterials } from './useMaterials';
import type { CourseChanges } from './useCourse';
import type { Lane } from './words';
import { count, formatMessage } from '../words/intl';

type Of = 'exercise' | 'sheet' | 'project' | 'free';

/** Minutes of a period that are left for drawing, where the class has none yet. */
const USUAL_MINUTES = 40;

interface Props {
  lane: Lane;
  course: CourseChanges;
  /** Its place, from 0. */
  at: number;
  /** The exercise to suggest for it. */
  kind?: string | undefined;
  onDone: () => void;
}

/** A lesson to put between others: of an exercise, of a sheet of one's own, the sessions of a project, or without a sheet. */
export function NewLesson({ lane, course, at, kind, onDone }: Props) {
  const [of, setOf] = useState<Of>('exercise');
  const form = { lane, course, at, onDone };
  return (
    <Form aria-label={formatMessage({ id: 'course.newLesson.title' })}>
      <h2>{formatMessage({ id: 'course.lesson.newBefore' }, { number: at + 1, name: lane.name })}</h2>
      <Segments
        label={formatMessage({ id: 'course.newLesson.of' })}
        value={of}
        onChange={setOf}
        choices={[
          { id: 'exercise', name: formatMessage({ id: 'course.newLesson.exercise' }) },
          { id: 'sheet', name: formatMessage({ id: 'course.newLesson.sheet' }) },
          { id: 'project', name: formatMessage({ id: 'course.newLesson.project' }) },
          { id: 'free', name: formatMessage({ id: 'course.newLesson.free' }) },
        ]}
      />
      {of === 'exercise' && <OfExercise {...form} kind={kind} />}
      {of === 'sheet' && <OfSheet {...form} />}
      {of === 'project' && <OfProject {...form} />}
      {of === 'free' && <Free {...form} />}
    </Form>
  );
}

function Acts({ ready, busy, onGo, onDone, words }: { ready: boolean; busy: boolean; onGo: () => void; onDone: () => void; words?: string }) {
  return (
    <Row>
      <MainButton isDisabled={!ready || busy} onPress={onGo}>
        {words ?? formatMessage({ id: 'course.lesson.insert' })}
      </MainButton>
      <Button onPress={onDone}>{formatMessage({ id: 'course.back' })}</Button>
    </Row>
  );
}

function OfExercise({ lane, course, at, kind, onDone }: Props) {
  const kinds = useQuery(served.kinds);
  const { materials, choices } = useMaterials(lane);
  const [chosen, setChosen] = useState(kind);
  const exercise = kinds.data?.find((k) => k.id === chosen) ?? kinds.data?.[0];
  return (
    <>
      <Row>
        <Select
          label={formatMessage({ id: 'course.exercise' })}
          value={exercise?.id ?? null}
          onChange={setChosen}
          choices={(kinds.data ?? []).map((k) => ({ id: k.id, name: k.name }))}
        />
        {choices}
      </Row>
      {exercise && <p>{exercise.teaches}</p>}
      <Acts
        ready={exercise !== undefined && materials !== undefined}
        busy={course.busy}
        onGo={() => exercise && materials && course.insert.mutate({ lane, kind: exercise.id, at, ...materials }, { onSuccess: onDone })}
        onDone={onDone}
        {...(course.insert.isPending ? { words: formatMessage({ id: 'course.outlines.planning' }) } : {})}
      />
    </>
  );
}

function OfSheet({ lane, course, at, onDone }: Props) {
  const sheets = useQuery(served.sheets);
  const [chosen, setChosen] = useState<string>();
  const sheet = sheets.data?.find((s) => s.id === chosen) ?? sheets.data?.[0];
  if (sheets.data?.length === 0) {
    return <p>{formatMessage({ id: 'course.newLesson.noSheet' }, { link: (words) => <Link to="/sheets">{words}</Link> })}</p>;
  }
  return (
    <>
      <Row>
        <Select
          label={formatMessage({ id: 'course.newLesson.ofSheet' })}
          value={sheet?.id ?? null}
          onChange={setChosen}
          choices={(sheets.data ?? []).map((s) => ({ id: s.id, name: s.title }))}
        />
      </Row>
      <Acts
        ready={sheet !== undefined}
        busy={course.busy}
        onGo={() => {
          course.set(lane, inserted(draftOf(lane), [lesson({ title: sheet?.title ?? '', sheets: sheet ? [sheet.id] : [] })], at));
          onDone();
        }}
        onDone={onDone}
      />
    </>
  );
}

function OfProject({ lane, course, at, onDone }: Props) {
  const projects = useQuery(served.projects);
  const [chosen, setChosen] = useState<string>();
  const [minutes, setMinutes] = useState(() => roomOf(lane));
  const project = projects.data?.find((p) => p.id === chosen) ?? projects.data?.[0];
  const sessions = useQuery({
    queryKey: ['projects', project?.id, 'sessions', minutes],
    queryFn: () => body(api.GET('/api/projects/{id}/sessions', { params: { path: { id: project?.id ?? '' }, query: { minutes } } })),
    enabled: project !== undefined,
  });
  if (projects.data?.length === 0) {
    return <p>{formatMessage({ id: 'course.newLesson.noProject' }, { link: (words) => <Link to="/projects">{words}</Link> })}</p>;
  }
  return (
    <>
      <Row>
        <Select
          label={formatMessage({ id: 'course.newLesson.ofProject' })}
          value={project?.id ?? null}
          onChange={setChosen}
          choices={(projects.data ?? []).map((p) => ({ id: p.id, name: p.title }))}
        />
        <NumberBox label={formatMessage({ id: 'course.newLesson.sessionMinutes' })} value={minutes} least={20} most={240} step={5} digits={0} onChange={setMinutes} />
      </Row>
      {sessions.error && <p role="alert">▲ {sessions.error.message}</p>}
      {sessions.data && (
        <ol>
          {sessions.data.map((s) => (
            <li key={s.work.join()}>{s.work.join(' ')}</li>
          ))}
        </ol>
      )}
      <Acts
        ready={(sessions.data?.length ?? 0) > 0}
        busy={course.busy || sessions.isFetching}
        onGo={() => {
          course.set(lane, inserted(draftOf(lane), ofSessions(project?.title ?? '', sessions.data ?? []), at));
          onDone();
        }}
        onDone={onDone}
        words={
          sessions.isFetching
            ? formatMessage({ id: 'course.newLesson.cutting' })
            : formatMessage({ id: 'course.newLesson.insertSessions' }, { lessons: count(sessions.data?.length ?? 0, 'lesson') })
        }
      />
    </>
  );
}

function Free({ lane, course, at, onDone }: Props) {
  const [title, setTitle] = useState('');
  const [notes, setNotes] = useState('');
  const [workMinutes, setWorkMinutes] = useState(() => roomOf(lane));
  return (
    <>
      <Row>
        <Words label={formatMessage({ id: 'course.title' })} value={title} onChange={setTitle} />
        <NumberBox label={formatMessage({ id: 'course.newLesson.minutes' })} value={workMinutes} least={0} most={600} step={5} digits={0} onChange={setWorkMinutes} />
      </Row>
      <Words label={formatMessage({ id: 'course.notes' })} value={notes} onChange={setNotes} rows={2} />
      <Acts
        ready={title.trim() !== ''}
        busy={course.busy}
        onGo={() => {
          course.set(lane, inserted(draftOf(lane), [lesson({ title: title.trim(), notes, workMinutes, showMinutes: 0, lookMinutes: 0 })], at));
          onDone();
        }}
        onDone={onDone}
      />
    </>
  );
}

const lesson = (of: Partial<LessonDraft> & { title: string }): LessonDraft => ({
  id: crypto.randomUUID(),
  sheets: [],
  ...of,
});

/** A project's sessions as lessons, each with its work in the notes. */
function ofSessions(title: string, sessions: Schemas['ProjectSessionView'][]): LessonDraft[] {
  return sessions.map((s, i) =>
    lesson({
      title: sessions.length === 1 ? title : formatMessage({ id: 'course.newLesson.sessionTitle' }, { title, number: i + 1, sessions: sessions.length }),
      notes: s.work.join('\n'),
      workMinutes: Math.round(s.minutes),
      showMinutes: i === 0 ? 5 : 2,
    }),
  );
}

/** Minutes that the class's next period has for drawing. */
function roomOf(lane: Lane): number {
  const next = lane.periods.find((p) => !p.logged && p.state !== 'CANCELLED');
  return Math.min(240, Math.max(20, Math.round(next?.room ?? USUAL_MINUTES)));
}
