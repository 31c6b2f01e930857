import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Select } from './Controls';
import { chooseEyes, eyesNames, filterValues, useEyes, type Eyes } from './eyes';
import { formatMessage } from '../words/intl';

/** Whose eyes to see colours with. */
export function EyesChoice() {
  const eyes = useEyes();
  return (
    <Wide>
      <Select
        label={formatMessage({ id: 'design.vision.label' })}
        value={eyes}
        onChange={(id) => chooseEyes(id as Eyes)}
        choices={(Object.keys(eyesNames) as Eyes[]).map((id) => ({ id, name: eyesNames[id] }))}
      />
    </Wide>
  );
}

/** What is inside, as the chosen eyes see it. Greys stay as they are. */
export function SeenBy({ children }: { children: ReactNode }) {
  const eyes = useEyes();
  const known = useQuery({ queryKey: ['eyes'], queryFn: () => body(api.GET('/api/kit/eyes')), enabled: eyes !== 'USUAL', staleTime: Infinity });
  const matrix = known.data?.find((e) => e.vision === eyes)?.matrix;
  return (
    <Frame data-seen-by={eyes} style={matrix ? { filter: 'url(#eyes)' } : undefined}>
      {matrix && (
        <Hidden aria-hidden width="0" height="0">
          <filter id="eyes" colorInterpolationFilters="linearRGB" x="0" y="0" width="100%" height="100%">
            <feColorMatrix type="matrix" values={filterValues(matrix)} />
          </filter>
        </Hidden>
      )}
      {children}
    </Frame>
  );
}

const Frame = styled.div`min-width: 0; min-height: 0; height: 100%;`;
const Wide = styled.div`width: 104px; & button { width: 100%; }`;
const Hidden = styled.svg`position: absolute;`;
