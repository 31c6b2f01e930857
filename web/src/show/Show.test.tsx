import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { answers, show } from '../testing';
import Show from './Show';
import type { Scene, ShowData } from './words';

const scene = (change: Partial<Scene>): Scene => ({ kind: 'OPENING', title: '', words: [], pencils: [], number: 0, of: 0, slices: [], minutes: 0, ...change });
const kelp = { code: 'S23', name: 'Kelp', colour: '#4a5a30' };
const swatch = {
  tones: '',
  grainMm: 0.2,
  stroke: 'CIRCLES' as const,
  colour: { colour: '#556b3c', l: 42, a: -10, b: 25, value: 4.2, chroma: 27, place: 120 },
  specks: 0,
  paper: '#f4f2ea',
  section: [],
};
const lesson: ShowData = {
  title: 'Layer on layer',
  about: '',
  scenes: [
    scene({ title: 'Layer ladder', words: ['Each box one layer more.'], pencils: [kelp] }),
    scene({
      kind: 'LAYING',
      title: 'hard',
      number: 1,
      of: 2,
      layer: { manner: 'COLOUR', pencil: kelp, passes: 2, pressure: 0.2, point: 0.7, stroke: 'CIRCLES' },
      layersLeft: 3,
      swatch,
    }),
    scene({ kind: 'TURN', words: ['Every box at the same light pressure.'], minutes: 4 }),
    scene({ kind: 'FAULT', title: 'boxes alike', words: ['Keep the pressure light.'], swatch, wrong: swatch, slip: 'TOO_HEAVY' }),
    scene({ kind: 'CAUTIONS', words: ['School rules decide.'] }),
  ],
};

function open() {
  answers('GET', lesson, new ArrayBuffer(0), new ArrayBuffer(0));
  show(
    <MemoryRouter initialEntries={['/before', '/show/lesson/c/l']} initialIndex={1}>
      <Routes>
        <Route path="/show/:of/:id/:lesson?" element={<Show />} />
        <Route path="*" element={<p>the place before</p>} />
      </Routes>
    </MemoryRouter>,
  );
  return screen.findByRole('heading', { name: 'Layer ladder' });
}

const press = (...keys: string[]) => keys.forEach((key) => fireEvent.keyDown(window, { key }));

describe('what is shown to a class', () => {
  it('goes on and back by arrows and by a presenter’s keys, and not beyond its ends', async () => {
    await open();
    press('ArrowLeft');
    expect(screen.getByRole('heading', { name: 'Layer ladder' })).toBeTruthy();
    press('ArrowRight');
    expect(screen.getByRole('heading', { name: 'S23 Kelp' })).toBeTruthy();
    expect(screen.getByRole('img', { name: 'Pressure: light' })).toBeTruthy();
    expect(screen.getByText(/circles · 2 passes/)).toBeTruthy();
    press('PageDown', 'PageDown');
    expect(screen.getByRole('heading', { name: 'Common mistake: boxes alike' })).toBeTruthy();
    expect(screen.getByText('pressed too hard')).toBeTruthy();
    press('ArrowRight', 'ArrowRight', 'ArrowRight');
    expect(screen.getByRole('heading', { name: 'Watch out' })).toBeTruthy();
    press('PageUp');
    expect(screen.getByRole('heading', { name: 'Common mistake: boxes alike' })).toBeTruthy();
  });

  it('times the students’ turn, and says on other scenes what is left', async () => {
    await open();
    press('ArrowRight', 'ArrowRight');
    expect(screen.getByRole('timer').textContent).toContain('4:00');
    press(' ');
    expect(screen.getByText('Press Space to stop')).toBeTruthy();
    press('ArrowRight');
    expect(screen.getByText(/^[34] min left$/)).toBeTruthy();
    press('ArrowLeft', ' ');
    expect(screen.getByText('Press Space to start')).toBeTruthy();
  });

  it('goes blank and comes returned', async () => {
    await open();
    press('b');
    expect(screen.queryByRole('heading')).toBeNull();
    expect(screen.getByRole('status').textContent).toBe('Blank');
    press('.');
    expect(screen.getByRole('heading', { name: 'Layer ladder' })).toBeTruthy();
  });

  it('changes between dark and light, and leaves the surround as it was', async () => {
    document.documentElement.dataset['surround'] = 'middle';
    await open();
    expect(document.documentElement.dataset['surround']).toBe('dark');
    press('d');
    expect(document.documentElement.dataset['surround']).toBe('light');
    press('Escape');
    expect(await screen.findByText('the place before')).toBeTruthy();
    expect(document.documentElement.dataset['surround']).toBe('middle');
  });
});
