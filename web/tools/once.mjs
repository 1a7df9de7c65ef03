// Runs an npm step for Maven, and skips it while its inputs are unchanged. node tools/once.mjs ci|build|test
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const steps = {
  ci: {
    cmd: ['npm', 'ci', '--prefer-offline', '--no-audit', '--no-fund'],
    inputs: ['package.json', 'package-lock.json', '.npmrc'],
    out: 'node_modules',
    stamp: 'node_modules/.stamp-ci',
  },
  build: {
    cmd: ['npm', 'run', '-s', 'build'],
    inputs: ['package-lock.json', 'index.html', 'vite.config.ts', 'tsconfig.json', 'openapi.json', 'public', 'src'],
    out: 'target/classes/META-INF/resources/index.html',
    stamp: 'target/.stamp-build',
  },
  test: { cmd: ['npm', 'run', '-s', 'test'], inputs: null },
}
const step = steps[process.argv[2]]
function* walk(p) {
  if (statSync(p).isDirectory()) for (const n of readdirSync(p).sort()) yield* walk(join(p, n))
  else yield p
}
let hash
if (step.inputs) {
  const h = createHash('sha256').update(process.version)
  for (const i of step.inputs)
    if (existsSync(i)) for (const f of walk(i)) if (!f.endsWith('schema.d.ts')) h.update(f).update(readFileSync(f))
  hash = h.digest('hex')
  if (existsSync(step.out) && existsSync(step.stamp) && readFileSync(step.stamp, 'utf8') === hash) process.exit(0)
}
const r = spawnSync(step.cmd[0], step.cmd.slice(1), { stdio: 'inherit', env: { ...process.env, CI: 'true' } })
if (r.status !== 0) process.exit(r.status ?? 1)
if (hash) {
  mkdirSync(join(step.stamp, '..'), { recursive: true })
  writeFileSync(step.stamp, hash)
}
