<?php

declare(strict_types=1);

namespace App\Declared;

use Illuminate\Database\Eloquent\Model;

/** What is entered of a record, as an answer tells it. */
final readonly class Told
{
    /** @param array<string, mixed> $fields by key, as JSON holds them */
    private function __construct(public array $fields) {}

    public static function of(Record $record, Model $kept): self
    {
        /** @var array<string, bool|float|int|string|null> $row */
        $row = $kept->getAttributes();
        $identities = new Identities();
        $fields = [];
        foreach ($record->entered() as $field) {
            $fields[$field->key()] = json_decode($field->told($row, $identities), flags: \JSON_THROW_ON_ERROR);
        }

        return new self($fields);
    }
}
