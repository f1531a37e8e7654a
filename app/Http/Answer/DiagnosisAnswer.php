<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Trouble\Finding;

/** What the signs point to. */
final readonly class DiagnosisAnswer
{
    /**
     * @param list<SuspectAnswer> $suspects what it may be, alone or together
     * @param list<SuspectAnswer> $each each trouble by itself, in whatever company
     * @param list<LookAnswer> $looks
     * @param list<BurnRoundAnswer> $rounds of the last days, where it may be burn from a spray
     */
    public function __construct(
        #[Shape(of: Finding::class)]
        public string $finding,
        public string $words,
        public array $suspects,
        public array $each,
        public array $looks,
        public array $rounds,
    ) {}
}
