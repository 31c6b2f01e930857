import styled from 'styled-components';
import { NumberBox } from './NumberBox';
import { space } from './tokens';
import { formatMessage } from '../words/intl';

interface Lab {
  l: number;
  a: number;
  b: number;
}

/** A colour as its three CIELAB numbers under D65. */
export function LabBoxes({ lab, onChange }: { lab: Lab; onChange: (lab: Lab) => void }) {
  return (
    <Three>
      <NumberBox label={formatMessage({ id: 'design.axis.lightness' })} value={lab.l} least={0} most={100} onChange={(l) => onChange({ ...lab, l })} />
      <NumberBox label={formatMessage({ id: 'design.axis.a' })} value={lab.a} least={-150} most={150} onChange={(a) => onChange({ ...lab, a })} />
      <NumberBox label={formatMessage({ id: 'design.axis.b' })} value={lab.b} least={-150} most={150} onChange={(b) => onChange({ ...lab, b })} />
    </Three>
  );
}

const Three = styled.div`display: grid; grid-template-columns: repeat(3, 1fr); gap: ${space(2)};`;
