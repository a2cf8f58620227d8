// Writes the types of what the server takes and answers from the document that its build made.
import { readFileSync, writeFileSync } from 'node:fs'
import openapiTS, { astToString } from 'openapi-typescript'

/** An answer leaves out what it does not have, so "or null" would say no more here than "optional" does. */
function withoutNull(node) {
  if (Array.isArray(node)) return node.filter((v) => v !== null && v?.type !== 'null').map(withoutNull)
  if (node === null || typeof node !== 'object') return node
  if (Array.isArray(node.type)) return withoutNull({ ...node, type: node.type.find((t) => t !== 'null') })
  if (node.anyOf?.length === 2 && node.anyOf[1].type === 'null') return withoutNull(node.anyOf[0])
  return Object.fromEntries(Object.entries(node).map(([key, value]) => [key, withoutNull(value)]))
}

const document = JSON.parse(readFileSync('../server/target/classes/openapi.json', 'utf8'))
const types = await openapiTS(withoutNull(document), { rootTypes: true, rootTypesNoSchemaPrefix: true })
writeFileSync('src/shared/api/schema.d.ts', astToString(types))
