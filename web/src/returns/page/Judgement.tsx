import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type KeyboardEvent, useRef, useState } from 'react';
import { RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { useClassAccess } from '../../account/useClassAccess';
import { api, body, type Schemas } from '../../api/client';
import { Button, LinkButton, MainButton } from '../../design/Controls';
import { MetricHelp } from '../../design/MetricHelp';
import { Aside } from '../../design/Text';
import { colour, levelGreys, sizes, space } from '../../design/tokens';
import { useKeys } from '../../design/useKeys';
import { causeWords, levelNames, decimals } from '../../words/words';
import { FigureBar } from './FigureBar';
import { ConflictNotice } from '../../design/ConflictNotice';
import { pageQuery } from '../pageQuery';
import { formatMessage } from '../../words/intl';
import { Radio } from '../../design/Chosen';

type GoalView = Schemas['GoalView'];
const levelCodes = ['NOT_TRIED', 'BEGINNING', 'NEARLY', 'SECURE', 'BEYOND'] as const;

interface Props {
  page: Schemas['PageRow'];
  goals: GoalView[];
  before: Schemas['BeforeView'] | undefined;
  onField: (field: string | null) => void;
  onConfirmed: () => void;
  onStep: (by: 1 | -1) => void;
}

/**
 * The proposed level of each goal with its figure and cause. By keyboard: up and down (or Tab) from goal to goal, a digit
 * or left and right for the level, A takes what is sure and goes to what is close, Enter confirms and goes to the next page (it stops once where a level is borderline),
 * U takes a confirmation back, N and P go from page to page.
 */
export function Judgement({ page, goals, before, onField, onConfirmed, onStep }: Props) {
  const queries = useQueryClient();
  const { mayMark } = useClassAccess();
  const frame = useRef<HTMLElement>(null);
  const [levels, setLevels] = useState<Record<string, number>>(() => Object.fromEntries(goals.map((g) => [g.id, g.level ?? g.proposed])));
  const [looked, setLooked] = useState<Set<string>>(new Set());
  const confirm = useMutation({
    mutationFn: (seen: string) =>
      body(
        api.POST('/api/returns/pages/{id}/confirmation', {
          params: { path: { id: page.id } },
          body: {
            seen,
            changed: goals.map((g) => ({ mark: g.id, level: levelCodes[levels[g.id] ?? 0] ?? 'NOT_TRIED' })),
          },
        }),
      ),
    onSuccess: (detail) => {
      // At once, so that the next page is one that is still open however fast the keys come.
      queries.setQueryData(pageQuery(page.id).queryKey, detail);
      queries.setQueryData<Schemas['PageRow'][]>(['returns', page.place?.run], (rows) => rows?.map((r) => (r.id === page.id ? detail.row : r)));
      onConfirmed();
      return Promise.all(['returns', 'wall', 'today'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
    },
  });
  const reopen = useMutation({
    mutationFn: (seen: string) => api.POST('/api/returns/pages/{id}/reopening', { params: { path: { id: page.id } }, body: { seen } }),
    onSuccess: () => queries.invalidateQueries(),
  });
  /** The page as it is now, after somebody else changed it. */
  const fetched = () => queries.query({ ...pageQuery(page.id), staleTime: 0 });
  const showTheirs = async () => {
    const now = await fetched();
    setLevels(Object.fromEntries(now.goals.map((g) => [g.id, g.level ?? g.proposed])));
    confirm.reset();
    reopen.reset();
    await queries.invalidateQueries({ queryKey: ['returns'] });
  };
  const saveMine = async () => {
    const { seen } = (await fetched()).row;
    (reopen.error ? reopen : confirm).mutate(seen);
  };
  const set = (mark: string, level: number) => {
    setLevels((before) => ({ ...before, [mark]: level }));
    setLooked((before) => new Set(before).add(mark));
  };
  const toLook = page.confirmed || !mayMark ? [] : goals.filter((g) => g.close && !looked.has(g.id));
  /** Enter stops once where a level is borderline, and confirms when it is pressed again. */
  const stopped = useRef(false);
  const enter = () => {
    if (toLook.length > 0 && !stopped.current) {
      stopped.current = true;
      accept();
    } else {
      confirm.mutate(page.seen);
    }
  };
  const accept = () => {
    const first = toLook[0];
    if (first) {
      frame.current?.querySelector<HTMLInputElement>(`[data-mark="${first.id}"] input:checked`)?.focus();
    } else if (mayMark) {
      confirm.mutate(page.seen);
    }
  };
  useKeys((key) => {
    const act = { a: accept, n: () => onStep(1), p: () => onStep(-1), u: () => mayMark && page.confirmed && reopen.mutate(page.seen) }[key];
    act?.();
    return act !== undefined;
  });
  const best = goals.find((g) => (levels[g.id] ?? 0) >= 3);
  const worst = [...goals].filter((g) => g.found.cause && (levels[g.id] ?? 0) < 3).sort((a, b) => (levels[a.id] ?? 0) - (levels[b.id] ?? 0))[0];

  return (
    <section
      ref={frame}
      aria-label={formatMessage({ id: 'returns.reread.judgement' })}
      onKeyDownCapture={(event) => {
        if (mayMark && event.key === 'Enter' && !(event.target instanceof HTMLButtonElement)) {
          event.preventDefault();
          enter();
        }
      }}
    >
      <Head>
        <h2>{page.place?.student.name}</h2>
        {mayMark && (
          <Buttons>
            {!page.confirmed && toLook.length > 0 && (
              <Button onPress={accept}>{formatMessage({ id: 'returns.action.checkBorderline' }, { count: toLook.length, kbd: (words) => <kbd>{words}</kbd> })}</Button>
            )}
            {page.confirmed && (
              <Button onPress={() => reopen.mutate(page.seen)} isDisabled={reopen.isPending}>
                {formatMessage({ id: 'returns.action.undo' }, { kbd: (words) => <kbd>{words}</kbd> })}
              </Button>
            )}
            {/* eslint-disable-next-line jsx-a11y/no-autofocus -- a page after another is gone through by Enter */}
            <MainButton onPress={() => confirm.mutate(page.seen)} isDisabled={confirm.isPending} autoFocus={!page.confirmed}>
              {page.confirmed ? formatMessage({ id: 'returns.action.confirmAgain' }) : formatMessage({ id: 'returns.action.confirmAndNext' })}
            </MainButton>
          </Buttons>
        )}
      </Head>
      <ConflictNotice error={confirm.error ?? reopen.error} onTheirs={() => void showTheirs()} onMine={() => void saveMine()} />
      <Goals>
        {goals.map((goal) => (
          <GoalRow
            key={goal.id}
            goal={goal}
            before={levelBefore(before, goal)}
            level={levels[goal.id] ?? 0}
            looked={!toLook.includes(goal)}
            isOpen={mayMark}
            onLevel={(l) => set(goal.id, l)}
            onField={onField}
          />
        ))}
      </Goals>
      {goals.length === 0 && <p>{formatMessage({ id: 'returns.page.notMeasurable' })}</p>}
      <Say>
        {best && <span>{best.called.praise} </span>}
        {worst?.found.cause && <b>{formatMessage({ id: 'returns.page.nextStep' }, { next: worst.found.cause.next })}</b>}
      </Say>
      <Keys>
        {mayMark && <>{formatMessage({ id: 'returns.keys.marking' }, { kbd: (words) => <kbd>{words}</kbd> })} · </>}
        <LinkButton onPress={() => onStep(1)}>{formatMessage({ id: 'returns.keys.next' })}</LinkButton> ·{' '}
        <LinkButton onPress={() => onStep(-1)}>{formatMessage({ id: 'returns.keys.previous' })}</LinkButton>
      </Keys>
    </section>
  );
}

interface GoalRowProps {
  goal: GoalView;
  /** What the student had reached on the page before. */
  before: number | undefined;
  level: number;
  /** False for a close call that has not been looked at. */
  looked: boolean;
  /** False for who may only look. */
  isOpen: boolean;
  onLevel: (level: number) => void;
  onField: (field: string | null) => void;
}

function GoalRow({ goal, before, level, looked, isOpen, onLevel, onField }: GoalRowProps) {
  const figure = goal.found.figure == null ? null : goal.found.figure;
  const onKey = (event: KeyboardEvent<HTMLElement>) => {
    if (isOpen && /^[0-4]$/.test(event.key)) {
      onLevel(Number(event.key));
    } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      event.stopPropagation();
      moveTo(event.currentTarget, event.key === 'ArrowDown' ? 1 : -1);
    }
  };
  return (
    <Row onKeyDownCapture={onKey} onFocus={() => onField(goal.found.field ?? null)} onBlur={() => onField(null)} data-goal={goal.goal} data-mark={goal.id}>
      <div>
        <b>
          <MetricHelp code={goal.goal} label={goal.called.label} />
        </b>{' '}
        {goal.exercise && <Aside>{goal.exercise}</Aside>}{' '}
        {goal.close &&
          (looked ? <Close>{formatMessage({ id: 'returns.goal.borderlineShort' })}</Close> : <Close $strong>{formatMessage({ id: 'returns.goal.borderline' })}</Close>)}
        {before !== undefined && <Aside> {formatMessage({ id: 'returns.compare.before' }, { before })}</Aside>}
        {level !== goal.proposed && <Close>{formatMessage({ id: 'returns.goal.suggested' }, { level: goal.proposed })}</Close>}
        <Figure>
          {figure === null
            ? formatMessage({ id: 'returns.box.nothingDrawn' })
            : formatMessage(
                { id: 'returns.goal.figure' },
                {
                  figure: goal.called.figure,
                  unit: figure >= 999 ? formatMessage({ id: 'returns.cause.noOrder' }) : `${decimals(figure, goal.called.digits)} ${goal.called.unit}`,
                  error: figure < 999 && goal.found.plusMinus ? ` ± ${decimals(goal.found.plusMinus, goal.called.digits)}` : '',
                  direction: goal.ladder.nearly < goal.ladder.beyond ? formatMessage({ id: 'returns.filter.from' }) : formatMessage({ id: 'returns.filter.to' }),
                  limit: decimals(goal.ladder.secure, goal.called.digits),
                },
              )}
          {goal.found.cause && level < 3 && <Cause> · {causeWords(goal.found.cause, where(goal))}</Cause>}
        </Figure>
        <FigureBar goal={goal} />
      </div>
      <Choice
        aria-label={formatMessage({ id: 'returns.goal.level' }, { label: goal.called.label })}
        orientation="horizontal"
        isReadOnly={!isOpen}
        value={String(level)}
        onChange={(v) => onLevel(Number(v))}
      >
        {levelNames.map((name, l) => (
          <Chip key={name} value={String(l)} aria-label={`${l} ${name}`} $level={l}>
            {l}
          </Chip>
        ))}
      </Choice>
    </Row>
  );
}

const levelBefore = (before: Props['before'], goal: GoalView) => before?.levels.find((l) => l.goal === goal.goal && l.exercise === goal.exercise)?.level;

/** The field to look at, and where along it. */
const where = ({ found }: GoalView) =>
  found.field && found.atMm != null ? formatMessage({ id: 'returns.strip.at' }, { strip: found.field, atMm: decimals(found.atMm, 0) }) : found.field;

/** Puts the focus on the level of the goal before or after. */
function moveTo(row: HTMLElement, by: 1 | -1) {
  const next = by === 1 ? row.nextElementSibling : row.previousElementSibling;
  next?.querySelector<HTMLInputElement>('input:checked')?.focus();
}

const Head = styled.div`display: flex; flex-wrap: wrap; align-items: center; justify-content: space-between; gap: ${space(3)}; margin-bottom: ${space(2)};`;
const Buttons = styled.div`display: flex; flex-wrap: wrap; gap: ${space(2)}; kbd { font: inherit; text-decoration: underline; }`;
const Goals = styled.div`border-top: 1px solid ${colour.line};`;
const Row = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: ${space(3)};
  padding: 5px 0;
  border-bottom: 1px solid ${colour.line};
  &:focus-within { background: ${colour.wash}; box-shadow: -8px 0 0 ${colour.wash}; }
`;
const Figure = styled.p`font-size: ${sizes.small}; color: ${colour.muted}; line-height: 1.25;`;
const Cause = styled.span`color: ${colour.ink};`;
const Close = styled.span<{ $strong?: boolean }>`
  font-size: ${sizes.small};
  border: 1px solid ${colour.ink};
  padding: 0 ${space(1)};
  margin-left: ${space(1)};
  background: ${(p) => (p.$strong ? colour.ink : 'none')};
  color: ${(p) => (p.$strong ? colour.paper : colour.ink)};
`;
const Choice = styled(RadioGroup)`display: flex; flex: none;`;
const Chip = styled(Radio)<{ $level: number }>`
  display: grid;
  place-items: center;
  width: 30px;
  height: 30px;
  margin-left: -1px;
  border: 1px solid ${colour.line};
  font-weight: 600;
  color: ${colour.muted};
  cursor: pointer;
  &[data-selected] {
    background: ${(p) => levelGreys[p.$level]};
    color: ${(p) => (p.$level >= 3 ? levelGreys[0] : levelGreys[4])};
    border-color: ${colour.ink};
    z-index: 1;
  }
  &[data-focus-visible] { outline: 2px solid ${colour.ink}; outline-offset: 2px; z-index: 2; }
`;
const Say = styled.p`margin-top: ${space(2)};`;
const Keys = styled.p`font-size: ${sizes.small}; color: ${colour.muted}; margin-top: ${space(1)};`;
