<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Burn;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Leaf\Burn as Burnt;
use IdleMixer\Core\Schedule\BurnLooks;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;

/** Plants whose leaves burnt lately, and when they are looked at again. */
final class BurntPlants
{
    /** @return array<int, Burn> what a plant rests from now, because its leaves burnt and were not only marked; the last of each, by plant */
    public static function resting(DateTimeImmutable $now): array
    {
        $burns = [];
        foreach (self::lately($now) as $burn) {
            if (Burnt::is($burn->share)) {
                $burns[$burn->round->case->plant_id] = $burn;
            }
        }

        return $burns;
    }

    /** @return array<int, DateTimeImmutable> until when a plant rests, by plant */
    public static function rests(DateTimeImmutable $now): array
    {
        return array_map(static fn(Burn $burn): DateTimeImmutable => $burn->seen_at->addDays(GateLines::BURN_RESTS['value']), self::resting($now));
    }

    /** @return iterable<Burn> earliest first */
    private static function lately(DateTimeImmutable $now): iterable
    {
        return Burn::query()->where('seen_at', '>=', $now->modify('-' . GateLines::BURN_RESTS['value'] . ' days'))->where('seen_at', '<=', $now)->whereHas('round')->with(['round.case:id,plant_id', 'round.batch:id,recipe_version_id', 'round.batch.recipeVersion:id,recipe_id', 'round.batch.recipeVersion.recipe:id,slug'])->orderBy('seen_at')->get();
    }

    /** @return array<int, DateTimeImmutable> by plant: the look that is due next, after what burnt it last */
    public static function looks(DateTimeImmutable $now): array
    {
        $looks = [];
        foreach (self::lately($now) as $burn) {
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

        return array_values(Plant::query()->whereIn('id', array_keys($looks))->get()->map(static fn(Plant $plant): Task => new Task(TaskKind::LookAtBurn, $plant->id, $plant->name, $looks[$plant->id], plant: $plant->id))->all());
    }
}
