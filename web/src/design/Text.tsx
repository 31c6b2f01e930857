import styled from 'styled-components';
import { colour, sizes, space } from './tokens';

/** A line beside what matters: where from, since when, what else. */
export const Small = styled.p`font-size: ${sizes.small}; color: ${colour.muted};`;

/** The same within a line. */
export const Aside = styled.span`font-size: ${sizes.small}; color: ${colour.muted};`;

/** The same under what it belongs to, in a cell or beside a box. */
export const Under = styled.span`display: block; font-size: ${sizes.small}; color: ${colour.muted};`;

/** Things side by side, their middles on one line. */
export const Row = styled.div<{ $gap?: number }>`display: flex; align-items: center; gap: ${(p) => space(p.$gap ?? 3)};`;
