import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { BoxTable } from './BoxTable';
import { FigureBar } from './FigureBar';
import { PagePicture } from './PagePicture';
import { Strips } from './Strips';
import { box, goal } from '../testing';

const before: Schemas['BeforeView'] = { received: '2026-11-18T09:00:00Z', fields: [{ field: '1', page: 'old', read: 'old', there: '1' }], levels: [] };
const sources = () => screen.getAllByRole('img').map((i) => i.getAttribute('src'));

describe('the table of even fields', () => {
  it('leaves out rows that no field has a figure for', () => {
    render(<BoxTable pageId="p" read="r" boxes={[box({}), box({ field: '2', read: { step: -9 } })]} before={undefined} field={null} onField={vi.fn()} />);
    expect(screen.getByRole('row', { name: /Step in value/ })).toBeTruthy();
    expect(screen.queryByRole('row', { name: /Strokes/ })).toBeNull();
    expect(screen.queryByRole('row', { name: /Glare/ })).toBeNull();
  });

  it('calls an empty field empty', () => {
    render(<BoxTable pageId="p" read="r" boxes={[box({ read: { blank: true } })]} before={undefined} field={null} onField={vi.fn()} />);
    expect(screen.getByText('empty')).toBeTruthy();
  });

  it('shows the page before above the one now, where it has the field', () => {
    render(<BoxTable pageId="p" read="r" boxes={[box({}), box({ field: '2' })]} before={before} field={null} onField={vi.fn()} />);
    expect(sources()).toEqual(['/api/returns/pages/old/picture?part=1&read=old', '/api/returns/pages/p/picture?part=1&read=r', '/api/returns/pages/p/picture?part=2&read=r']);
    expect(screen.getByRole('rowheader', { name: 'Now' })).toBeTruthy();
  });

  it('says which field is pointed at', () => {
    const onField = vi.fn();
    render(<BoxTable pageId="p" read="r" boxes={[box({ field: '7' })]} before={undefined} field={null} onField={onField} />);
    fireEvent.mouseEnter(screen.getByAltText('Box 7 as drawn').closest('td') as HTMLElement);
    expect(onField).toHaveBeenCalledWith('7');
  });
});

describe('a strip', () => {
  const strip = box({ lies: { width: 100 }, along: { read: [90, 70, 50, 30], asked: [95, 25] } });

  it('is told in words: both ends and where to look', () => {
    render(<Strips pageId="p" read="r" strips={[strip]} spots={[{ field: '1', atMm: 34.4 }]} before={undefined} field={null} onField={vi.fn()} />);
    expect(screen.getByRole('img', { name: 'Value along strip 1: from 90 to 30, look at 34 mm' })).toBeTruthy();
  });

  it('has a course measured and one asked for', () => {
    const { container } = render(<Strips pageId="p" read="r" strips={[strip]} spots={[]} before={undefined} field={null} onField={vi.fn()} />);
    expect(container.querySelectorAll('polyline.measured')).toHaveLength(1);
    expect(container.querySelector('polyline.asked')?.getAttribute('points')).toBe('0.0,1.50 100.0,22.50');
  });

  it('stands under the one before', () => {
    render(<Strips pageId="p" read="r" strips={[strip]} spots={[]} before={before} field={null} onField={vi.fn()} />);
    expect(sources().filter((s) => s !== null)).toEqual(['/api/returns/pages/old/picture?part=1&read=old', '/api/returns/pages/p/picture?part=1&read=r']);
    expect(screen.getByText(/and now/)).toBeTruthy();
  });
});

describe('a figure among its thresholds', () => {
  const at = (container: HTMLElement) => Number(container.querySelector('line.figure')?.getAttribute('x1'));

  it('stands further right the better it is, whichever way the thresholds run', () => {
    const falling = (figure: number) => at(render(<FigureBar goal={goal({ figure })} />).container);
    const rising = (figure: number) => at(render(<FigureBar goal={goal({ figure, nearly: 55, secure: 75, beyond: 86 })} />).container);
    expect(falling(20)).toBeGreaterThan(falling(40));
    expect(rising(80)).toBeGreaterThan(rising(60));
  });

  it('never leaves the bar', () => {
    const { container } = render(<FigureBar goal={goal({ figure: 400, plusMinus: 30 })} />);
    expect(at(container)).toBe(0);
  });

  it('is left out where nothing was measured', () => {
    expect(render(<FigureBar goal={goal({ figure: undefined })} />).container.innerHTML).toBe('');
    expect(render(<FigureBar goal={goal({ figure: 999 })} />).container.innerHTML).toBe('');
  });
});

describe('the page', () => {
  const show = () => render(<PagePicture id="p" read="r" width={210} height={297} boxes={[box({})]} field={null} onField={vi.fn()} />).container;
  const images = (container: HTMLElement) => [...container.querySelectorAll('image')].map((i) => i.getAttribute('href'));

  it('has nothing laid over it until it is asked for', () => {
    const container = show();
    expect(images(container)).toEqual(['/api/returns/pages/p/picture?read=r']);
    fireEvent.click(screen.getByRole('radio', { name: 'paper showing' }));
    expect(images(container)).toEqual(['/api/returns/pages/p/picture?read=r', '/api/returns/pages/p/overlay?of=SPECKS&read=r']);
    expect(screen.getByText(/White: paper showing/)).toBeTruthy();
    fireEvent.click(screen.getByRole('radio', { name: 'nothing' }));
    expect(images(container)).toHaveLength(1);
  });

  it('shows how far a picture is off its plan, and only a picture', () => {
    show();
    expect(screen.queryByRole('radio', { name: 'difference from the plan' })).toBeNull();
    cleanup();
    const { container } = render(<PagePicture id="p" read="r" width={210} height={297} boxes={[box({ picture: true })]} field={null} onField={vi.fn()} />);
    fireEvent.click(screen.getByRole('radio', { name: 'difference from the plan' }));
    expect(images(container)).toContain('/api/returns/pages/p/overlay?of=PLAN&read=r');
    expect(screen.getByText(/Middle grey: as planned/)).toBeTruthy();
  });

  it('comes closer to the field looked at', () => {
    const container = show();
    fireEvent.click(screen.getByRole('radio', { name: 'one box, enlarged' }));
    expect(container.querySelector('svg')?.getAttribute('viewBox')).toBe('8 46 32 32');
    expect(images(container)).toContain('/api/returns/pages/p/picture?part=1&read=r');
  });
});
