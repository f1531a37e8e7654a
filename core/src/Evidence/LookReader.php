<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Document\ObjectNode;

/** Reads what somebody saw: a total, or spot by spot in numbers or classes. */
final class LookReader
{
    /** Nobody counts further by eye. */
    public const MOST = InputLines::MOST_BY_EYE['value'];

    public const KEYS = ['value', 'each', 'stages', 'newClean', 'helpers'];

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(ObjectNode $look, LookPlan $plan): Look
    {
        $each = self::each($look, $plan);
        $said = $look->filled('value');
        $stages = self::stages($look, $plan);
        if ($each !== null && $said !== null) {
            throw $said->fault('Say either a total or what is on each spot, not both: {found} stands beside a list.');
        }
        $value = match (true) {
            $each !== null => LeafCounts::of($each)->on($plan->spots),
            $said !== null => $said->countUpTo(self::MOST),
            $stages !== [] => array_sum($stages),
            default => $look->get('value')->countUpTo(self::MOST),
        };
        if (array_sum($stages) > $value * (1.0 + 1e-9) && ! $plan->percent) {
            throw ($look->filled('stages') ?? $look->get('value'))->fault('There cannot be more of all stages together than there are in all: ' . array_sum($stages) . ' of ' . round($value, 1) . '.');
        }

        return new Look($value, $each, $stages, $look->filled('newClean')?->flag(), $look->filled('helpers')?->flag());
    }

    /**
     * @return non-empty-list<float>|null
     *
     * @throws InvalidDocument
     */
    private static function each(ObjectNode $look, LookPlan $plan): ?array
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
    private static function stages(ObjectNode $look, LookPlan $plan): array
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
