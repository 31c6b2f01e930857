import { cleanup, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { answers, press, show } from '../testing';
import { PutOut } from './PutOut';
import { SheetPrints } from './SheetPrints';
import { lesson } from '../course/testing';

const sheets = [
  { id: 'a', title: 'Scale in Buoy Red', run: 'r' },
  { id: 'b', title: 'Layer ladder' },
];

describe('what is printed for a period', () => {
  it('prints in one press what is not yet printed, and opens everything', async () => {
    const opened = vi.spyOn(window, 'open').mockReturnValue(null);
    const printed = answers('POST', { id: 'new' });
    show(<SheetPrints sheets={sheets} schoolClass="c" period="2026-11-28T09:10:00" students={26} />);
    press('Everything: plan, cards, sheets');
    await waitFor(() => expect(opened).toHaveBeenCalledWith('/api/today/papers.pdf?schoolClass=c&period=2026-11-28T09:10:00', '_blank', 'noreferrer'));
    expect(printed).toHaveBeenCalledTimes(1);
    expect(printed).toHaveBeenCalledWith('/api/sheets/{id}/runs', { params: { path: { id: 'b' } }, body: { schoolClass: 'c' } });
  });

  it('says what went wrong and opens nothing', async () => {
    const opened = vi.spyOn(window, 'open').mockReturnValue(null);
    answers('POST', new Error('8 Dunlin has no students yet.'));
    show(<SheetPrints sheets={sheets} schoolClass="c" period="2026-11-28T09:10:00" students={0} />);
    press('Everything: plan, cards, sheets');
    expect((await screen.findByRole('alert')).textContent).toContain('no students');
    expect(opened).not.toHaveBeenCalled();
  });

  it('has a plan where there is no sheet, and leads to what is printed', () => {
    show(<SheetPrints sheets={[]} schoolClass="c" period="2026-11-28T09:10:00" students={26} />);
    expect(screen.getByRole('button', { name: 'Plan' })).toBeTruthy();
    cleanup();
    show(<SheetPrints sheets={sheets} schoolClass="c" period="2026-11-28T09:10:00" students={26} />);
    expect(screen.getByRole('link', { name: 'Scale in Buoy Red, printed' }).getAttribute('href')).toBe('/api/sheets/runs/r/pages.pdf');
  });
});

describe('what is put out', () => {
  const want = { code: 'S23', name: 'Kelp', colour: '#4a5a30', copies: 18, inTurns: 26, minutes: 20 };

  it('offers who takes what when only where pencils are few', async () => {
    answers('GET', { tasks: [], tables: [] });
    show(<PutOut lessons={[lesson({ id: 'l', wants: [want] })]} students={26} schoolClass="c" period="p" />);
    expect(screen.getByText(/S23 Kelp × 18, 26 need it/)).toBeTruthy();
    press(/^Who uses what when/);
    expect(await screen.findByText('Students draw nothing in this lesson.')).toBeTruthy();
    cleanup();
    show(<PutOut lessons={[lesson({ id: 'l', wants: [{ ...want, copies: 30 }] })]} students={26} schoolClass="c" period="p" />);
    expect(screen.getByText(/S23 Kelp × 26/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
