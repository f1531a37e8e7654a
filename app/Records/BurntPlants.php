<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Burn;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Schedule\BurnLooks;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;

/** Plants whose leaves burnt lately, and when they are looked at again. */
final class BurntPlants
{
    /** @return array<int, DateTimeImmutable> by plant: the look that is due next, after what burnt it last */
    public static function looks(DateTimeImmutable $now): array
    {
        $looks = [];
        foreach (Burn::query()->where('seen_at', '>=', $now->modify('-' . GateLines::BURN_RESTS['value'] . ' days'))->with('round.case:id,plant_id')->orderBy('seen_at')->get() as $burn) {
            $look = BurnLooks::next($burn->seen_at, $now);
            if ($look !== null) {
                $looks[$burn->round->case->plant_id] = $look;
            }
        }

        return $looks;
    }

    /**
     * @param list<int> $plants
     *
     * @return list<Task>
     */
    public static function tasks(array $plants, DateTimeImmutable $now): array
    {
        $looks = $plants === [] ? [] : array_intersect_key(self::looks($now), array_flip($plants));

        return array_values(Plant::query()->whereIn('id', array_keys($looks))->get()->map(static fn(Plant $plant): Task => new Task(TaskKind::LookAtBurn, $plant->id, $plant->name, $looks[$plant->id]))->all());
    }
}
