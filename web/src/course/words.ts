import type { Schemas } from '../api/client';
import { local } from '../words/dates';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

export type Lane = Schemas['LaneView'];
export type Lesson = Schemas['LessonView'];
export type Period = Lane['periods'][number];
export type Stage = Lesson['stages'][number];
export type Warning = Schemas['CourseWarningView'];
export type Skill = Schemas['SkillView']['skill'];

export const skillNames: Record<Skill, string> = {
  PRESSURE: formatMessage({ id: 'course.skill.pressure' }),
  EVEN_TONE: formatMessage({ id: 'course.skill.evenTone' }),
  EQUAL_STEPS: formatMessage({ id: 'course.skill.equalSteps' }),
  STROKES: formatMessage({ id: 'course.skill.strokes' }),
  GRADATION: formatMessage({ id: 'course.skill.gradation' }),
  LAYERING: formatMessage({ id: 'course.skill.layering' }),
  FADING_TWO_COLOURS: formatMessage({ id: 'course.skill.fadingTwoColours' }),
  BURNISHING: formatMessage({ id: 'course.skill.burnishing' }),
  ANALOGOUS_BLENDING: formatMessage({ id: 'course.skill.analogousBlending' }),
  TINT_HUE_SHADE: formatMessage({ id: 'course.skill.tintHueShade' }),
  NEUTRAL_BY_COMPLEMENT: formatMessage({ id: 'course.skill.neutralByComplement' }),
  MIXING_FROM_FEW: formatMessage({ id: 'course.skill.mixingFromFew' }),
  TEMPERATURE: formatMessage({ id: 'course.skill.temperatureAndGlaze' }),
  TONED_PAPER: formatMessage({ id: 'course.skill.tonedPaper' }),
  SOLVENT: formatMessage({ id: 'course.skill.solvent' }),
  FORM_AND_LIGHT: formatMessage({ id: 'course.skill.formAndLight' }),
  COMPOSITION: formatMessage({ id: 'course.skill.compositionOfFades' }),
  TEXTURE: formatMessage({ id: 'course.skill.texture' }),
  READING_A_REFERENCE: formatMessage({ id: 'course.skill.readingAReference' }),
  COLOUR_PLAN: formatMessage({ id: 'course.colourPlan' }),
  FINISHING: formatMessage({ id: 'course.skill.finishing' }),
};

const dayMonth = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
const weekdayDay = new Intl.DateTimeFormat(undefined, { weekday: 'short', day: 'numeric', month: 'short' });

export const dateWords = (iso: string) => dayMonth.format(local(iso));
export const meetingWords = (iso: string) => `${weekdayDay.format(local(iso))} ${iso.slice(11, 16)}`;

export const minutesWords = (minutes: number) => formatMessage({ id: 'course.lesson.minutesShort' }, { minutes: decimals(minutes) });

/** Of a lesson's stages; where it works at several exercises, each with its exercise. */
export function stagesNamed(stages: Stage[]): { stage: Stage; words: string }[] {
  const exercises = new Set(stages.filter((s) => s.exercise !== '').map((s) => s.exercise));
  return stages.map((stage) => ({
    stage,
    words: exercises.size > 1 && stage.exercise !== '' ? `${stage.exercise}: ${stageWords(stage)}` : stageWords(stage),
  }));
}

/** What is done in a stage, in a few words. */
export function stageWords(stage: Stage): string {
  switch (stage.kind) {
    case 'SHOW':
      return formatMessage({ id: 'course.stage.show' });
    case 'LOOK_TOGETHER':
      return formatMessage({ id: 'course.stage.look' });
    case 'DISSOLVE':
      return formatMessage({ id: 'course.stage.dissolve' });
    case 'WORK':
      return stage.field === ''
        ? formatMessage({ id: 'course.stage.draw' })
        : [stage.group, stage.label, stage.label === '' ? formatMessage({ id: 'course.lesson.box' }, { box: stage.field }) : ''].filter((w) => w !== '').join(' ');
  }
}

export const stopWords: Record<Stage['stop'], string> = {
  GOOD: formatMessage({ id: 'course.stop.good' }),
  POOR: formatMessage({ id: 'course.stop.poor' }),
  NEVER: formatMessage({ id: 'course.stop.never' }),
  MUST: formatMessage({ id: 'course.stage.wet' }),
};

const either = (skills: readonly Skill[]) => skills.map((s) => skillNames[s]).join(' or ');

