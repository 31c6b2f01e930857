import type { Schemas } from '../api/client';
import { moved } from '../classes/useThreshold';

export type SheetRequest = Schemas['SheetRequest'];
export type SheetData = Schemas['SheetData'];
export type ExerciseData = Schemas['ExerciseData'];
export type Value = Schemas['ValueData'];
export type Draft = Schemas['DraftView'];
export type Planned = Schemas['ExerciseView'];
export type Goal = Schemas['PlannedGoalView']['goal'];
type Kit = Schemas['KitView'];

export const MOST_EXERCISES = 8;
/** Under which a sheet that was never saved is kept as a draft. */
export const NEW_SHEET = 'sheet/new';

/** A new sheet: one exercise of a kind, on cartridge, for a class if there is one. */
export function first(kit: Kit, kind: string, schoolClass: string | undefined): SheetRequest {
  const paper = kit.papers.find((p) => p.tooth === 1) ?? kit.papers[0];
  return {
    data: {
      paper: paper?.id ?? '',
      pageSize: 'A4',
      exercises: [{ kind, values: {} }],
      ...(schoolClass ? { schoolClass } : {}),
    },
  };
}

export function fromSheet(sheet: Schemas['SheetView']): SheetRequest {
  return { title: sheet.title, data: sheet.data };
}

/** True where two requests ask for the same, in whatever order their values stand; nothing chosen is the same as left out. */
export function same(a: SheetRequest, b: SheetRequest): boolean {
  return stable(a) === stable(b);
}

function stable(value: unknown): string {
  return JSON.stringify(value, (_, v: unknown) =>
    v !== null && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(
          Object.entries(v)
            .filter(([, x]) => !isNothing(x))
            .sort(([x], [y]) => (x < y ? -1 : 1)),
        )
      : v,
  );
}

function isNothing(value: unknown): boolean {
  return value === null || value === undefined || (typeof value === 'object' && !Array.isArray(value) && Object.keys(value).length === 0);
}

/** A request with the values of one exercise changed. */
export function withValues(request: SheetRequest, index: number, change: Record<string, Value>): SheetRequest {
  return withExercises(
    request,
    request.data.exercises.map((e, i) => (i === index ? { ...e, values: { ...e.values, ...change } } : e)),
  );
}

/** A request with one value of an exercise left to the plan again. */
export function withoutValue(request: SheetRequest, index: number, name: string): SheetRequest {
  return withExercises(
    request,
    request.data.exercises.map((e, i) => (i === index ? { ...e, values: Object.fromEntries(Object.entries(e.values).filter(([key]) => key !== name)) } : e)),
  );
}

/** A request with the threshold of a goal moved, or left to the class again. */
export function withThreshold(request: SheetRequest, index: number, goal: Goal, factor: number | undefined): SheetRequest {
  return withExercises(
    request,
    request.data.exercises.map((e, i) => (i === index ? { ...e, thresholds: moved(e.thresholds, goal, factor) } : e)),
  );
}

export function withExercises(request: SheetRequest, exercises: ExerciseData[]): SheetRequest {
  return { ...request, data: { ...request.data, exercises } };
}
