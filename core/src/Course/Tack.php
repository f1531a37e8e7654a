<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Recipe\Families;
use IdleMixer\Core\Schedule\InTurn;

/** Why a spray is given up, and for which: two judged rounds that took less than half, or as many in a row as it may have. Common practice, no source. */
final readonly class Tack
{
    /** @param array<string, int|float|string> $args */
    private function __construct(
        public string $because,
        public array $args,
        /** Slug of what works in another way; null where the course has none. */
        public ?string $to,
    ) {}

    /**
     * @param list<HadMethod>          $judged
     * @param list<array{int, InTurn}> $had
     * @param array<string, InTurn>    $left   what may be used
     */
    public static function of(CourseAsk $ask, array $judged, array $had, array $left): ?self
    {
        if ($had === []) {
            return null;
        }
        [$day, $last] = $had[count($had) - 1];
        $poor = PoorRounds::of($judged, $last->recipe);
        if ($poor !== []) {
            $ways = array_map(static fn(string $slug): string => Families::of($ask->method($slug)->way ?? ''), $poor);

            return new self('two-poor', ['recipe' => $last->recipe], self::other($ask, $left, $ways));
        }
        $row = 0;
        for ($i = count($had) - 1; $i >= 0 && $had[$i][1]->recipe === $last->recipe; --$i) {
            ++$row;
        }
        $found = array_filter($ask->recorded(RecordKind::Count, RecordKind::Look), static fn(Recorded $one): bool => $one->day > $day && $one->isFound());

        return $found !== [] && $last->inARow !== null && $row >= $last->inARow ? new self('in-a-row', ['recipe' => $last->recipe, 'rounds' => $row], self::other($ask, $left, [Families::of($last->way)])) : null;
    }

    /**
     * @param array<string, InTurn> $left
     * @param array<string>         $ways
     */
    private static function other(CourseAsk $ask, array $left, array $ways): ?string
    {
        foreach ($ask->methods as $method) {
            if (isset($left[$method->recipe->slug]) && ! in_array(Families::of($method->way), $ways, true)) {
                return $method->recipe->slug;
            }
        }

        return null;
    }
}
