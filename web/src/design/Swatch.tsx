import styled from 'styled-components';
import { colour } from './tokens';

/** A flat colour means "asked for". */
export const Asked = styled.span<{ $colour: string; $size?: number }>`
  display: inline-block;
  flex: none;
  width: ${(p) => p.$size ?? 16}px;
  height: ${(p) => p.$size ?? 16}px;
  background: ${(p) => p.$colour};
`;

/** A grained colour means pencil: the tooth of the paper shows through. */
export function Grained({ colour: fill, width = 22, height = 16 }: { colour: string; width?: number; height?: number }) {
  return (
    <svg width={width} height={height} aria-hidden style={{ flex: 'none' }}>
      <rect width={width} height={height} fill={fill} filter="url(#tooth)" />
    </svg>
  );
}

/** The tooth that {@link Grained} lays over a colour; once on the page. */
export function Tooth() {
  return (
    <Hidden aria-hidden width="0" height="0">
      <filter id="tooth" x="0" y="0" width="100%" height="100%">
        <feTurbulence type="fractalNoise" baseFrequency="0.55" numOctaves="2" seed="7" result="noise" />
        <feColorMatrix in="noise" type="matrix" values="0 0 0 0 0  0 0 0 0 0  0 0 0 0 0  -5 0 0 0 3.7" result="holes" />
        <feComposite in="SourceGraphic" in2="holes" operator="in" />
      </filter>
    </Hidden>
  );
}

const Hidden = styled.svg`position: absolute; background: ${colour.paper};`;
