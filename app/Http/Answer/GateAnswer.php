<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Safety\Level;

/** Whether a spray may go on a plant now: the same wherever it is asked. */
final readonly class GateAnswer
{
    /**
     * @param list<GateReasonAnswer> $reasons  all that is not ok, the worst first
     * @param list<string>           $cautions codes, the most telling first
     */
    public function __construct(
        #[Shape(of: Level::class)]
        public string $level,
        public array $reasons,
        public array $cautions,
        /** Days until it may be picked. */
        #[Shape(least: 0)]
        public int $pickFromDays,
        #[Shape(words: ['yes', 'faded', 'no', 'this-bottle-only'])]
        public string $proven,
        /** Why a full spray wants a reason of its own; empty where it may go. */
        public string $closed,
    ) {}
}
