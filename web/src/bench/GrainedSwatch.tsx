import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useLayoutEffect, useRef } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { painted } from './grain';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

type Look = Pick<Schemas['LookView'], 'tones' | 'grainMm' | 'stroke' | 'colour' | 'specks'>;

/** How near the eye is. */
export type Zoom = 'ARM' | 'NEAR' | 'LOUPE';

interface Props {
  look: Look;
  zoom: Zoom;
  width: number;
  height: number;
  stale: boolean;
}

/**
 * The swatch with its grain. Which tone a pixel shows depends on the paper and the stroke only, so it is asked for once; each
 * look then brings no more than its tones. What was drawn stays until the new is there.
 */
export function GrainedSwatch({ look, zoom, width, height, stale }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const of = { grainMm: look.grainMm, stroke: look.stroke, zoom, width, height };
  const grain = useQuery({
    queryKey: ['grain', of],
    queryFn: async () => ({
      width: of.width,
      height: of.height,
      tone: new Uint8Array(await body(api.GET('/api/bench/grain', { params: { query: of }, parseAs: 'arrayBuffer' }))),
    }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const { tones, colour } = look;
  useLayoutEffect(() => {
    const sheet = canvas.current?.getContext('2d');
    if (!canvas.current || !sheet || !grain.data) {
      return;
    }
    const { tone, width: across, height: down } = grain.data;
    if (canvas.current.width !== across || canvas.current.height !== down) {
      canvas.current.width = across;
      canvas.current.height = down;
    }
    const picture = sheet.createImageData(across, down);
    painted(tone, tones, picture.data);
    sheet.putImageData(picture, 0, 0);
    canvas.current.dataset['drawn'] = tones;
  }, [grain.data, tones]);
  return (
    <Canvas
      ref={canvas}
      role="img"
      aria-label={formatMessage(
        { id: 'bench.result.spoken' },
        {
          value: decimals(colour.value, 1),
          chroma: decimals(colour.chroma, 0),
          paperShowing: String(Math.round(look.specks * 100)),
        },
      )}
      data-stale={stale}
      data-colour={colour.colour}
    />
  );
}

const Canvas = styled.canvas`display: block; width: 100%; height: 100%; object-fit: cover; min-height: 0; position: absolute; inset: 0;`;
