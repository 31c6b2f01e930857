// What a release holds: one CycloneDX file of what Maven and npm know, and its licences as a list to read.
// node docs/tools/inside.mjs FOLDER, after app/target/bom.json was made.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const folder = process.argv[2];
const maven = JSON.parse(readFileSync('app/target/bom.json', 'utf8'));
const npm = ['web', 'fonts'].map((module) =>
  JSON.parse(execFileSync('npm', ['sbom', '--omit', 'dev', '--sbom-format', 'cyclonedx'], { cwd: module, encoding: 'utf8' })),
);

const ours = (c) => c.group === 'grastel' || c.name.startsWith('grastel');
const by = (a, b) => (a.purl < b.purl ? -1 : a.purl > b.purl ? 1 : 0);
const known = new Map([maven, ...npm].flatMap((bom) => bom.components).filter((c) => !ours(c)).map((c) => [c.purl, c]));
const components = [...known.values()].sort(by);

const licences = (c) =>
  (c.licenses ?? []).map((l) => l.expression ?? l.license?.id ?? l.license?.name).filter(Boolean).join(' or ') || 'not said: see its home page';
const named = (c) => `${c.group ? `${c.group}:` : ''}${c.name} ${c.version}`;

// neither a number of its own nor a time: the same sources give the same file
const bom = { bomFormat: 'CycloneDX', specVersion: '1.5', version: 1, metadata: { component: { type: 'application', name: 'grastel', version: maven.metadata.component.version } }, components };
writeFileSync(join(folder, 'bom.cdx.json'), `${JSON.stringify(bom, null, 2)}\n`);
writeFileSync(
  join(folder, 'LICENCES.txt'),
  `Grastel is made with these. Each is under the licence named beside it.\n\n${components.map((c) => `${named(c)}\n    ${licences(c)}`).join('\n')}\n`,
);
const unsaid = components.filter((c) => licences(c).startsWith('not said'));
console.log(`${components.length} components, ${unsaid.length} without a licence named${unsaid.length ? `: ${unsaid.map(named).join(', ')}` : ''}`);
