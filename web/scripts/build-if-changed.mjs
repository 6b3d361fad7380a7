// Builds the pages, but only when something that goes into them has changed since the last build.
import { createHash } from 'node:crypto'
import { execSync } from 'node:child_process'
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const stamp = 'node_modules/.dorada-build'
const inputs = [
  'src',
  '../words',
  'public',
  'index.html',
  'openapi.json',
  'package-lock.json',
  'package.json',
  'vite.config.ts',
  'tsconfig.json',
]

function filesBelow(path) {
  if (!existsSync(path)) return []
  return statSync(path).isDirectory()
    ? readdirSync(path)
        .sort()
        .flatMap((name) => filesBelow(join(path, name)))
    : [path]
}

const hash = createHash('sha256')
for (const file of inputs
  .flatMap(filesBelow)
  .filter((f) => !f.endsWith('schema.d.ts') && !f.endsWith('.spec.ts'))) {
  hash.update(file).update(readFileSync(file))
}
const digest = hash.digest('hex')
if (existsSync('dist/index.html') && existsSync(stamp) && readFileSync(stamp, 'utf8') === digest) {
  console.log('web: nothing changed since the last build')
  process.exit(0)
}
// Maven only adds to this folder: files of an earlier build would be packed too.
rmSync('target/classes/static', { recursive: true, force: true })
execSync('npm run build --silent', { stdio: 'inherit' })
writeFileSync(stamp, digest)
