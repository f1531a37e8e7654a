<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\RecordWords;

/** What one recipe did to one pest. */
final readonly class WorkedAnswer
{
    public function __construct(private TroubleCatalogue $troubles) {}

    /**
     * @param array{pest: string, slug: string, name: string, record: Record} $row
     *
     * @return array<string, mixed>
     */
    public function of(array $row): array
    {
        $record = $row['record'];
        $interval = $record->interval();

        return [
            'pest' => $row['pest'],
            'pestName' => $this->troubles->trouble($row['pest'])->name,
            'recipe' => ['slug' => $row['slug'], 'name' => $row['name']],
            'rounds' => count($record->trials),
            'judged' => count($record->judged()),
            'worked' => $record->worked(),
            'compared' => $record->compared(),
            'withHandWork' => $record->withHandWork,
            'leafTests' => $record->leafTests,
            'marked' => $record->burned,
            'medianReductionPercent' => $record->medianReduction(),
            'lowPercent' => $interval === null ? null : 100.0 * $interval->low,
            'highPercent' => $interval === null ? null : 100.0 * $interval->high,
            'outcomes' => array_map(static fn(Trial $trial): string => $trial->outcome()->value, $record->trials),
            'because' => RecordWords::of($record),
        ];
    }
}
