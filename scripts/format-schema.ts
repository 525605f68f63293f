import 'reflect-metadata/lite';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { Build } from '../src/core/model/plan/build';
import { fileFormat } from '../src/core/model/file/read-file';
import { Component, componentClasses } from '../src/core/model/kinds/board/board';
import { partClasses, partKinds } from '../src/core/model/kinds/part-spec';
import { mostPhoto } from '../src/core/base/validation/photo-field';
import { fileVersion } from '../src/core/model/file/ladder';

type Schema = Record<string, unknown>;

/** The JSON Schema of build and locker files, made from the same decorators that check one when it is read. */
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
  const component = closed[Component.name] as unknown as { properties: Schema };
  component.properties.part = {
    oneOf: Object.values(componentClasses).map(({ name }) => ({ $ref: `#/definitions/${name}` })),
  };
  build.properties.parts = { ...(build.properties.parts as Schema), items: onePart };
  const lockerItem = {
    type: 'object',
    properties: {
      part: onePart,
      state: { enum: ['own', 'mightBuy', 'catalogue'] },
      price: { type: 'number', minimum: 0, maximum: 1_000_000 },
      photo: { type: 'string', maxLength: mostPhoto, pattern: '^data:image/(jpeg|png|webp);base64,' },
    },
    required: ['part', 'state'],
    additionalProperties: false,
  };
  const wrapped = (field: string, content: Schema): Schema => ({
    type: 'object',
    properties: {
      format: { const: fileFormat },
      version: { enum: Array.from({ length: fileVersion }, (_, n) => n + 1) },
      [field]: content,
    },
    required: ['format', 'version', field],
    additionalProperties: false,
  });
  return {
    $schema: 'http://json-schema.org/draft-07/schema#',
    title: 'Dry Hull file: a build, or a locker',
    oneOf: [
      wrapped('build', { $ref: '#/definitions/Build' }),
      wrapped('locker', { type: 'array', maxItems: 12_000, items: lockerItem }),
    ],
    definitions: closed,
  };
}
