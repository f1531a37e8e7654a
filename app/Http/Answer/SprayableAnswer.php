<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Writing\WrittenVerdict;

/** A batch that could be sprayed, and what speaks for and against it. */
final readonly class SprayableAnswer
{
    /**
     * @param list<string> $strength
     * @param list<WrittenVerdict> $verdicts
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        public string $name,
        public array $strength,
        #[Shape(format: 'date-time')]
        public ?string $madeAt,
        public ?int $leafTestId,
        public array $verdicts,
        public GateAnswer $gate,
        /** The case that it was mixed for. */
        public ?int $caseId,
        /** How it is put on, in words. */
        public string $how,
        public BottleAnswer $bottle,
    ) {}
}
