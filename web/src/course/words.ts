import type { Schemas } from '../api/client';
import { local } from '../words/dates';
import { count, decimals } from '../words/words';

export type Lane = Schemas['LaneView'];
export type Lesson = Schemas['LessonView'];
export type Period = Lane['periods'][number];
export type Stage = Lesson['stages'][number];
export type Warning = Schemas['CourseWarningView'];
export type Skill = Schemas['SkillView']['skill'];

export const skillNames: Record<Skill, string> = {
  PRESSURE: 'pressure',
  EVEN_TONE: 'even tone',
  EQUAL_STEPS: 'equal steps',
  STROKES: 'strokes',
  GRADATION: 'gradation',
  LAYERING: 'layering',
  FADING_TWO_COLOURS: 'fading two colours',
  BURNISHING: 'burnishing',
  ANALOGOUS_BLENDING: 'analogous blending',
  TINT_HUE_SHADE: 'tint, hue, shade',
  NEUTRAL_BY_COMPLEMENT: 'neutral by complement',
  MIXING_FROM_FEW: 'mixing from few',
  TEMPERATURE: 'temperature and glaze',
  TONED_PAPER: 'light and dark on toned paper',
  SOLVENT: 'solvent',
  FORM_AND_LIGHT: 'form and light',
  COMPOSITION: 'composition of fades',
  TEXTURE: 'texture',
  READING_A_REFERENCE: 'reading a reference',
  COLOUR_PLAN: 'colour plan',
  FINISHING: 'finishing',
};

const dayMonth = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
const weekdayDay = new Intl.DateTimeFormat(undefined, { weekday: 'short', day: 'numeric', month: 'short' });

export const dateWords = (iso: string) => dayMonth.format(local(iso));
export const meetingWords = (iso: string) => `${weekdayDay.format(local(iso))} ${iso.slice(11, 16)}`;

export const minutesWords = (minutes: number) => `${decimals(minutes)} min`;

/** What is done in a stage, in a few words. */
export function stageWords(stage: Stage): string {
  switch (stage.kind) {
    case 'SHOW':
      return 'show';
    case 'LOOK_TOGETHER':
      return 'look together';
    case 'DISSOLVE':
      return 'dissolve, leave to dry';
    case 'WORK':
      return stage.field === '' ? 'draw' : [stage.group, stage.label, stage.label === '' ? `field ${stage.field}` : ''].filter((w) => w !== '').join(' ');
  }
}

export const stopWords: Record<Stage['stop'], string> = {
  GOOD: 'good place to stop',
  POOR: 'poor place to stop',
  NEVER: 'do not stop here',
  MUST: 'wet: nothing more touches it in this period',
};

const either = (skills: readonly Skill[]) => skills.map((s) => skillNames[s]).join(' or ');

/** A warning as a sentence with its figures. @param title of a lesson by its id */
export function warningWords(w: Warning, title: (lesson: string) => string): string {
  const figure = (n: number | null | undefined, digits = 0) => decimals(n ?? 0, digits);
  switch (w.kind) {
    case 'NEEDED_BEFORE_TAUGHT':
      return `Needs ${either(w.skills)}, ${w.other ? `taught later, in “${title(w.other)}”` : 'taught nowhere in this course'}.`;
    case 'FEW_SECURE':
      return `${figure(w.count)} of ${figure(w.of)} students are secure in ${either(w.skills)}; two of three are needed.`;
    case 'PENCIL_MISSING':
      return w.substitute
        ? `${w.pencil ?? ''} is not at hand. Nearest: ${w.substitute}, value ${signed(w.deltaValue ?? 0, 1)}, hue ${signed(w.deltaHue ?? 0, 0)}°.`
        : `${w.pencil ?? ''} is not at hand, and nothing comes near.`;
    case 'TOO_FEW_COPIES':
      return `${figure(w.of)} students want ${w.pencil ?? ''}, there ${w.count === 1 ? 'is' : 'are'} ${figure(w.count)}. ${
        (w.inTurns ?? 0) <= (w.count ?? 0) ? 'In turns that is enough.' : `Taking turns needs ${figure(w.inTurns)}: sit in pairs, or choose another pencil.`
      }`;
    case 'NO_ROOM':
      return `${minutesWords(w.minutes ?? 0)} find no place: ${noRoom[w.why ?? 'NO_PERIOD_LEFT']}`;
    case 'SOLVENT_NOT_IN_METHOD':
      return 'Solvent is planned, and the class’s method has none. School policy decides; burnishing does without.';
    case 'SOLVENT_FOR_BEGINNERS':
      return 'Solvent is not for young classes unless school policy allows it. Burnishing does without.';
    case 'QUICK_ARE_IDLE':
      return `The quickest quarter is done ${minutesWords(w.minutes ?? 0)} early on ${meetingWords(w.period ?? '')}.`;
    case 'POOR_STOP':
      return `${meetingWords(w.period ?? '')} ends inside what belongs together.`;
    case 'PIN_NOT_HELD':
      return `Pinned to ${meetingWords(w.period ?? '')}, when the class does not meet; it begins in the next period.`;
  }
}

export const signed = (n: number, digits: number) => `${n < 0 ? '−' : '+'}${decimals(Math.abs(n), digits)}`;

const noRoom: Record<NonNullable<Warning['why']>, string> = {
  NO_PERIOD_LEFT: 'the term has no period left.',
  NOT_BEFORE_THE_PINNED: 'a later lesson is pinned before them.',
  LONGER_THAN_ANY_PERIOD: 'a stage that must not be cut is longer than any period.',
};

/** How fast a class is, with what it rests on. */
export function paceWords(pace: Lane['pace']): string {
  return pace.periods + pace.pages === 0
    ? 'usual pace assumed'
    : `${decimals(pace.speed, 2)} of the usual pace (${decimals(pace.least, 2)}–${decimals(pace.most, 2)}), from ${count(pace.periods, 'period')}${pace.pages > 0 ? `, ${count(pace.pages, 'page')}` : ''}`;
}

/** A period as it is read out. */
export function periodWords(period: Period, lane: Lane, warnings: number): string {
  const when = meetingWords(period.starts);
  if (period.state === 'CANCELLED') {
    return `${lane.name}, ${when}: cancelled`;
  }
  const what = period.pieces
    .map((p) => {
      const n = lane.lessons.findIndex((l) => l.id === p.lesson);
      return `lesson ${n + 1} ${lane.lessons[n]?.title ?? ''}${p.goesOn ? ', goes on' : ''}`;
    })
    .join('; ');
  const marks = warnings > 0 ? `, ${count(warnings, 'warning')}` : '';
  return `${lane.name}, ${when}: ${what || 'nothing'}, ${decimals(period.planned)} of ${minutesWords(period.room)}${period.logged ? ', logged' : ''}${marks}`;
}
