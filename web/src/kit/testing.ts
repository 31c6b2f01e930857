import type { Schemas } from '../api/client';

/** A wax pencil of a middle red, for tests; what matters to a test is given. */
export function pencil(of: Partial<Schemas['PencilView']>): Schemas['PencilView'] {
  return {
    id: of.code ?? 'S07',
    revision: 0,
    code: 'S07',
    name: 'Buoy Red',
    range: 'Skerry',
    binder: 'WAX',
    source: 'MEASURED_LAB',
    family: 'RED',
    colour: '#b03030',
    colourless: false,
    lab: { l: 42, a: 55, b: 34 },
    chroma: 65,
    place: 0,
    value: 4.1,
    hiding: 0.5,
    softness: 1,
    copies: 24,
    extra: 0,
    leadMm: 150,
    ...of,
  };
}

/** A kit of three pencils, a blender and one paper. */
export const kit: Schemas['KitView'] = {
  pencils: [
    pencil({}),
    pencil({ id: 'black', code: 'S36', name: 'Lamp Black', value: 1.2, colour: '#202020' }),
    pencil({ id: 'white', code: 'S01', name: 'Gull White', value: 9.3, colour: '#f4f4f0' }),
    pencil({ id: 'blender', code: 'S00', name: 'Blender', colourless: true, value: 9.9 }),
  ],
  papers: [{ id: 'cartridge', revision: 0, name: 'Harbour Cartridge', colour: '#f2f1ec', lab: { l: 95.2, a: -0.3, b: 2.4 }, tooth: 1, grainMm: 0.32 }],
  sets: [],
};
