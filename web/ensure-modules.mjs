// Installs what package-lock.json names, unless node_modules holds it already.
// "product" leaves out what only the checks need; a folder with everything serves both.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const stamp = 'node_modules/.installed';
const product = process.argv[2] === 'product';
const everything = createHash('sha256').update(readFileSync('package-lock.json')).update(process.version).digest('hex');
const installed = existsSync(stamp) ? readFileSync(stamp, 'utf8') : '';
if (installed === everything || (product && installed === `${everything} product`)) {
  process.exit(0);
}
const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--prefer-offline', ...(product ? ['--omit=dev'] : [])], { stdio: 'inherit' });
if (done.status === 0) {
  writeFileSync(stamp, product ? `${everything} product` : everything);
}
process.exit(done.status ?? 1);
