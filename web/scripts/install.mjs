// Installs the pinned packages, but only when the lock file is not the one that was installed last.
import { createHash } from 'node:crypto'
import { execSync } from 'node:child_process'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'

const stamp = 'node_modules/.dorada-lock'
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) {
  process.exit(0)
}
execSync('npm ci --no-audit --no-fund --prefer-offline --loglevel=error', { stdio: 'inherit' })
writeFileSync(stamp, lock)
