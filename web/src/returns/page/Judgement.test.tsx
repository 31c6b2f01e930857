import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, expect, it, vi, type MockInstance } from 'vitest';
import { ApiError, api, type Schemas } from '../../api/client';
import { Judgement } from './Judgement';
import { goal, page } from '../testing';

let asked: MockInstance<typeof api.POST>;

beforeEach(() => {
  asked = vi.spyOn(api, 'POST');
  asked.mockResolvedValue({ data: { row: page({ confirmed: true }) }, response: new Response() });
});

const steps = goal({ id: 'm1', proposed: 3 });
const edge = goal({
  id: 'm2',
  goal: 'NEAT_EDGE',
  label: 'Neat edge',
  proposed: 2,
  close: true,
  field: '4',
  cause: { code: 'OVER_EDGE', sign: 'strokes ran over the edge', next: 'Turn the sheet.' },
});

function show(of: Partial<Schemas['PageRow']> = {}, before?: Schemas['BeforeView']) {
  const onStep = vi.fn();
  const onField = vi.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Judgement page={page(of)} goals={[steps, edge]} before={before} onField={onField} onConfirmed={vi.fn()} onStep={onStep} />
    </QueryClientProvider>,
  );
  return { onStep, onField };
}

const key = (name: string) => fireEvent.keyDown(document.body, { key: name });
const level = (label: string) => (screen.getByRole('radiogroup', { name: label }).querySelector('input:checked') as HTMLInputElement).value;

it('proposes, and says what was seen, where, and what is next', () => {
  show();
  expect(level('Equal steps, level')).toBe('3');
  expect(level('Neat edge, level')).toBe('2');
  expect(screen.getByText(/strokes ran over the edge/).textContent).toContain('4');
  expect(screen.getByText('Next: Turn the sheet.')).toBeTruthy();
  expect(screen.getByText('The steps are even.')).toBeTruthy();
});

it('A goes to what is close before it confirms anything', async () => {
  show();
  key('a');
  expect(asked).not.toHaveBeenCalled();
  expect(document.activeElement?.closest('[data-mark]')?.getAttribute('data-mark')).toBe('m2');
  fireEvent.keyDown(document.activeElement as Element, { key: '4' });
  expect(level('Neat edge, level')).toBe('4');
  key('a');
  await vi.waitFor(() => expect(asked).toHaveBeenCalled());
  expect(asked).toHaveBeenCalledWith('/api/returns/pages/{id}/confirmation', {
    params: { path: { id: 'p' } },
    body: {
      seen: '2026-11-20T09:00:00Z/',
      changed: [
        { mark: 'm1', level: 'SECURE' },
        { mark: 'm2', level: 'BEYOND' },
      ],
    },
  });
});

it('Enter stops once at what is close, and confirms when it is pressed again', async () => {
  show();
  const press = () => fireEvent.keyDown(screen.getByRole('radiogroup', { name: 'Equal steps, level' }), { key: 'Enter' });
  press();
  expect(asked).not.toHaveBeenCalled();
  expect(document.activeElement?.closest('[data-mark]')?.getAttribute('data-mark')).toBe('m2');
  press();
  await vi.waitFor(() => expect(asked).toHaveBeenCalledTimes(1));
});

it('says what the teacher changed from what was proposed', () => {
  show();
  fireEvent.keyDown(screen.getByRole('radiogroup', { name: 'Equal steps, level' }), { key: '1' });
  expect(screen.getByText('suggested 3')).toBeTruthy();
});

it('N and P go from page to page, but not while words are written', () => {
  const { onStep } = show();
  key('n');
  key('p');
  expect(onStep.mock.calls).toEqual([[1], [-1]]);
  const area = document.body.appendChild(document.createElement('textarea'));
  fireEvent.keyDown(area, { key: 'n' });
  expect(onStep).toHaveBeenCalledTimes(2);
  area.remove();
});

it('U takes back a confirmation, and only that', async () => {
  show();
  key('u');
  expect(asked).not.toHaveBeenCalled();
  cleanup();
  show({ confirmed: true });
  key('u');
  await vi.waitFor(() => expect(asked).toHaveBeenCalledWith('/api/returns/pages/{id}/reopening', { params: { path: { id: 'p' } }, body: { seen: '2026-11-20T09:00:00Z/' } }));
});

it('shows what somebody else decided meanwhile, and lets one choose', async () => {
  const theirs = {
    row: page({ confirmed: true, seen: '2026-11-20T09:00:00Z/2026-11-20T10:00:00Z' }),
    goals: [
      { ...steps, level: 1 },
      { ...edge, level: 4 },
    ],
  };
  vi.spyOn(api, 'GET').mockResolvedValue({ data: theirs, response: new Response() } as never);
  asked.mockRejectedValueOnce(new ApiError(409, 'CHANGED_ELSEWHERE', 'T. Vale confirmed this page meanwhile.', []));
  show();
  fireEvent.click(screen.getByRole('button', { name: /^Confirm/ }));
  expect((await screen.findByRole('alert')).textContent).toContain('T. Vale confirmed');
  fireEvent.click(screen.getByRole('button', { name: 'Save mine' }));
  await vi.waitFor(() => expect(asked).toHaveBeenCalledTimes(2));
  expect(asked.mock.calls[1]?.[1]).toMatchObject({ body: { seen: theirs.row.seen, changed: [{ level: 'SECURE' }, { level: 'NEARLY' }] } });
  cleanup();
  asked.mockRejectedValueOnce(new ApiError(409, 'CHANGED_ELSEWHERE', 'T. Vale confirmed this page meanwhile.', []));
  show();
  fireEvent.click(screen.getByRole('button', { name: /^Confirm/ }));
  fireEvent.click(await screen.findByRole('button', { name: 'Use theirs' }));
  await vi.waitFor(() => expect(level('Neat edge, level')).toBe('4'));
  expect(screen.queryByRole('alert')).toBeNull();
});

it('tells the level reached on the page before', () => {
  show({}, { received: '2026-11-18T09:00:00Z', fields: [], levels: [{ goal: 'NEAT_EDGE', exercise: '', level: 1 }] });
  expect(screen.getByText('1 before')).toBeTruthy();
});
