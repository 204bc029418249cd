// Writes the types of the API and of class files: `npm run types`, after openapi.json was fetched anew.
import { readFile, writeFile } from 'node:fs/promises';
import { compileFromFile } from 'json-schema-to-typescript';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';

const folder = new URL('../src/lib/api/', import.meta.url);

const classFile = await compileFromFile(new URL('../../schema/class.schema.json', import.meta.url).pathname, {
  // Unknown fields are kept, but no code of ours reads them.
  additionalProperties: false,
  ignoreMinAndMaxItems: true,
});
await writeFile(new URL('classFile.d.ts', folder), classFile);

// Wherever the API takes or gives a JSON document, it is a class.
const aClass = ts.factory.createImportTypeNode(
  ts.factory.createLiteralTypeNode(ts.factory.createStringLiteral('./classFile')),
  undefined,
  ts.factory.createIdentifier('AmpleTideClass'),
);
const openapi = JSON.parse(await readFile(new URL('../openapi.json', import.meta.url), 'utf8'));
const schema = await openapiTS(openapi, {
  transform: (_, { path }) => (path === '#/components/schemas/JsonElement' ? aClass : undefined),
});
await writeFile(new URL('schema.d.ts', folder), astToString(schema));