/** A warning as a sentence with its figures. @param title of a lesson by its id */
export function warningWords(w: Warning, title: (lesson: string) => string): string {
  const figure = (n: number | null | undefined, digits = 0) => decimals(n ?? 0, digits);
  switch (w.kind) {
    case 'NEEDED_BEFORE_TAUGHT':
      return formatMessage(
        { id: 'course.warning.needsSkills' },
        {
          skills: either(w.skills),
          where: w.other ? formatMessage({ id: 'course.warning.taughtLater' }, { other: title(w.other) }) : formatMessage({ id: 'course.warning.taughtNowhere' }),
        },
      );
    case 'FEW_SECURE':
      return formatMessage({ id: 'course.warning.notSecure' }, { count: figure(w.count), students: figure(w.of), skills: either(w.skills) });
    case 'PENCIL_MISSING':
      return w.substitute
        ? formatMessage(
            { id: 'course.warning.pencilReplaced' },
            { pencil: w.pencil ?? '', substitute: w.substitute, valueDifference: signed(w.deltaValue ?? 0, 1), hueDifference: signed(w.deltaHue ?? 0, 0) },
          )
        : formatMessage({ id: 'course.warning.pencilMissing' }, { pencil: w.pencil ?? '' });
    case 'TOO_FEW_COPIES':
      return formatMessage(
        { id: 'course.warning.tooFewPencils' },
        {
          students: figure(w.of),
          pencil: w.pencil ?? '',
          copies: w.count ?? 0,
          enough: (w.inTurns ?? 0) <= (w.count ?? 0),
          needed: figure(w.inTurns),
        },
      );
    case 'NO_ROOM':
      return formatMessage({ id: 'course.notScheduled.minutes' }, { minutes: minutesWords(w.minutes ?? 0), reason: noRoom[w.why ?? 'NO_PERIOD_LEFT'] });
    case 'SOLVENT_NOT_IN_METHOD':
      return formatMessage({ id: 'course.warning.solventMethod' });
    case 'SOLVENT_FOR_BEGINNERS':
      return formatMessage({ id: 'course.warning.solventYoung' });
    case 'QUICK_ARE_IDLE':
      return formatMessage({ id: 'course.warning.quickFinish' }, { minutes: minutesWords(w.minutes ?? 0), period: meetingWords(w.period ?? '') });
    case 'POOR_STOP':
      return formatMessage({ id: 'course.warning.splitStage' }, { period: meetingWords(w.period ?? '') });
    case 'PIN_NOT_HELD':
      return formatMessage({ id: 'course.warning.pinnedOff' }, { date: meetingWords(w.period ?? '') });
  }
}

export const signed = (n: number, digits: number) => `${n < 0 ? '−' : '+'}${decimals(Math.abs(n), digits)}`;

const noRoom: Record<NonNullable<Warning['why']>, string> = {
  NO_PERIOD_LEFT: formatMessage({ id: 'course.notScheduled.termFull' }),
  NOT_BEFORE_THE_PINNED: formatMessage({ id: 'course.notScheduled.pinned' }),
  LONGER_THAN_ANY_PERIOD: formatMessage({ id: 'course.notScheduled.tooLong' }),
};

/** How fast a class is, with what it rests on. */
export function paceWords(pace: Lane['pace']): string {
  return pace.periods + pace.pages === 0
    ? formatMessage({ id: 'course.pace.assumed' })
    : formatMessage(
        { id: 'course.pace.measured' },
        {
          speed: decimals(pace.speed, 2),
          least: decimals(pace.least, 2),
          most: decimals(pace.most, 2),
          periods: pace.periods,
          pages: pace.pages,
        },
      );
}

/** A period as it is read out. */
export function periodWords(period: Period, lane: Lane, warnings: number): string {
  const when = meetingWords(period.starts);
  if (period.state === 'CANCELLED') {
    return formatMessage({ id: 'course.period.cancelledSpoken' }, { name: lane.name, when });
  }
  const what = period.pieces
    .map((p) => {
      const n = lane.lessons.findIndex((l) => l.id === p.lesson);
      return formatMessage({ id: 'course.lesson.found' }, { number: n + 1, title: lane.lessons[n]?.title ?? '', continues: p.goesOn });
    })
    .join('; ');
  return formatMessage(
    { id: 'course.period.spoken' },
    {
      name: lane.name,
      when,
      what: what || formatMessage({ id: 'course.nothing' }),
      planned: decimals(period.planned),
      available: minutesWords(period.room),
      logged: period.logged,
      warnings,
    },
  );
}
