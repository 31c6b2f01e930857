import { useMutation, useQuery } from '@tanstack/react-query';
import { Button as AriaButton } from 'react-aria-components';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { served } from '../api/served';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, Segments, Select } from '../design/Controls';
import { Notice } from '../design/States';
import { Grained } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import { layerManner, layerTitle, type Goal, type Kit, type StackData } from './stack';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

type Closeness = NonNullable<Schemas['RecipeRequest']['closeness']>;
const WHOLE = 'whole';

interface Props {
  kit: Kit;
  paper: string;
  goal: Goal;
  /** Whose method is kept; null for no class. */
  schoolClass: string | null;
  onTake: (stack: StackData) => void;
}

/** Finds the recipe for the goal colour, and closer ones with more pencils. */
export function Recipes({ kit, paper, goal, schoolClass, onTake }: Props) {
  const [set, setSet] = useState(WHOLE);
  const [chosen, setChosen] = useState<Closeness | null>(null);
  const classes = useQuery(served.taught);
  const method = classes.data?.find((c) => c.id === schoolClass)?.method;
  const closeness = chosen ?? (method ? (method.includes('VALUES_RIGHT') ? 'VALUE_FIRST' : 'COLOUR') : 'VALUE_FIRST');
  const find = useMutation({
    mutationFn: () =>
      body(
        api.POST('/api/bench/recipes', {
          body: { stack: { paper, layers: [] }, goal, closeness, mostLayers: 4, ...(set === WHOLE ? {} : { set }), ...(schoolClass ? { schoolClass } : {}) },
        }),
      ),
  });
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => list.current?.scrollIntoView({ block: 'nearest' }), [find.data]);
  return (
    <Panel aria-label={formatMessage({ id: 'bench.recipe.list' })}>
      <Select
        label={formatMessage({ id: 'bench.recipe.findWith' })}
        value={set}
        onChange={setSet}
        choices={[{ id: WHOLE, name: formatMessage({ id: 'bench.pencils.wholeKit' }) }, ...kit.sets.map((s) => ({ id: s.id, name: s.name }))]}
      />
      <Segments
        label={formatMessage({ id: 'bench.nearest.in' })}
        value={closeness}
        onChange={setChosen}
        choices={[
          { id: 'VALUE_FIRST', name: formatMessage({ id: 'bench.goal.valueFirst' }) },
          { id: 'COLOUR', name: formatMessage({ id: 'bench.goal.colour' }) },
          { id: 'VALUE_ONLY', name: formatMessage({ id: 'bench.goal.valueShort' }) },
        ]}
      />
      <Button onPress={() => find.mutate()} isDisabled={find.isPending}>
        {find.isPending ? formatMessage({ id: 'bench.recipe.searching' }) : formatMessage({ id: 'bench.recipe.find' })}
      </Button>
      {find.error && <Notice role="alert">▲ {find.error instanceof ApiError ? find.error.message : formatMessage({ id: 'bench.unreachable' })}</Notice>}
      {find.data?.length === 0 && <p>{formatMessage({ id: 'bench.recipe.none' })}</p>}
      <List ref={list}>
        {find.data?.map((r, i) => (
          <li key={i}>
            {i < 2 && <Heading>{i === 0 ? formatMessage({ id: 'bench.recipe.heading' }) : formatMessage({ id: 'bench.recipe.closer' })}</Heading>}
            <Take onPress={() => onTake(r.stack)} aria-label={formatMessage({ id: 'bench.recipe.use' }, { number: String(i + 1), error: decimals(r.error, 1) })}>
              <Grained colour={r.colour} width={34} height={34} />
              <span>
                {formatMessage(
                  { id: 'bench.recipe.summary' },
                  {
                    error: decimals(r.error, 1),
                    strong: (words) => <b>{words}</b>,
                    minutes: decimals(r.minutes, 1),
                    toothLeft: Math.round(100 * r.toothLeft),
                  },
                )}
                {r.stack.layers.map((layer, j) => (
                  <Line key={j}>
                    {layerTitle(layer, kit)}, {layerManner(layer).split(' · sharp')[0]}
                  </Line>
                ))}
              </span>
            </Take>
          </li>
        ))}
      </List>
    </Panel>
  );
}

const Panel = styled.section`display: flex; flex-direction: column; gap: ${space(2)};`;
const List = styled.ol`margin: 0; padding: 0; list-style: none;`;
const Take = styled(AriaButton)`
  display: flex;
  gap: ${space(2)};
  width: 100%;
  padding: ${space(1)} 0;
  border: 0;
  border-bottom: 1px solid ${colour.line};
  background: none;
  color: ${colour.ink};
  text-align: left;
  font-size: ${sizes.small};
  cursor: pointer;
  &[data-hovered] { background: ${colour.wash}; }
  &[data-focus-visible] { outline: 2px solid ${colour.ink}; outline-offset: 1px; }
`;
const Heading = styled.h4`margin: ${space(2)} 0 0; font-size: ${sizes.small}; font-weight: 600;`;
const Line = styled.span`display: block; color: ${colour.muted};`;
