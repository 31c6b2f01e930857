import { expect, it } from 'vitest';
import { asked } from './sharedClass';

const desk = '7f0c4a52-6d1e-4a39-9b0e-0a4c1d2e3f40';

it('asks at the teacher’s own desk as ever', () => {
  expect(asked('/api/returns/pages/p/picture?read=x', undefined)).toBe('/api/returns/pages/p/picture?read=x');
});

it('asks in a colleague’s class below its desk', () => {
  expect(asked('/api/returns/pages/p/picture?read=x', desk)).toBe(`/api/shared/${desk}/returns/pages/p/picture?read=x`);
  expect(asked('/api/classes', desk)).toBe(`/api/shared/${desk}/classes`);
});

it.each(['/api/account/session', '/api/shared-classes', '/api/meanings', '/api/returns/phrases', '/api/returns/phrases/1'])('%s stays the teacher’s own', (path) => {
  expect(asked(path, desk)).toBe(path);
});
