import styled from 'styled-components';
import { type Schemas } from '../api/client';
import { LabBoxes } from '../design/LabBoxes';
import { Asked } from '../design/Swatch';
import { sizes } from '../design/tokens';
import { gradeNames, passWords } from '../words/words';

export type Swatch = Schemas['MeasuredSwatch'];

/** What a teacher draws and measures: full pressure, and light once and three times. */
export const threeSwatches: Swatch[] = [
  { grade: 'FULL', passes: 2, lab: { l: 50, a: 0, b: 0 } },
  { grade: 'LIGHT', passes: 1, lab: { l: 90, a: 0, b: 0 } },
  { grade: 'LIGHT', passes: 3, lab: { l: 80, a: 0, b: 0 } },
];

interface Props {
  swatches: Swatch[];
  onChange: (swatches: Swatch[]) => void;
}

/** The colour of each swatch, to be typed in or as the meter read it. */
export function MeasuredSwatches({ swatches, onChange }: Props) {
  const set = (at: number, lab: Swatch['lab']) => onChange(swatches.map((s, i) => (i === at ? { grade: s.grade, passes: s.passes, lab } : s)));
  return swatches.map((s, i) => (
    <div key={i}>
      <Label>
        {s.colour && <Asked $colour={s.colour} $size={14} />} {gradeNames[s.grade]}, {passWords(s.passes)}
      </Label>
      <LabBoxes lab={s.lab} onChange={(lab) => set(i, lab)} />
    </div>
  ));
}

const Label = styled.p`font-weight: 600; font-size: ${sizes.small};`;
