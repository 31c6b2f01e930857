import { Fragment, type ReactNode } from 'react';
import { Disclosure, DisclosurePanel, Heading, Button as AriaButton } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Brought } from '../bench/Bench';
import type { Holding } from '../classes/useThreshold';
import { LinkButton } from '../design/Controls';
import { Asked, Grained } from '../design/Swatch';
import { eyesNames } from '../design/eyes';
import { colour, sizes, space } from '../design/tokens';
import { faces } from './previewTokens';
import type { Draft, Goal, Planned, Value } from './draft';
import { Thresholds } from './Thresholds';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';
import { DataTable } from '../design/Table';

interface Props {
  draft: Draft;
  /** Its id in the kit. */
  paper: string;
  onValues: (exercise: number, change: Record<string, Value>) => void;
  /** What to multiply the usual thresholds of a goal by; undefined to follow the class again. */
  onThreshold: (exercise: number, goal: Goal, factor: number | undefined) => void;
  /** Whose method is followed. */
  schoolClass: Holding | undefined;
}

/** So many pairs of pencils are named. */
const MOST_PAIRS = 3;

/** What follows from the choices: each field with its recipe and what it gives, and what cannot be done, beside it. */
export function Consequences({ draft, paper, onValues, onThreshold, schoolClass }: Props) {
  return (
    <>
      {draft.confusions.length > 0 && <Alike confusions={draft.confusions} />}
      {draft.lessons && schoolClass && (
        <Finding>
          ▲{' '}
          {formatMessage(
            { id: 'sheets.takesLessons' },
            { minutes: Math.round(draft.lessons.minutes), name: schoolClass.name, room: Math.round(draft.lessons.room), lessons: draft.lessons.lessons },
          )}
        </Finding>
      )}
      {draft.exercises.map((e, i) => (
        <section key={i} aria-label={e.title}>
          <Head>
            <h2>{e.title}</h2>
            {e.minutes > 0 && <span>{formatMessage({ id: 'sheets.minutes' }, { minutes: Math.round(e.minutes) })}</span>}
          </Head>
          {e.problems.map((p) => (
            <Finding key={p.parameter} role="alert">
              ▲ {p.words}
            </Finding>
          ))}
          <Findings findings={e.findings.filter((f) => !f.field)} onValues={(change) => onValues(i, change)} />
          {e.fields.length > 0 && <Fields exercise={e} paper={paper} onValues={(change) => onValues(i, change)} />}
          {e.fields.length > 0 && e.findings.length === 0 && <Fine>{formatMessage({ id: 'sheets.findings.none' })}</Fine>}
          {e.goals.length > 0 && (
            <More exercise={e}>
              <Thresholds goals={e.goals} schoolClass={schoolClass} onThreshold={(goal, factor) => onThreshold(i, goal, factor)} />
            </More>
          )}
        </section>
      ))}
    </>
  );
}

/** Pencils that some eyes tell apart by their codes only. */
function Alike({ confusions }: { confusions: Draft['confusions'] }) {
  const more = confusions.length - MOST_PAIRS;
  return (
    <Finding>
      {formatMessage(
        { id: 'sheets.colourVision.warning' },
        {
          pairs: confusions
            .slice(0, MOST_PAIRS)
            .map((c) => formatMessage({ id: 'sheets.colourVision.pair' }, { one: c.one, other: c.other, vision: eyesNames[c.vision] }))
            .join('; '),
          others: Math.max(0, more),
        },
      )}
    </Finding>
  );
}

interface FieldsProps {
  exercise: Planned;
  paper: string;
  onValues: (change: Record<string, Value>) => void;
}

