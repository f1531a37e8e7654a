<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** What rounds of a course took, from the counts around them. */
final readonly class Judged
{
    private const HOURS_A_DAY = 24.0;

    public function __construct(private CourseMethods $methods) {}

    public static function shipped(): self
    {
        return new self(CourseMethods::shipped());
    }

    /**
     * A count before and one at the fair look, before the next round that came later than it: what is left of a hundred.
     *
     * @return list<HadMethod> earliest first
     */
    public function rounds(CourseAsk $ask): array
    {
        $rounds = $ask->rounds();
        $counts = $ask->recorded(RecordKind::Count);
        $had = [];
        foreach ($rounds as $i => $round) {
            $method = $ask->method($round->recipe);
            $fair = $method === null ? 0 : (int) ceil($this->methods->inTurn($method, $ask->pressure, $ask->trouble)->fair->judged->value / self::HOURS_A_DAY);
            $before = $after = null;
            foreach ($counts as $count) {
                if ($count->day <= $round->day) {
                    $before = $count->value ?? $before;
                } elseif ($after === null && $count->day >= $round->day + min($fair, ($rounds[$i + 1]->day ?? \PHP_INT_MAX) - $round->day)) {
                    $after = $count->value;
                }
            }
            $had[] = new HadMethod((string) $round->recipe, $before === null || $before <= 0.0 || $after === null ? null : 100.0 * (1.0 - $after / $before));
        }

        return $had;
    }
}
