// Writes the drawing of the figures as one plain script, so that what is printed by the server is drawn by the same lines as
// what moves on the page.
import { readFileSync, mkdirSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import ts from 'typescript'

const target = process.argv[2]
const script = ['src/shared/figure.ts', 'src/shared/figureBody.ts']
  .map((file) =>
    readFileSync(file, 'utf8')
      .replace(/^import .*$/gm, '')
      .replace(/^export /gm, ''),
  )
  .join('\n')
// The server's engine knows no spread: the oldest target has none.
const options = {
  target: ts.ScriptTarget.ES5,
  downlevelIteration: true,
  ignoreDeprecations: '6.0',
  module: ts.ModuleKind.None,
  removeComments: true,
}
mkdirSync(dirname(target), { recursive: true })
writeFileSync(target, ts.transpileModule(script, { compilerOptions: options }).outputText)
