<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Row\LeafState;

/** A plant as one strip of time. */
final readonly class RowAnswer
{
    /**
     * @param list<RowCurveAnswer> $curves what was counted on it, a curve each open trouble
     * @param list<RowMarkAnswer>  $rounds
     * @param list<RowMarkAnswer>  $tests
     * @param list<RowMarkAnswer>  $burns
     * @param list<WindowAnswer>   $hours  good or workable ones to come
     * @param list<RowActAnswer>   $acts   what it asks for, earliest first; what is overdue with the time at which it was due
     * @param list<RowEndAnswer>   $ends
     */
    public function __construct(
        public int $plantId,
        public string $name,
        public string $place,
        #[Shape(of: LeafState::class)]
        public string $leaf,
        /** By whose clock its days begin. */
        public string $zone,
        #[Shape(format: 'date-time')]
        public string $from,
        #[Shape(format: 'date-time')]
        public string $now,
        #[Shape(format: 'date-time')]
        public string $until,
        public array $curves,
        public array $rounds,
        public array $tests,
        public array $burns,
        public array $hours,
        public array $acts,
        public array $ends,
        /** All of it, for whoever does not see it. */
        public string $said,
        /** How it stands, in three words. */
        public string $brief,
    ) {}
}
