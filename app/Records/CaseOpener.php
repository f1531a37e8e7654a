<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Input\CaseInput;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Watch;
use IdleMixer\Core\Schedule\CaseTasks;

/** Opens a case, and puts the plants that stood next to it on the list to look at. */
final readonly class CaseOpener
{
    public function __construct(private Submissions $once) {}

    /** @return array{PestCase, bool} */
    public function open(CaseInput $input): array
    {
        return $this->once->of(PestCase::query(), $input->submission, static function () use ($input): PestCase {
            $case = PestCase::query()->create([
                'submission' => $input->submission,
                'plant_id' => $input->plant->id,
                'pest' => $input->pest,
                'opened_at' => $input->openedAt,
                'notes' => $input->notes,
            ]);
            foreach (self::neighbours($input->plant) as $plant) {
                Watch::query()->create(['case_id' => $case->id, 'plant_id' => $plant->id, 'due_at' => $input->openedAt->modify('+' . CaseTasks::NEIGHBOURS_AFTER_HOURS . ' hours')]);
            }

            return $case;
        });
    }

    /** @return list<Plant> in the same place */
    private static function neighbours(Plant $plant): array
    {
        if ($plant->place === '') {
            return [];
        }

        return array_values(Plant::query()->where('place', $plant->place)->where('id', '!=', $plant->id)->whereNull('retired_at')->orderBy('id')->get()->all());
    }
}
