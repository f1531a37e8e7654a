<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Watch;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\CaseTasks;

/** Opens a case, and puts the plants that stood next to it on the list to look at. */
final readonly class CaseOpener
{
    /**
     * @param list<int>               $together plants that are looked over in another way, and not one by one
     * @param array<string, int|null> $seen     natural enemies that are there
     *
     * @return array{PestCase, bool}
     */
    public function open(Submitted $submitted, Plant $plant, string $pest, DateTimeImmutable $openedAt, string $notes, array $together = [], array $seen = []): array
    {
        $columns = ['plant_id' => $plant->id, 'pest' => $pest, 'opened_at' => $openedAt, 'notes' => $notes, 'situation' => $seen === [] ? null : json_encode(['seen' => $seen, 'seenAt' => $openedAt->format(DATE_RFC3339)], \JSON_THROW_ON_ERROR)];

        return Submissions::of(PestCase::query(), $submitted, $columns, static function (PestCase $case) use ($plant, $openedAt, $together): void {
            foreach (self::neighbours($plant, $together) as $neighbour) {
                Watch::query()->create(['case_id' => $case->id, 'plant_id' => $neighbour->id, 'due_at' => $openedAt->modify('+' . CaseTasks::NEIGHBOURS_AFTER_HOURS . ' hours')]);
            }
        });
    }

    /**
     * @param list<int> $but
     *
     * @return list<Plant> in the same place
     */
    private static function neighbours(Plant $plant, array $but): array
    {
        if ($plant->place === '') {
            return [];
        }

        return array_values(Plant::query()->where('place', $plant->place)->whereNotIn('id', [...$but, $plant->id])->whereNull('retired_at')->orderBy('id')->get()->all());
    }
}
