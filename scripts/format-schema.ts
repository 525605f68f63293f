import 'reflect-metadata';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { Build } from '../src/core/build/build';
import { fileFormat, fileVersion } from '../src/core/file/read-file';
import { partClasses, partKinds } from '../src/core/parts/part-spec';

type Schema = Record<string, unknown>;

/** The JSON Schema of a build file, made from the same decorators that check one when it is read. */
export function formatSchema(): Schema {
  const classes = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage as never,
    additionalConverters: {
      isIso8601: { type: 'string', format: 'date-time' },
      figureWithin: ({ constraints }) => {
        const [minimum, maximum] = constraints as [number, number];
        return { properties: { value: { minimum, maximum } } };
      },
    },
  }) as Record<string, Schema>;
  const closed = Object.fromEntries(
    Object.entries(classes)
      .filter(([name]) => name !== 'PartBase')
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([name, schema]) => [name, { ...schema, additionalProperties: false }]),
  );
  const build = closed[Build.name] as unknown as { properties: Schema };
  const onePart = { oneOf: partKinds.map((kind) => ({ $ref: `#/definitions/${partClasses[kind].name}` })) };
  build.properties.parts = { ...(build.properties.parts as Schema), items: onePart };
  return {
    $schema: 'http://json-schema.org/draft-07/schema#',
    title: 'Dry Hull build file',
    type: 'object',
    properties: {
      format: { const: fileFormat },
      version: { const: fileVersion },
      build: { $ref: '#/definitions/Build' },
    },
    required: ['format', 'version', 'build'],
    additionalProperties: false,
    definitions: closed,
  };
}
