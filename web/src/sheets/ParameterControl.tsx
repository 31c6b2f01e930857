import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { LinkButton, Segments, Select } from '../design/Controls';
import { Several } from '../design/Several';
import { Stepper } from '../design/Stepper';
import { Grained } from '../design/Swatch';
import { colour, sizes, space } from '../design/tokens';
import type { Planned, Value } from './draft';
import { DrawnLines } from './DrawnLines';
import { formatMessage } from '../words/intl';

type Parameter = Schemas['ParameterView'];
const MOST_IN_SIGHT = 3;
const AUTO = 'auto';

interface Props {
  parameter: Parameter;
  pencils: Schemas['KitView']['pencils'];
  used: Value | undefined;
  chosen: boolean;
  problem: Planned['problems'][number] | undefined;
  onChange: (value: Value) => void;
  onOpen: () => void;
}

/** One parameter, whatever its type; what cannot be is said below it with the nearest possible. */
export function ParameterControl(props: Props) {
  const { problem, onChange } = props;
  return (
    <div>
      <Control {...props} />
      {problem && (
        <Fault role="alert">
          ▲ {problem.words}{' '}
          {problem.nearest && (
            <LinkButton onPress={() => problem.nearest && onChange(problem.nearest)}>
              {formatMessage({ id: 'sheets.choice.useNearest' }, { nearest: nearestWords(problem.nearest) })}
            </LinkButton>
          )}
        </Fault>
      )}
    </div>
  );
}

function nearestWords(value: Value): string {
  return value.number == null ? formatMessage({ id: 'sheets.choice.nearest' }) : String(value.number);
}

function Control({ parameter: p, pencils, used, chosen, onChange, onOpen }: Props) {
  switch (p.type) {
    case 'WHOLE':
    case 'MEASURE':
      return p.mayBeLeftOpen && !chosen ? (
        <Left>
          {formatMessage({ id: 'sheets.choice.automaticFor' }, { label: p.label })}{' '}
          <LinkButton onPress={() => onChange({ number: Math.round(((p.least ?? 0) + (p.most ?? 0)) / 2) })}>{formatMessage({ id: 'sheets.choice.choose' })}</LinkButton>
        </Left>
      ) : (
        <>
          <Stepper label={p.label} value={used?.number ?? NaN} least={p.least ?? 0} most={p.most ?? 999} onChange={(number) => onChange({ number })} />
          {p.mayBeLeftOpen && <LinkButton onPress={onOpen}>{formatMessage({ id: 'sheets.choice.useAutomatic' })}</LinkButton>}
        </>
      );
    case 'CHOICE':
      return p.options.length <= MOST_IN_SIGHT ? (
        <Segments label={p.label} value={used?.word ?? ''} onChange={(word) => onChange({ word })} choices={p.options.map((o) => ({ id: o.id, name: o.label }))} />
      ) : (
        <Select label={p.label} value={used?.word ?? null} onChange={(word) => onChange({ word })} choices={p.options.map((o) => ({ id: o.id, name: o.label }))} />
      );
    case 'SEVERAL':
      return <Several label={p.label} value={used?.words ?? []} options={p.options} onChange={(words) => onChange({ words })} />;
    case 'LINES':
      return <DrawnLines parameter={p} used={used} onChange={onChange} onOpen={onOpen} />;
    case 'PENCIL': {
      const byId = new Map(pencils.map((x) => [x.id, x]));
      const choices = p.pencils.flatMap((id) => {
        const pencil = byId.get(id);
        return pencil ? [{ id, name: `${pencil.code} ${pencil.name}`, note: pencil.range, mark: <Grained colour={pencil.colour} /> }] : [];
      });
      return (
        <Select
          label={p.label}
          value={chosen || !p.mayBeLeftOpen ? (used?.pencil ?? null) : AUTO}
          onChange={(id) => (id === AUTO ? onOpen() : onChange({ pencil: id }))}
          choices={p.mayBeLeftOpen ? [{ id: AUTO, name: formatMessage({ id: 'sheets.choice.automatic' }) }, ...choices] : choices}
        />
      );
    }
  }
}

const Left = styled.p`color: ${colour.muted}; button { color: ${colour.ink}; }`;
const Fault = styled.p`font-size: ${sizes.small}; font-weight: 600; margin-top: ${space(1)}; color: ${colour.ink};`;