function Fields({ exercise, paper, onValues }: FieldsProps) {
  return (
    <Table>
      <thead>
        <tr>
          <th>{formatMessage({ id: 'sheets.box.label' })}</th>
          <th>{formatMessage({ id: 'sheets.box.asked' })}</th>
          <th>{formatMessage({ id: 'sheets.exercise.order' })}</th>
          <th>{formatMessage({ id: 'sheets.box.givesHeading' })}</th>
        </tr>
      </thead>
      <tbody>
        {exercise.fields.map((f) => {
          const findings = exercise.findings.filter((x) => x.field === f.id);
          return (
            <Fragment key={f.id}>
              <tr>
                <td>
                  <b>{f.id}</b>
                  {f.label && <Label>{f.label}</Label>}
                </td>
                <td>
                  {f.ask === 'VALUE' && f.askedValue?.toFixed(1)}
                  {f.ask === 'COLOUR' && <Asked $colour={f.asked[0] ?? 'none'} $size={14} />}
                </td>
                <td>
                  {f.recipe.map((line, i) => (
                    <Line key={i}>{line.replaceAll(' ×', '\u00a0×')}</Line>
                  ))}
                  {f.recipe.length === 0 && <Line>{f.ask === 'NOTHING' ? formatMessage({ id: 'sheets.print.practice' }) : formatMessage({ id: 'sheets.box.bare' })}</Line>}
                </td>
                <td>
                  {f.recipe.length > 0 && !f.picture && (
                    <Gives
                      to="/bench"
                      state={{ stack: { paper, layers: f.layers }, of: formatMessage({ id: 'sheets.box.spoken' }, { title: exercise.title, box: f.id }) } satisfies Brought}
                      aria-label={formatMessage({ id: 'sheets.box.tryOnBench' }, { value: decimals(f.predictedValue, 1), box: f.id })}
                      title={formatMessage({ id: 'sheets.box.tryIt' })}
                    >
                      {ends(f.predicted).map((c, i) => (
                        <Grained key={i} colour={c} width={f.predicted.length > 1 ? 16 : 26} height={16} />
                      ))}
                      {decimals(f.predictedValue, 1)}
                    </Gives>
                  )}
                </td>
              </tr>
              {findings.length > 0 && (
                <tr>
                  <td colSpan={4}>
                    <Findings findings={findings} onValues={onValues} />
                  </td>
                </tr>
              )}
            </Fragment>
          );
        })}
      </tbody>
    </Table>
  );
}

/** What a field gives: one colour, of a strip both ends. */
const ends = (colours: readonly string[]) => colours.filter((_, i) => i === 0 || i === colours.length - 1);

function Findings({ findings, onValues }: { findings: Planned['findings']; onValues: (change: Record<string, Value>) => void }) {
  return findings.map((f, i) => (
    <Finding key={i}>
      ▲ {f.words}{' '}
      {f.remedies.map((r) => (
        <LinkButton key={r.words} onPress={() => onValues(r.change)}>
          {r.words}
        </LinkButton>
      ))}
    </Finding>
  ));
}

/** Goals, what to show, what goes wrong, what to mind: there when wanted. */
function More({ exercise, children }: { exercise: Planned; children: ReactNode }) {
  return (
    <Disclosure>
      <Heading level={3}>
        <Opener slot="trigger">{formatMessage({ id: 'sheets.goals.heading' })}</Opener>
      </Heading>
      <DisclosurePanel>
        {children}
        <List>
          {exercise.notes.map((n) => (
            <li key={n}>{n}</li>
          ))}
          {exercise.faults.map((f) => (
            <li key={f.sign}>
              <b>{f.sign}</b>: {f.say}
            </li>
          ))}
        </List>
        <List>
          {exercise.cautions.map((c) => (
            <li key={c}>▲ {c}</li>
          ))}
        </List>
      </DisclosurePanel>
    </Disclosure>
  );
}

const Head = styled.div`display: flex; justify-content: space-between; align-items: baseline; gap: ${space(3)}; margin-bottom: ${space(2)}; span { color: ${colour.muted}; white-space: nowrap; }`;
const Table = styled(DataTable)`
  width: 100%;
  td:first-child:not([colspan]) { max-width: 86px; }
  td:last-child:not([colspan]) { white-space: nowrap; }
`;
const Label = styled.span`display: block; font-size: ${sizes.small}; color: ${colour.muted}; line-height: 1.2;`;
const Line = styled.span`display: block; line-height: 1.35;`;
const Gives = styled(Link)`display: inline-flex; align-items: center; gap: ${space(1)}; color: ${colour.ink}; font-variant-numeric: tabular-nums;`;
const Finding = styled.p`
  margin: ${space(1)} 0;
  padding: ${space(1)} ${space(2)};
  border-left: 3px solid ${colour.ink};
  background: ${colour.wash};
  line-height: 1.35;
  button { margin-right: ${space(2)}; }
`;
const Fine = styled.p`color: ${colour.muted}; margin-top: ${space(2)};`;
const Opener = styled(AriaButton)`
  margin-top: ${space(2)};
  padding: ${space(1)} 0;
  border: 0;
  background: none;
  font-family: ${faces.text};
  font-size: ${sizes.text};
  font-weight: 600;
  text-decoration: underline;
  cursor: pointer;
`;
const List = styled.ul`margin: ${space(2)} 0 0; padding-left: ${space(4)}; li { margin-bottom: 2px; }`;
