<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\RecipeVersion;
use App\Records\Edits;
use App\Records\Kinds;
use App\Records\TwoVersions;
use IdleMixer\Core\Wording\ColumnWords;

/** Tells both versions of a record that two screens see differently. */
final readonly class ConflictAnswers
{
    public function __construct(private ColumnWords $words) {}

    public function of(TwoVersions $conflict): ConflictAnswer
    {
        $record = $conflict->record;
        $id = $record->getKey();

        $version = $record instanceof RecipeVersion ? $record->number : Edits::version($record);

        return new ConflictAnswer(Kinds::of($record::class), is_int($id) ? $id : 0, is_string($key = $record->getAttribute('submission')) ? $key : '', $version, $this->fields($conflict));
    }

    /** @return list<ConflictingFieldAnswer> */
    private function fields(TwoVersions $conflict): array
    {
        $saved = $conflict->record->getAttributes();
        $sent = $conflict->record->newInstance()->setRawAttributes($saved, true)->fill($conflict->columns);
        $fields = [];
        foreach (array_keys($sent->getDirty()) as $column) {
            $there = $this->words->of($column, $saved[$column] ?? null);
            $here = $this->words->of($column, $sent->getAttributes()[$column] ?? null);
            if ($there !== null && $here !== null && $there['value'] !== $here['value']) {
                $fields[] = new ConflictingFieldAnswer($there['name'], $there['value'], $here['value']);
            }
        }

        return $fields;
    }
}
