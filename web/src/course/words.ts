import type { Schemas } from '../api/client';
import { local } from '../words/dates';
import { decimals } from '../words/words';
import { count, say } from '../words/say';

export type Lane = Schemas['LaneView'];
export type Lesson = Schemas['LessonView'];
export type Period = Lane['periods'][number];
export type Stage = Lesson['stages'][number];
export type Warning = Schemas['CourseWarningView'];
export type Skill = Schemas['SkillView']['skill'];

export const skillNames: Record<Skill, string> = {
  PRESSURE: say('course.pressure'),
  EVEN_TONE: say('course.even-tone'),
  EQUAL_STEPS: say('course.equal-steps'),
  STROKES: say('course.strokes'),
  GRADATION: say('course.gradation'),
  LAYERING: say('course.layering'),
  FADING_TWO_COLOURS: say('course.fading-two-colours'),
  BURNISHING: say('course.burnishing'),
  ANALOGOUS_BLENDING: say('course.analogous-blending'),
  TINT_HUE_SHADE: say('course.tint-hue-shade'),
  NEUTRAL_BY_COMPLEMENT: say('course.neutral-by-complement'),
  MIXING_FROM_FEW: say('course.mixing-from-few'),
  TEMPERATURE: say('course.temperature-and-glaze'),
  TONED_PAPER: say('course.light-and-dark-on-toned'),
  SOLVENT: say('course.solvent'),
  FORM_AND_LIGHT: say('course.form-and-light'),
  COMPOSITION: say('course.composition-of-fades'),
  TEXTURE: say('course.texture'),
  READING_A_REFERENCE: say('course.reading-a-reference'),
  COLOUR_PLAN: say('course.colour-plan'),
  FINISHING: say('course.finishing'),
};

const dayMonth = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
const weekdayDay = new Intl.DateTimeFormat(undefined, { weekday: 'short', day: 'numeric', month: 'short' });

export const dateWords = (iso: string) => dayMonth.format(local(iso));
export const meetingWords = (iso: string) => `${weekdayDay.format(local(iso))} ${iso.slice(11, 16)}`;

export const minutesWords = (minutes: number) => say('course.min', { minutes: decimals(minutes) });

/** What is done in a stage, in a few words. */
export function stageWords(stage: Stage): string {
  switch (stage.kind) {
    case 'SHOW':
      return say('course.show-2');
    case 'LOOK_TOGETHER':
      return say('course.look-together');
    case 'DISSOLVE':
      return say('course.dissolve-leave-to-dry');
    case 'WORK':
      return stage.field === '' ? 'draw' : [stage.group, stage.label, stage.label === '' ? say('course.field', { field: stage.field }) : ''].filter((w) => w !== '').join(' ');
  }
}

export const stopWords: Record<Stage['stop'], string> = {
  GOOD: say('course.good-place-to-stop'),
  POOR: say('course.poor-place-to-stop'),
  NEVER: say('course.do-not-stop-here'),
  MUST: say('course.wet-nothing-more-touches-it'),
};

const either = (skills: readonly Skill[]) => skills.map((s) => skillNames[s]).join(' or ');

/** A warning as a sentence with its figures. @param title of a lesson by its id */
export function warningWords(w: Warning, title: (lesson: string) => string): string {
  const figure = (n: number | null | undefined, digits = 0) => decimals(n ?? 0, digits);
  switch (w.kind) {
    case 'NEEDED_BEFORE_TAUGHT':
      return say('course.needs-2', {
        skills: either(w.skills),
        more: w.other ? say('course.taught-later-in', { other: title(w.other) }) : say('course.taught-nowhere-in-this-course'),
      });
    case 'FEW_SECURE':
      return say('course.of-students-are-secure-in', { count: figure(w.count), of: figure(w.of), skills: either(w.skills) });
    case 'PENCIL_MISSING':
      return w.substitute
        ? say('course.is-not-at-hand-nearest', { pencil: w.pencil ?? '', substitute: w.substitute, deltaValue: signed(w.deltaValue ?? 0, 1), deltaHue: signed(w.deltaHue ?? 0, 0) })
        : say('course.is-not-at-hand-and', { pencil: w.pencil ?? '' });
    case 'TOO_FEW_COPIES':
      return say('course.students-want-there', {
        of: figure(w.of),
        pencil: w.pencil ?? '',
        more: w.count === 1 ? say('course.is') : say('course.are'),
        count: figure(w.count),
        more2: (w.inTurns ?? 0) <= (w.count ?? 0) ? say('course.in-turns-that-is-enough') : say('course.taking-turns-needs-sit-in', { inTurns: figure(w.inTurns) }),
      });
    case 'NO_ROOM':
      return say('course.find-no-place', { minutes: minutesWords(w.minutes ?? 0), why: noRoom[w.why ?? 'NO_PERIOD_LEFT'] });
    case 'SOLVENT_NOT_IN_METHOD':
      return say('course.solvent-is-planned-and-the');
    case 'SOLVENT_FOR_BEGINNERS':
      return say('course.solvent-is-not-for-young');
    case 'QUICK_ARE_IDLE':
      return say('course.the-quickest-quarter-is-done', { minutes: minutesWords(w.minutes ?? 0), period: meetingWords(w.period ?? '') });
    case 'POOR_STOP':
      return say('course.ends-inside-what-belongs-together', { period: meetingWords(w.period ?? '') });
    case 'PIN_NOT_HELD':
      return say('course.pinned-to-when-the-class', { period: meetingWords(w.period ?? '') });
  }
}

export const signed = (n: number, digits: number) => `${n < 0 ? '−' : '+'}${decimals(Math.abs(n), digits)}`;

const noRoom: Record<NonNullable<Warning['why']>, string> = {
  NO_PERIOD_LEFT: say('course.the-term-has-no-period'),
  NOT_BEFORE_THE_PINNED: say('course.a-later-lesson-is-pinned'),
  LONGER_THAN_ANY_PERIOD: say('course.a-stage-that-must-not'),
};

/** How fast a class is, with what it rests on. */
export function paceWords(pace: Lane['pace']): string {
  return pace.periods + pace.pages === 0
    ? say('course.usual-pace-assumed')
    : say('course.of-the-usual-pace-from', {
        speed: decimals(pace.speed, 2),
        least: decimals(pace.least, 2),
        most: decimals(pace.most, 2),
        periods: count(pace.periods, 'period'),
        more: pace.pages > 0 ? `, ${count(pace.pages, 'page')}` : '',
      });
}

/** A period as it is read out. */
export function periodWords(period: Period, lane: Lane, warnings: number): string {
  const when = meetingWords(period.starts);
  if (period.state === 'CANCELLED') {
    return say('course.cancelled-2', { name: lane.name, when });
  }
  const what = period.pieces
    .map((p) => {
      const n = lane.lessons.findIndex((l) => l.id === p.lesson);
      return say('course.lesson-2', { n: n + 1, title: lane.lessons[n]?.title ?? '', more: p.goesOn ? say('course.goes-on') : '' });
    })
    .join('; ');
  const marks = warnings > 0 ? `, ${count(warnings, 'warning')}` : '';
  return say('course.of-2', {
    name: lane.name,
    when,
    what: what || say('course.nothing'),
    planned: decimals(period.planned),
    room: minutesWords(period.room),
    more: period.logged ? say('course.logged') : '',
    marks,
  });
}
