import { screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, it } from 'vitest';
import { show } from '../testing';
import { sections } from './guide';
import Help from './Help';

it('shows the whole guide, with its pictures and where each part begins', () => {
  show(
    <MemoryRouter initialEntries={['/help']}>
      <Help />
    </MemoryRouter>,
  );
  expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual(sections.map((s) => s.title));
  const links = screen.getAllByRole('link').map((l) => l.getAttribute('href'));
  for (const section of sections) {
    expect(links).toContain(`#${section.id}`);
    expect(document.getElementById(section.id)).not.toBeNull();
  }
  for (const picture of screen.getAllByRole('img')) {
    expect(picture.getAttribute('src')).toMatch(/\.png/);
    expect(picture.getAttribute('alt')).not.toBe('');
  }
  expect(document.body.textContent).not.toContain('**');
});
