import { forgetDraft } from '../design/useDraft';
import { Button as AriaButton, Disclosure, DisclosurePanel, Heading } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Button, LinkButton, Segments, Select, Words } from '../design/Controls';
import { Asked } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import type { ComposerProps } from './composing';
import { NEW_SHEET, MOST_EXERCISES, type SheetData, withExercises, withoutValue, withValues } from './draft';
import { ParameterControl } from './ParameterControl';
import { faces } from './previewTokens';
import { formatMessage } from '../words/intl';

const NONE = 'none';

/** What the sheet is for, and its exercises with what can be chosen of each. */
export function Parameters({ kit, kinds, sheets, classes, open, request, onRequest, draft }: ComposerProps) {
  const navigate = useNavigate();
  const { data } = request;
  return (
    <Side>
      <Select
        label={formatMessage({ id: 'sheets.sheet' })}
        value={open?.id ?? 'new'}
        onChange={(id) => {
          if (id === 'new') {
            forgetDraft(NEW_SHEET);
          }
          void navigate(id === 'new' ? '/sheets' : `/sheets/${id}`);
        }}
        choices={[{ id: 'new', name: formatMessage({ id: 'sheets.newSheet' }) }, ...sheets.map((s) => ({ id: s.id, name: s.title, note: s.printed ? 'printed' : 'draft' }))]}
      />
      <Rules kit={kit} classes={classes} request={request} onRequest={onRequest} />
      {data.exercises.map((exercise, i) => (
        <Exercise key={i}>
          <Select
            label={
              data.exercises.length > 1
                ? formatMessage({ id: 'sheets.exercise.number' }, { number: String.fromCharCode(65 + i) })
                : formatMessage({ id: 'sheets.exercise.heading' })
            }
            value={exercise.kind}
            onChange={(kind) =>
              onRequest(
                withExercises(
                  request,
                  data.exercises.map((e, j) => (j === i ? { kind, values: {} } : e)),
                ),
              )
            }
            choices={kinds.map((k) => ({ id: k.id, name: k.name }))}
          />
          <Teaches>{kinds.find((k) => k.id === exercise.kind)?.teaches}</Teaches>
          <Controls index={i} kit={kit} request={request} onRequest={onRequest} draft={draft} />
          {data.exercises.length > 1 && (
            <LinkButton
              onPress={() =>
                onRequest(
                  withExercises(
                    request,
                    data.exercises.filter((_, j) => j !== i),
                  ),
                )
              }
            >
              {formatMessage({ id: 'sheets.exercise.remove' }, { number: String.fromCharCode(65 + i) })}
            </LinkButton>
          )}
        </Exercise>
      ))}
      {data.exercises.length < MOST_EXERCISES && (
        <Button onPress={() => onRequest(withExercises(request, [...data.exercises, { kind: kinds[0]?.id ?? '', values: {} }]))}>
          {formatMessage({ id: 'sheets.exercise.add' })}
        </Button>
      )}
      <Exercise>
        <Words
          label={formatMessage({ id: 'sheets.title' })}
          value={request.title ?? ''}
          onChange={(title) => onRequest(title ? { ...request, title } : { data })}
          hint={formatMessage({ id: 'sheets.title.help' })}
        />
      </Exercise>
    </Side>
  );
}

