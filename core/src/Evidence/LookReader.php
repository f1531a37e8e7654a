<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Words\Say;

/** Reads what somebody saw: a total, or spot by spot in numbers or classes. */
final class LookReader
{
    /** Nobody counts further by eye. */
    public const MOST = InputLines::MOST_BY_EYE['value'];

    public const KEYS = ['value', 'each', 'stages', 'newClean', 'helpers'];

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $look, LookPlan $plan, Enemies $enemies): Look
    {
        $each = self::each($look, $plan);
        $said = $look->filled('value');
        $stages = self::stages($look, $plan);
        if ($each !== null && $said !== null) {
            throw $said->fault(Say::it('evidence/look-reader.say-either-total-or-what'));
        }
        $value = match (true) {
            $each !== null => LeafCounts::of($each)->on($plan->spots),
            $said !== null => $said->countUpTo(self::MOST),
            $stages !== [] => array_sum($stages),
            default => $look->get('value')->countUpTo(self::MOST),
        };
        if (array_sum($stages) > $value * (1.0 + 1e-9) && ! $plan->percent) {
            throw ($look->filled('stages') ?? $look->get('value'))->fault(Say::it('evidence/look-reader.there-cannot-be-more-of', ['stages' => array_sum($stages), 'round' => round($value, 1)]));
        }

        return new Look($value, $each, $stages, $look->filled('newClean')?->flag(), self::helpers($look, $enemies));
    }

    /**
     * @return array<string, int|null>|null
     *
     * @throws InvalidDocument
     */
    private static function helpers(Node $look, Enemies $enemies): ?array
    {
        $said = $look->filled('helpers');

        return $said === null ? null : EnemiesReader::ofCount($said, $enemies);
    }

    /**
     * @return non-empty-list<float>|null
     *
     * @throws InvalidDocument
     */
    private static function each(Node $look, LookPlan $plan): ?array
    {
        $each = array_map(static fn(Node $spot): float => self::spot($spot, $plan), $look->filled('each')?->items(1, InputLines::MOST_SPOTS['value'], 'spots') ?? []);

        return $each === [] ? null : $each;
    }

    /** @throws InvalidDocument */
    private static function spot(Node $spot, LookPlan $plan): float
    {
        if ($plan->percent || ! $spot->isString()) {
            return $spot->countUpTo($plan->most());
        }

        return CountClass::from($spot->word(array_map(static fn(CountClass $class): string => $class->value, CountClass::cases()), 'class'))->middle();
    }

    /**
     * @return array<string, float>
     *
     * @throws InvalidDocument
     */
    private static function stages(Node $look, LookPlan $plan): array
    {
        $found = [];
        $stages = $look->filled('stages')?->object(array_keys($plan->stages));
        foreach (array_keys($plan->stages) as $stage) {
            $count = $stages?->filled($stage)?->countUpTo(self::MOST);
            if ($count !== null) {
                $found[$stage] = $count;
            }
        }

        return $found;
    }
}
