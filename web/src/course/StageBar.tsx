import { Fragment } from 'react';
import styled from 'styled-components';
import { LinkButton } from '../design/Controls';
import { colour, levelGreys, sizes, space } from '../design/tokens';
import { decimals } from '../words/words';
import { stagesNamed, stopWords, type Lesson } from './words';
import { formatMessage } from '../words/intl';

/** The stages of a lesson along a bar, in proportion; where one may stop stands below. */
export function StageBar({ lesson, onSplit }: { lesson: Lesson; onSplit: (stage: string) => void }) {
  const named = stagesNamed(lesson.stages);
  const whole = lesson.stages.reduce((sum, s) => sum + s.minutes, 0);
  if (whole === 0) {
    return <p>{formatMessage({ id: 'course.stage.none' })}</p>;
  }
  return (
    <>
      <Bar
        role="img"
        aria-label={formatMessage(
          { id: 'course.lesson.minutesSpoken' },
          { whole: decimals(whole), stages: named.map((n) => `${n.words} ${decimals(n.stage.minutes)}`).join(', ') },
        )}
      >
        {lesson.stages.map((s, i) => (
          <Tone key={s.id} style={{ flexGrow: s.minutes }} $grey={s.kind === 'WORK' ? levelGreys[i % 2 === 0 ? 3 : 2] : s.kind === 'DISSOLVE' ? levelGreys[4] : levelGreys[1]} />
        ))}
      </Bar>
      <List>
        {named.map(({ stage: s, words }, i) => {
          const before = lesson.stages[i - 1];
          const canSplit = s.kind === 'WORK' && before !== undefined && before.kind === 'WORK' && before.stop !== 'NEVER';
          return (
            <Fragment key={s.id}>
              <Line>
                <Minutes>{decimals(s.minutes)}</Minutes>
                <span>{words}</span>
                <Stop data-poor={s.stop !== 'GOOD'}>{i < lesson.stages.length - 1 && s.stop !== 'GOOD' ? stopWords[s.stop] : ''}</Stop>
                {canSplit ? (
                  <LinkButton aria-label={formatMessage({ id: 'course.stage.splitBefore' }, { stage: words })} onPress={() => onSplit(s.id)}>
                    {formatMessage({ id: 'course.stage.split' })}
                  </LinkButton>
                ) : (
                  <span />
                )}
              </Line>
            </Fragment>
          );
        })}
      </List>
    </>
  );
}

const Bar = styled.div`display: flex; height: 26px; border: 1px solid ${colour.muted}; background: ${colour.raised};`;
const Tone = styled.span<{ $grey: string }>`background: ${(p) => p.$grey}; border-right: 1px solid ${colour.raised}; min-width: 1px;`;
const List = styled.ol`list-style: none; margin: ${space(2)} 0 0; padding: 0; columns: 2 300px; column-gap: ${space(6)};`;
const Line = styled.li`
  display: grid;
  grid-template-columns: 30px minmax(60px, 1fr) minmax(0, auto) 64px;
  gap: ${space(2)};
  align-items: baseline;
  font-size: ${sizes.small};
  padding: 1px 0;
  break-inside: avoid;
  button { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
const Minutes = styled.span`text-align: right; font-weight: 600;`;
const Stop = styled.span`color: ${colour.muted};`;