/** What rules every exercise of the sheet, in one line until it is opened: whose method, which pencils, which paper. */
function Rules({ kit, classes, request, onRequest }: Pick<ComposerProps, 'kit' | 'classes' | 'request' | 'onRequest'>) {
  const { data } = request;
  const set = (change: Partial<SheetData>) => onRequest({ ...request, data: { ...data, ...change } });
  const without = (key: 'set' | 'schoolClass') => onRequest({ ...request, data: Object.fromEntries(Object.entries(data).filter(([k]) => k !== key)) as unknown as SheetData });
  const inShort = [
    classes.find((c) => c.id === data.schoolClass)?.name ?? formatMessage({ id: 'sheets.method.usual' }),
    kit.sets.find((s) => s.id === data.set)?.name ?? formatMessage({ id: 'sheets.set.wholeKitShort' }),
    kit.papers.find((p) => p.id === data.paper)?.name,
    data.pageSize === 'A4' ? 'A4' : 'Letter',
  ];
  return (
    <Disclosure>
      <Heading level={2}>
        <Opener slot="trigger">
          {formatMessage({ id: 'sheets.madeFor' })}
          <span>{inShort.filter(Boolean).join(' · ')}</span>
        </Opener>
      </Heading>
      <DisclosurePanel>
        <Ruling>
          <Select
            label={formatMessage({ id: 'sheets.method.of' })}
            value={data.schoolClass ?? NONE}
            onChange={(id) => (id === NONE ? without('schoolClass') : set({ schoolClass: id }))}
            choices={[{ id: NONE, name: formatMessage({ id: 'sheets.threshold.usual' }) }, ...classes.map((c) => ({ id: c.id, name: c.name }))]}
          />
          <Select
            label={formatMessage({ id: 'sheets.set.label' })}
            value={data.set ?? NONE}
            onChange={(id) => (id === NONE ? without('set') : set({ set: id }))}
            choices={[{ id: NONE, name: formatMessage({ id: 'sheets.set.wholeKit' }) }, ...kit.sets.map((s) => ({ id: s.id, name: s.name }))]}
          />
          <Select
            label={formatMessage({ id: 'sheets.paper' })}
            value={data.paper}
            onChange={(paper) => set({ paper })}
            choices={kit.papers.map((p) => ({ id: p.id, name: p.name, mark: <Asked $colour={p.colour} /> }))}
          />
          <Segments
            label={formatMessage({ id: 'sheets.page' })}
            value={data.pageSize}
            onChange={(pageSize) => set({ pageSize })}
            choices={[
              { id: 'A4', name: 'A4' },
              { id: 'LETTER', name: 'Letter' },
            ]}
          />
        </Ruling>
      </DisclosurePanel>
    </Disclosure>
  );
}

type ControlsProps = Pick<ComposerProps, 'kit' | 'request' | 'onRequest' | 'draft'> & { index: number };

function Controls({ index, kit, request, onRequest, draft }: ControlsProps) {
  const planned: Schemas['ExerciseView'] | undefined = draft?.exercises[index];
  const asked = request.data.exercises[index];
  if (!planned || !asked || planned.kind.id !== asked.kind) {
    return null;
  }
  return planned.parameters.map((p) => (
    <ParameterControl
      key={p.name}
      parameter={p}
      pencils={kit.pencils}
      used={asked.values[p.name] ?? planned.used[p.name]}
      chosen={asked.values[p.name] !== undefined}
      problem={planned.problems.find((x) => x.parameter === p.name)}
      onChange={(value) => onRequest(withValues(request, index, { [p.name]: value }))}
      onOpen={() => onRequest(withoutValue(request, index, p.name))}
    />
  ));
}

const Side = styled.div`
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  padding: ${space(4)} ${space(5)};
  overflow: auto;
  min-height: 0;
  & > button { align-self: flex-start; }
  @media (max-width: 1100px) { padding: ${space(4)} ${space(3)}; }
`;
const Exercise = styled.div`
  display: flex;
  flex-direction: column;
  gap: ${space(3)};
  padding-top: ${space(3)};
  border-top: 1px solid ${colour.ink};
  & > button { align-self: flex-start; }
`;
const Ruling = styled.div`display: flex; flex-direction: column; gap: ${space(3)}; padding-top: ${space(3)};`;
const Opener = styled(AriaButton)`
  display: block;
  width: 100%;
  padding: ${space(2)} 0;
  border: 0;
  border-top: 1px solid ${colour.ink};
  background: none;
  font-family: ${faces.text};
  font-size: ${sizes.small};
  font-weight: 400;
  text-align: left;
  color: ${colour.muted};
  cursor: pointer;
  span { display: block; color: ${colour.ink}; font-size: ${sizes.text}; text-decoration: underline; text-underline-offset: 3px; }
`;
const Teaches = styled.p`margin-top: -${space(2)}; font-size: ${sizes.small}; color: ${colour.muted};`;
