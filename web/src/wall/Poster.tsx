import { useState } from 'react';
import { Dialog, DialogTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { LinkButton, Segments } from '../design/Controls';
import { colour, sizes, space } from '../design/tokens';
import { say } from '../words/say';

const formats = [
  { id: 'A3', name: 'A3' },
  { id: 'A2', name: 'A2' },
] as const;
const labels = [
  { id: 'NAMES', name: say('wall.names') },
  { id: 'NUMBERS', name: say('wall.numbers') },
  { id: 'NONE', name: say('wall.nothing') },
] as const;

/** The wall to be printed large. @param of its address in the API, without what is chosen here */
export function Poster({ of }: { of: string }) {
  const [format, setFormat] = useState<(typeof formats)[number]['id']>('A3');
  const [label, setLabel] = useState<(typeof labels)[number]['id']>('NAMES');
  return (
    <DialogTrigger>
      <LinkButton>{say('wall.poster')}</LinkButton>
      <Pane placement="bottom end">
        <Inside aria-label={say('wall.poster-of-this-wall')}>
          <Segments label={say('wall.paper')} value={format} onChange={setFormat} choices={formats} />
          <Segments label={say('wall.beside-the-pictures')} value={label} onChange={setLabel} choices={labels} />
          <p>{say('wall.pictures-alone-without-levels-it')}</p>
          <a href={`${of}/poster.pdf?format=${format}&labels=${label}`} target="_blank" rel="noreferrer">
            {say('wall.open-to-print')}
          </a>
        </Inside>
      </Pane>
    </DialogTrigger>
  );
}

const Pane = styled(Popover)`border: 1px solid ${colour.ink}; background: ${colour.paper}; width: min(300px, 94vw);`;
const Inside = styled(Dialog)`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)}; & p { font-size: ${sizes.small}; color: ${colour.muted}; }`;
