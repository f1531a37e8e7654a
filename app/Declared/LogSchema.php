<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Words\Say;

/** The schema of the log, as it follows from how the records are declared. */
final readonly class LogSchema
{
    public const FORMAT = 'idle-mixer/log';

    public const VERSION = 2;

    public function __construct(private Records $records) {}

    /** @return array<string, mixed> JSON Schema (2020-12) */
    public function whole(): array
    {
        $lists = [];
        foreach ($this->records->lists() as $list => $record) {
            $lists[$list] = ['type' => 'array', 'items' => $this->entry($record)];
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://idle-mixer.invalid/schemas/log.schema.json',
            'title' => 'Log',
            'description' => Say::it('records/log-schema.what-notebook-holds-list-by'),
            'type' => 'object',
            'additionalProperties' => false,
            'required' => ['format', 'version'],
            'properties' => ['format' => ['const' => self::FORMAT], 'version' => ['const' => self::VERSION], ...$lists, ToBuySchema::LIST => ToBuySchema::schema()],
            '$defs' => ['lights' => ['type' => 'object', 'additionalProperties' => false, 'required' => ['on', 'off'], 'properties' => ['on' => ['type' => 'string'], 'off' => ['type' => 'string']]]],
        ];
    }

    /** @return array<string, mixed> */
    private function entry(Record $record): array
    {
        $properties = [];
        $required = [];
        foreach ($record->carried() as $field) {
            $properties[$field->key()] = $field instanceof LightHours ? ['oneOf' => [['$ref' => '#/$defs/lights'], ['type' => 'null']]] : $field->schema();
            if ($field->isRequired()) {
                $required[] = $field->key();
            }
        }
        foreach ($record->parts() as $key => $part) {
            $properties[$key] = ['type' => 'array', 'maxItems' => $part->most, 'items' => $this->entry($this->records->get($part->of))];
            if ($part->required) {
                $required[] = $key;
            }
        }
        if ($record->isCorrected()) {
            $properties['was'] = ['type' => 'array', 'description' => Say::it('records/log-schema.what-was-before-each-change'), 'items' => $this->entry($this->records->of('revisions'))];
        }

        return ['type' => 'object', 'additionalProperties' => false, ...$required === [] ? [] : ['required' => $required], 'properties' => $properties];
    }
}
