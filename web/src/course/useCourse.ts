import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { keysOf, served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { draftOf, type LessonDraft } from './draft';
import type { Lane } from './words';

type Courses = Schemas['CoursesView'];

export function useCourses() {
  return useQuery(served.courses);
}

/** What can be undone and done again, by class: lessons as they were before each change. */
type Steps = Record<string, { back: LessonDraft[][]; on: LessonDraft[][] }>;
const MOST_STEPS = 50;
/** Kept when the place is left: what was added to a course elsewhere can be undone there. */
const stepsQuery = queryOptions<Steps>({ queryKey: ['course', 'steps'], queryFn: () => ({}), initialData: {}, enabled: false, staleTime: Infinity, gcTime: Infinity });

/** Changes of courses. The answer is the class's lane as it lies after the change; only it is put in place. */
export function useCourse() {
  const queries = useQueryClient();
  const { data: steps } = useQuery<Steps>(stepsQuery);
  const setSteps = (change: (all: Steps) => Steps) => queries.setQueryData<Steps>(stepsQuery.queryKey, (all) => change(all ?? {}));
  const put = (lane: Lane) => {
    queries.setQueryData<Courses>(served.courses.queryKey, (old) => old && { ...old, lanes: old.lanes.map((l) => (l.schoolClass === lane.schoolClass ? lane : l)) });
    void queries.invalidateQueries({ queryKey: keysOf.today });
  };
  const remember = (lane: Lane, undone = false, redone = false) =>
    setSteps((all) => {
      const own = all[lane.schoolClass] ?? { back: [], on: [] };
      const before = draftOf(lane);
      return {
        ...all,
        [lane.schoolClass]: undone
          ? { back: own.back.slice(0, -1), on: [...own.on, before] }
          : { back: [...own.back, before].slice(-MOST_STEPS), on: redone ? own.on.slice(0, -1) : [] },
      };
    });
  const made = (lane: Lane, after: Lane) => {
    remember(lane);
    put(after);
    void queries.invalidateQueries({ queryKey: served.sheets.queryKey });
  };
  const set = useMutation({
    mutationFn: ({ lane, lessons }: { lane: Lane; lessons: LessonDraft[]; way?: 'undo' | 'redo' }) =>
      body(api.PUT('/api/courses/{schoolClass}', { params: { path: { schoolClass: lane.schoolClass } }, body: { revision: lane.revision, course: { lessons } } })),
    onSuccess: (after, { lane, way }) => {
      remember(lane, way === 'undo', way === 'redo');
      put(after);
    },
  });
  const start = useMutation({
    mutationFn: ({ lane, ...request }: { lane: Lane } & Schemas['OutlineRequest']) =>
      body(api.POST('/api/courses/{schoolClass}/outline', { params: { path: { schoolClass: lane.schoolClass } }, body: request })),
    onSuccess: (after, { lane }) => made(lane, after),
  });
  const take = useMutation({
    mutationFn: ({ lane, ...request }: { lane: Lane } & Schemas['OutlineFileRequest']) =>
      body(api.POST('/api/courses/{schoolClass}/outline-file', { params: { path: { schoolClass: lane.schoolClass } }, body: request })),
    onSuccess: (after, { lane }) => made(lane, after),
  });
  const copy = useMutation({
    mutationFn: ({ lane, ...request }: { lane: Lane } & Schemas['CopyRequest']) =>
      body(api.POST('/api/courses/{schoolClass}/copy', { params: { path: { schoolClass: lane.schoolClass } }, body: request })),
    onSuccess: (after, { lane }) => made(lane, after.lane),
  });
  const insert = useMutation({
    mutationFn: ({ lane, ...request }: { lane: Lane } & Omit<Schemas['KindRequest'], 'revision'>) =>
      body(api.POST('/api/courses/{schoolClass}/lessons', { params: { path: { schoolClass: lane.schoolClass } }, body: { ...request, revision: lane.revision } })),
    onSuccess: (after, { lane }) => made(lane, after),
  });
  /** A lesson or a group's work that another place puts into a course. */
  const add = useMutation({
    mutationFn: async ({ schoolClass, lesson, group }: { schoolClass: string; lesson?: Schemas['NextLessonRequest']; group?: Schemas['GroupWork'] }) => {
      const before = (await body(api.GET('/api/courses'))).lanes.find((l) => l.schoolClass === schoolClass);
      const params = { path: { schoolClass } };
      const made = lesson
        ? await body(api.POST('/api/courses/{schoolClass}/next-lesson', { params, body: lesson }))
        : await body(api.POST('/api/courses/{schoolClass}/beside', { params, body: group as Schemas['GroupWork'] }));
      return { before, made };
    },
    onSuccess: async ({ before }) => {
      if (before) {
        remember(before);
      }
      await Promise.all([queries.invalidateQueries({ queryKey: served.courses.queryKey }), queries.invalidateQueries({ queryKey: keysOf.today })]);
    },
  });
  const log = useMutation({
    mutationFn: ({ lane, ...request }: { lane: Pick<Lane, 'schoolClass'> } & Schemas['LogRequest']) =>
      body(api.POST('/api/courses/{schoolClass}/log', { params: { path: { schoolClass: lane.schoolClass } }, body: request })),
    onSuccess: put,
  });
  const unlog = useMutation({
    mutationFn: ({ lane, period }: { lane: Pick<Lane, 'schoolClass'>; period: string }) =>
      body(api.DELETE('/api/courses/{schoolClass}/log/{period}', { params: { path: { schoolClass: lane.schoolClass, period } } })),
    onSuccess: put,
  });
  const of = (lane: Lane) => steps[lane.schoolClass] ?? { back: [], on: [] };
  return {
    set: (lane: Lane, lessons: LessonDraft[]) => set.mutate({ lane, lessons }),
    undo: (lane: Lane) => {
      const last = of(lane).back.at(-1);
      if (last) {
        set.mutate({ lane, lessons: last, way: 'undo' });
      }
    },
    redo: (lane: Lane) => {
      const next = of(lane).on.at(-1);
      if (next) {
        set.mutate({ lane, lessons: next, way: 'redo' });
      }
    },
    canUndo: (lane: Lane) => of(lane).back.length > 0,
    canRedo: (lane: Lane) => of(lane).on.length > 0,
    start,
    take,
    copy,
    insert,
    add,
    log,
    unlog,
    busy: set.isPending || start.isPending || take.isPending || copy.isPending || insert.isPending || log.isPending || unlog.isPending,
    error: set.error ?? start.error ?? take.error ?? copy.error ?? insert.error ?? log.error ?? unlog.error,
  };
}

export type CourseChanges = ReturnType<typeof useCourse>;
