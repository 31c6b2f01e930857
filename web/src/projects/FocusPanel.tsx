import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Button, LinkButton } from '../design/Controls';
import { colour, space } from '../design/tokens';
import { focused, focusOf, unfocused, type Settings } from './words';

/** Where the eye is to go first: set by pointing, or as proposed. */
export function FocusPanel({ settings, proposed, onSettings }: { settings: Settings; proposed: Schemas['FocusView'] | undefined; onSettings: (settings: Settings) => void }) {
  const set = focusOf(settings);
  return (
    <>
      <h2>Focus</h2>
      <p>
        {set
          ? `At ${String(Math.round(set.x * 100))} % across, ${String(Math.round(set.y * 100))} % down. A piece is judged by whether its strongest contrast lies here.`
          : 'Point at where the eye is to go first. Without a focus nothing is judged by it.'}
      </p>
      <Line>
        <Button isDisabled={!proposed} onPress={() => proposed && onSettings(focused(settings, proposed.x, proposed.y))}>
          Where contrast is strongest
        </Button>
        {set && <LinkButton onPress={() => onSettings(unfocused(settings))}>No focus</LinkButton>}
      </Line>
      <Small>Thirds hold a focus better than the middle; darkest dark beside lightest light belongs here.</Small>
    </>
  );
}

const Line = styled.div`display: flex; flex-wrap: wrap; align-items: center; gap: ${space(3)};`;
const Small = styled.p`color: ${colour.muted};`;
